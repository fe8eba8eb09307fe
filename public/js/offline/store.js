// What is done and not yet with the salon, kept on the device: one record an act, so that no tab overwrites another's.

import { openDB } from '../../assets/idb.js';

const NAME = 'nagomi';

/** @typedef {{place?: number, key: string, owner: string, address: string, subject: string, label: string, act: object, state: string, sentence: string, change: string|null}} Kept */

/** Where the device keeps nothing, acts live as long as the page does, and somebody is told. */
export const memoryStore = (why) => {
    const records = new Map();
    let place = 0;
    return {
        why,
        add: (record) => {
            place += 1;
            records.set(place, { ...record, place });
            return Promise.resolve(records.get(place));
        },
        change: (at, changes) => Promise.resolve(records.has(at) && records.set(at, { ...records.get(at), ...changes })),
        drop: (at) => Promise.resolve(records.delete(at)),
        of: (owner) => Promise.resolve([...records.values()].filter((record) => record.owner === owner)),
        owners: () => Promise.resolve([...new Set([...records.values()].map(({ owner }) => owner))]),
    };
};

/** @returns {string} full, denied or broken */
export const whyNot = (wrong) => ({ QuotaExceededError: 'full', SecurityError: 'denied', InvalidStateError: 'denied' }[wrong?.name] ?? 'broken');

const databaseStore = (database) => ({
    why: null,
    async add(record) {
        const transaction = database.transaction('acts', 'readwrite', { durability: 'strict' });
        const place = await transaction.store.add(record);
        await transaction.done;
        return { ...record, place };
    },
    async change(place, changes) {
        const transaction = database.transaction('acts', 'readwrite');
        const record = await transaction.store.get(place);
        if (record !== undefined) {
            await transaction.store.put({ ...record, ...changes });
        }
        await transaction.done;
    },
    drop: (place) => database.delete('acts', place),
    of: (owner) => database.getAllFromIndex('acts', 'owner', owner),
    async owners() {
        return [...new Set((await database.getAll('acts')).map(({ owner }) => owner))];
    },
});

/** A store that never answers is no store. */
const OPEN_MS = 4000;
const late = () => new Promise((_, reject) => { setTimeout(() => reject(new Error('late')), OPEN_MS); });

/** @returns {Promise<object>} the device's store, or one in memory with `why` it is that */
export const openStore = async () => {
    try {
        const database = await Promise.race([openDB(NAME, 1, {
            upgrade(made) {
                const acts = made.createObjectStore('acts', { keyPath: 'place', autoIncrement: true });
                acts.createIndex('key', 'key', { unique: true });
                acts.createIndex('owner', 'owner');
            },
            blocking: (_, __, event) => event.target.close(),
        }), late()]);
        return databaseStore(database);
    } catch (wrong) {
        return memoryStore(whyNot(wrong));
    }
};

/** A store to be used at once, while the device's own is still being opened: whoever taps need not wait for it. */
export const lazyStore = (opening) => {
    let why = null;
    const opened = opening.then((store) => {
        why = store.why;
        return store;
    });
    const does = (name) => async (...parts) => (await opened)[name](...parts);
    return { get why() { return why; }, opened, add: does('add'), change: does('change'), drop: does('drop'), of: does('of'), owners: does('owners') };
};
