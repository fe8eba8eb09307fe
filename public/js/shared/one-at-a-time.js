// What two at once would do twice is done by one at a time. Whoever asks while one is under way is served by one more that
// begins when it ends: it may have begun before what is asked about was there, or before the network was.

/** @param {() => Promise<void>} work @returns {() => Promise<void>} is through when what was there at the asking was worked on */
export const oneAtATime = (work) => {
    let underWay = null;
    let asked = false;
    const round = async () => {
        while (asked) {
            asked = false;
            await work();
        }
    };
    return () => {
        asked = true;
        underWay ??= round().finally(() => {
            underWay = null;
        });
        return underWay;
    };
};
