// What was refused is brought back to where it was done, to be done as it should have been.

/**
 * @param {object} queue
 * @param {function(object): (Promise<void>|void)} bringBack puts a refused act where it was done, and says why it was refused
 * @returns {Promise<void>} when what the address names is brought back
 */
export const onChange = (queue, bringBack) => {
    const change = async () => {
        const record = queue.refused().find(({ key }) => location.hash === `#act-${key}`);
        if (record !== undefined) {
            history.replaceState(null, '', location.pathname + location.search);
            await bringBack(record);
        }
    };
    globalThis.addEventListener('hashchange', change);
    return queue.look().then(change);
};
