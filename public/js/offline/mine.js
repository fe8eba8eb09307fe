// The queue of whoever this page belongs to: one for all scripts of a page.

import { makeQueue } from './queue.js';
import { openStore } from './store.js';

const owner = () => document.querySelector('meta[name="owner"]')?.content ?? null;
let queue = null;

/** @returns {Promise<object|null>} null on a page that belongs to nobody, such as the one to sign in on */
export const mine = () => {
    queue ??= owner() === null ? Promise.resolve(null) : openStore().then(async (store) => {
        const made = makeQueue({ owner: owner(), store });
        await made.look();
        return made;
    });
    return queue;
};
