// The queue of whoever this page belongs to: one for all scripts of a page.

import { makeQueue } from './queue.js';
import { lazyStore, openStore } from './store.js';

let queue = null;

/** @returns {object|null} at once; null on a page that belongs to nobody, such as the one to sign in on */
export const mine = () => {
    const owner = document.querySelector('meta[name="owner"]')?.content ?? null;
    if (queue === null && owner !== null) {
        queue = makeQueue({ owner, store: lazyStore(openStore()) });
        queue.look();
    }
    return queue;
};
