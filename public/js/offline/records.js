// The acts of one owner as a page sees them: what the device keeps, and what it could not keep.

import { markKept } from './kept.js';
import { memoryStore, whyNot } from './store.js';

/** @param {{owner: string, store: object}} of */
export const keepRecords = ({ owner, store }) => {
    let records = [];
    /** Acts the device could not keep. */
    const unkept = memoryStore('full');
    /** Acts that are being kept at this moment. */
    const making = new Set();
    const channel = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel('nagomi-acts');
    const listeners = [];
    /** Why this device does not keep; an act it could not keep says so, or the store itself. */
    let whyNotKept = null;
    const state = { get why() { return whyNotKept ?? store.why; } };

    const tell = () => listeners.forEach((listener) => listener());
    const keptIn = (record) => (record.isUnkept ? unkept : store);
    const look = async () => {
        const kept = await store.of(owner).catch(() => records.filter((record) => !record.isUnkept));
        markKept(kept.length > 0 || making.size > 0 || (await store.owners().catch(() => [owner])).length > 0);
        const fresh = [...kept, ...(await unkept.of(owner)).map((record) => ({ ...record, isUnkept: true }))];
        records = [...fresh, ...records.filter(({ key }) => making.has(key) && !fresh.some((one) => one.key === key))];
        tell();
    };
    const keep = async (record) => {
        let kept = record;
        try {
            kept = await store.add(record);
            markKept(true);
        } catch (wrong) {
            // Its key is there already: it is kept.
            if (wrong?.name !== 'ConstraintError') {
                whyNotKept = whyNot(wrong);
                kept = { ...await unkept.add(record), isUnkept: true };
            }
        }
        making.delete(record.key);
        records = records.map((one) => (one.key === record.key ? kept : one));
        channel?.postMessage(owner);
        tell();
        return state.why === null;
    };
    const hear = ({ data }) => data === owner && look();
    channel?.addEventListener('message', hear);

    return {
        state,
        look,
        on: (listener) => listeners.push(listener),
        waiting: (address = null) => records.filter((record) => record.state === 'waiting' && (address === null || record.address === address)),
        refused: () => records.filter((record) => record.state === 'refused'),
        isMaking: (key) => making.has(key),
        of: (key) => records.find((record) => record.key === key),
        /** Shows at once; resolves when it is kept, to whether the device keeps. */
        add(record) {
            making.add(record.key);
            records = [...records, record];
            tell();
            return keep(record);
        },
        change: (record, changes) => keptIn(record).change(record.place, changes),
        drop: (record) => keptIn(record).drop(record.place),
        /** What was changed or dropped is told to this page and to the other tabs. */
        async changed() {
            channel?.postMessage(owner);
            await look();
        },
        close: () => channel?.close(),
    };
};
