// A day of the home routine on the phone: what is ticked, and which day it was. The cases in tests/fixtures/home-day.json hold this and
// what the salon makes of it.

/**
 * @param {string} pageDay the day the page was made on, which may be long ago where the phone kept it
 * @param {number[]} ticks what was ticked here before
 */
export const opened = (pageDay, ticks = []) => ({ pageDay, on: pageDay, ticks, isAsked: false, isChosen: false });

/** A page of before says the day it was made on: nobody takes that for today's. */
export const looked = (state, today) => (state.pageDay !== today && !state.isChosen && state.on !== '' ? { ...state, on: '', isAsked: true } : state);

export const ticked = (state, step, isOn) => ({ ...state, ticks: [...state.ticks.filter((one) => one !== step), ...isOn ? [step] : []].sort((a, b) => a - b) });

export const chosen = (state, day) => ({ ...state, on: day, isChosen: day !== '' });

/**
 * What "I did this" comes to.
 *
 * @param {string} today by the salon's clock
 * @returns {{missing: string|null, steps: number[], date: string|null}} missing: tick-first or day-first. date: the day that was chosen;
 *     null leaves it to the salon, which knows it from the moment: a page left open over midnight must not write yesterday
 */
export const did = (state, today) => {
    const { on, ticks, isChosen } = looked(state, today);
    const missing = ticks.length === 0 ? 'tick-first' : on === '' ? 'day-first' : null;
    return { missing, steps: ticks, date: isChosen ? on : null };
};
