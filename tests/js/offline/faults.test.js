// Everything that may fail at once: each fault of a request, for each queue, in one tab and two, on each clock, with each store. The
// salon at the other end is a small one that takes each key once; tests/Browser/FaultTest.php tries the true one, in fewer cells.

import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';

const HOUR_MS = 3_600_000;
const TOLERANCE_MS = 5000;
const DEADLINE_MS = 40;
const OWNER = 'salon 1 stylist 5';

const json = (body, status = 200) => new Response(JSON.stringify(body), { status, headers: { 'Content-Type': 'application/json', 'X-Nagomi-Time': String(trueNow()) } });
const Real = Date;
const trueNow = () => Real.now();
const fails = (status) => () => json({ message: 'It fails.' }, status);
const FAULTS = {
    'a 200 that says nothing': () => json({}),
    401: fails(401), 404: fails(404), 409: fails(409), 419: fails(419), 422: fails(422), 426: fails(426), 429: fails(429), 500: fails(500), 503: fails(503),
    'a page instead of an answer': () => new Response('<!DOCTYPE html>'),
    'no answer at all': (_, { signal }) => new Promise((__, reject) => { signal.addEventListener('abort', () => reject(new Error('aborted'))); }),
    'an answer cut in the middle': (take) => {
        take();
        return new Response(new ReadableStream({ pull: (stream) => stream.error(new TypeError('cut')) }));
    },
    'taken in, and the answer lost': (take) => {
        take();
        return Promise.reject(new TypeError('Failed to fetch'));
    },
    'a line that is dead': () => Promise.reject(new TypeError('Failed to fetch')),
};
const QUEUES = ['wash', 'home routine', 'hair tests', 'plan', 'pictures'];
const TABS = [1, 2];
const CLOCKS_H = [-13, -3, 0, 3, 13];
const STORES = ['kept', 'full', 'denied', 'broken'];

/** The salon: what it holds of each place, and when and by whom it says that was done. */
const makeSalon = (fault) => {
    const taken = new Map();
    const faulty = new Map();
    const take = (address, key, doneMs, by) => {
        const of = taken.get(address) ?? new Map();
        const again = of.has(key);
        taken.set(address, of.set(key, { ...of.get(key) ?? { doneMs, by, times: 0 }, times: (of.get(key)?.times ?? 0) + (again ? 0 : 1) }));
        return { key, answer: again ? 'already-taken' : 'taken' };
    };
    const fetch = (address, init) => {
        if (address === '/token') {
            return Promise.resolve(json({ token: 'new', stylist: 5 }));
        }
        const by = init.headers['X-Nagomi-Stylist'];
        const answer = () => {
            if (init.body instanceof FormData) {
                return { said: 'Done.', ...take(address, init.headers['X-Act-Key'], trueNow(), by) };
            }
            const { acts, sent_at: sentAt } = JSON.parse(init.body);
            const measured = trueNow() - Real.parse(sentAt);
            return { answers: acts.map(({ key, at, offset_ms: offset }) => take(address, key, Real.parse(at) + (offset ?? measured), by)) };
        };
        const left = faulty.get(address) ?? 1;
        faulty.set(address, left - 1);
        return Promise.resolve(left > 0 ? fault(answer, init) : json(answer()));
    };
    return { taken, fetch };
};

/** A browser's store keeps files; the one tried here cannot copy them, so they are put beside it. */
const withFiles = (store) => {
    const files = new Map();
    return {
        ...store,
        add: (record) => {
            files.set(record.key, record.act.file);
            return store.add({ ...record, act: { ...record.act, file: undefined } });
        },
        of: async (owner) => (await store.of(owner)).map((record) => ({ ...record, act: { ...record.act, file: files.get(record.key) } })),
    };
};

/** A device's store that suffers from something. */
const storeThat = async ({ openStore, memoryStore }, how) => {
    if (how === 'kept') {
        return withFiles(await openStore());
    }
    if (how === 'denied') {
        return memoryStore('denied');
    }
    const whole = await openStore();
    return { ...whole, why: null, add: () => Promise.reject(how === 'full' ? new DOMException('', 'QuotaExceededError') : new Error('broken')) };
};

