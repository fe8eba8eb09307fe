// Where a client fits into a day: which place is meant by a point, a key or a button. A place is {user, minute, finish, slot, says, pieces}.

/** @typedef {{user: number, minute: number, finish: number, slot: string, says: string, pieces: Array}} Place */

const ofHands = (places, user) => places.filter((place) => place.user === user);

/** @returns {Place|null} with these hands, the one that begins nearest to a minute of the day, the earlier of two; null none within reach */
export const nearest = (places, user, minute, within = Infinity) => ofHands(places, user).reduce((best, place) => {
    const far = Math.abs(place.minute - minute);
    return far <= within && (best === null || far < Math.abs(best.minute - minute)) ? place : best;
}, null);

/** @returns {Place} the one before or after with the same hands; the same where there is none */
export const stepped = (places, current, by) => {
    const own = ofHands(places, current.user);
    return own[own.indexOf(current) + by] ?? current;
};

/** @returns {Place} with the next hands that have room, as near to the same time as can be; the same where nobody else has */
export const withOthers = (places, current, by = 1) => {
    const users = [...new Set(places.map((place) => place.user))].sort((a, b) => a - b);
    const next = users[(users.indexOf(current.user) + by + users.length) % users.length];
    return next === current.user ? current : nearest(places, next, current.minute);
};

/** @returns {Place|null} where to begin: where they are booked, else the earliest */
export const first = (places, from) => (from === null ? null : nearest(places, from.user, from.minute)) ?? places[0] ?? null;

/** @returns {Array<{user: number, from: number, until: number}>} minutes in which a client can sit, joined where they meet */
export const lit = (places) => places.reduce((spans, { user, minute, finish }) => {
    const last = spans.findLast((span) => span.user === user);
    if (last !== undefined && minute <= last.until) {
        last.until = Math.max(last.until, finish);
        return spans;
    }
    return [...spans, { user, from: minute, until: finish }];
}, []);

/** @returns {number} percent of a board that goes from one minute of the day to another; what lies beyond stands at its edge */
export const percentOf = (minute, opens, closes) => Math.round(100000 * (Math.min(Math.max(minute, opens), closes) - opens) / Math.max(1, closes - opens)) / 1000;

/** @returns {[number, number, boolean]} the longest piece in which hands work: there is most room for a name */
export const roomiest = (pieces) => pieces.filter(([, , isHands]) => isHands)
    .reduce((best, piece) => (piece[1] - piece[0] > best[1] - best[0] ? piece : best));