/** Two things are done in each tab, one after the other; what was refused is sent again, as by somebody who looks. */
const cell = async ({ makeQueue, stamp, stores, send }, { queue: of, tabs, store }) => {
    const address = `/${of} ${tabs} ${store}`.replaceAll(' ', '-');
    const isForm = of === 'plan' || of === 'pictures';
    const one = await storeThat(stores, store);
    const queues = Array.from({ length: tabs }, () => makeQueue({ owner: `${OWNER} ${address}`, store: one, send }));
    const keys = [];
    for (const queue of queues) {
        for (const step of ['one', 'two']) {
            const act = isForm ? { fields: { step }, ...of === 'pictures' ? { file: { field: 'picture', blob: new Blob(['x']), name: 'x.jpg' } } : {} } : { kind: 'done', step, ...stamp() };
            const { key, kept } = queue.add({ address, subject: '', label: step, act });
            keys.push(key);
            await kept;
        }
    }
    for (let i = 0; i < 60 && queues.some((queue) => queue.waiting().length + queue.refused().length > 0); i += 1) {
        for (const queue of queues) {
            await queue.look();
            for (const { key } of queue.refused()) {
                await queue.again(key);
            }
            await queue.send();
        }
        await new Promise((then) => { setTimeout(then, 2); });
    }
    const left = queues.reduce((all, queue) => all + queue.waiting().length + queue.refused().length, 0);
    queues.forEach((queue) => queue.close());
    return { address, keys, left };
};
const wentWith = (held, { keys, left }, doneMs) => {
    const acts = [...held ?? []];
    const isLate = ([, act]) => !(Math.abs(act.doneMs - doneMs) <= TOLERANCE_MS);
    return [
        [keys.some((key) => !held?.has(key)), 'lost'],
        [acts.length > keys.length || acts.some(([, { times }]) => times !== 1), 'doubled'],
        [acts.some(([, { by }]) => by !== '5'), 'misattributed'],
        [acts.some(isLate), 'at another time'],
        [left > 0, 'still kept'],
    ].find(([is]) => is)?.[1] ?? 'once';
};

beforeEach(() => {
    vi.resetModules();
    vi.stubGlobal('indexedDB', new IDBFactory());
    localStorage.clear();
    document.head.innerHTML = '<meta name="csrf-token" content="old"><meta name="stylist" content="5">';
});
afterEach(() => vi.unstubAllGlobals());

const cases = QUEUES.flatMap((queue) => TABS.flatMap((tabs) => STORES.map((store) => ({ queue, tabs, store }))));

describe.each(Object.keys(FAULTS))('%s', (fault) => {
    it.each(CLOCKS_H)('is got over once, in its time and by whom, on a clock %i h off', async (hours) => {
        const salon = makeSalon(FAULTS[fault]);
        vi.stubGlobal('fetch', salon.fetch);
        vi.stubGlobal('Date', class extends Real {
            constructor(...parts) {
                super(...(parts.length > 0 ? parts : [Real.now() + hours * HOUR_MS]));
            }

            static now() {
                return Real.now() + hours * HOUR_MS;
            }
        });
        const [{ makeQueue }, { transmit }, { stamp }, stores] = await Promise.all([
            import('../../../public/js/offline/queue.js'), import('../../../public/js/shared/transport.js'),
            import('../../../public/js/shared/salon-clock.js'), import('../../../public/js/offline/store.js'),
        ]);
        const send = (address, body, how = {}) => transmit(address, body, { ...how, deadlineMs: DEADLINE_MS });
        const doneMs = trueNow();
        const went = await Promise.all(cases.map((one) => cell({ makeQueue, stamp, stores, send }, one)));
        expect(went.map((one) => [one.address, wentWith(salon.taken.get(one.address), one, doneMs)]).filter(([, how]) => how !== 'once')).toEqual([]);
    });
});
