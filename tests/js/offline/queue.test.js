import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { makeQueue } from '../../../public/js/offline/queue.js';
import { memoryStore, openStore } from '../../../public/js/offline/store.js';
import { transmit } from '../../../public/js/shared/transport.js';

const OWNER = 'salon 1 stylist 5';
const ADDRESS = '/clients/a/wash/b/acts';
/** The salon at the other end: it takes each key once, whatever happens to its answer. */
const salon = () => {
    const taken = new Map();
    const got = [];
    const answer = ({ acts }) => ({
        answers: acts.map(({ key, kind }) => {
            if (kind === 'odd') {
                return { key, answer: 'unreadable', sentence: 'This tap cannot be read.' };
            }
            if (kind === 'late') {
                return { key, answer: 'refused', sentence: 'The wash day was ended.' };
            }
            const again = taken.has(key);
            taken.set(key, (taken.get(key) ?? 0) + (again ? 0 : 1));
            return { key, answer: again ? 'already-taken' : 'taken' };
        }),
    });
    return { taken, got, answer };
};
const json = (body, status = 200) => new Response(JSON.stringify(body), { status, headers: { 'Content-Type': 'application/json' } });
const plan = { device: 'd', kind: 'done' };
const settle = async (queue, ms = 20_000) => {
    const until = performance.now() + ms;
    while (queue.waiting().length > 0 && performance.now() < until) {
        await queue.send();
        await new Promise((then) => { setTimeout(then, 5); });
    }
};
/** Stands between the queue and the salon: does `fault` to the first answers, then lets all through. */
const between = (at, fault, times = 2) => {
    let left = times;
    vi.stubGlobal('fetch', (address, init) => {
        if (address === '/token') {
            return Promise.resolve(json({ token: 'new', stylist: 5 }));
        }
        const body = JSON.parse(init.body);
        at.got.push(body.acts.map(({ key }) => key));
        left -= 1;
        return Promise.resolve(left >= 0 ? fault(() => at.answer(body), init) : json(at.answer(body)));
    });
};
/** What may happen to a request, before or after the salon has taken it in. */
const FAULTS = {
    401: () => json({ message: 'Sign in.' }, 401),
    409: () => json({ message: 'No.' }, 409),
    419: () => json({ message: 'Stale.' }, 419),
    429: () => json({ message: 'Often.' }, 429),
    500: () => json({ message: 'Broken.' }, 500),
    503: () => json({ message: 'Away.' }, 503),
    '500 after it was taken in': (take) => { take(); return json({ message: 'Broken.' }, 500); },
    'a page': () => new Response('<html></html>'),
    hang: (_, { signal }) => new Promise((__, reject) => { signal.addEventListener('abort', () => reject(new Error('aborted'))); }),
    'cut after it was taken in': (take) => { take(); return new Response(new ReadableStream({ pull: (stream) => stream.error(new TypeError('cut')) })); },
    'no network': () => Promise.reject(new TypeError('Failed to fetch')),
    'answers of others': () => json({ answers: [{ key: 'somebody else’s', answer: 'taken' }] }),
    'no answers': () => json({}),
};

beforeEach(() => {
    vi.stubGlobal('indexedDB', new IDBFactory());
    localStorage.clear();
    document.head.innerHTML = '<meta name="csrf-token" content="old"><meta name="stylist" content="5">';
});
const quick = (address, body) => transmit(address, body, { deadlineMs: 30 });
const stores = { kept: openStore, memory: () => Promise.resolve(memoryStore('denied')) };
const cells = Object.keys(FAULTS).flatMap((fault) => [1, 2].flatMap((tabs) => Object.keys(stores).map((store) => ({ fault, tabs, store }))));

describe('whatever happens on the way, each act is taken in once', () => {
    it.each(cells)('$fault, $tabs tabs, $store', async ({ fault, tabs, store }) => {
        const at = salon();
        between(at, FAULTS[fault]);
        const kept = await stores[store]();
        const queues = Array.from({ length: tabs }, () => makeQueue({ owner: OWNER, store: kept, send: quick }));
        const keys = [];
        await Promise.all(queues.flatMap((queue) => [1, 2, 3].map((i) => {
            const { key, kept: isKept } = queue.add({ address: ADDRESS, subject: 'wash b', label: `Step ${i}`, act: { ...plan, step: `s${i}` } });
            keys.push(key);
            return isKept;
        })));
        for (const queue of queues) {
            await settle(queue);
        }
        // What is refused as a whole is not lost: it is there to be sent again.
        for (const queue of queues) {
            await queue.look();
            for (const { key } of queue.refused()) {
                await queue.again(key);
            }
            await settle(queue);
        }
        expect([...at.taken.keys()].sort()).toEqual(keys.sort());
        expect([...at.taken.values()].every((times) => times === 1)).toBe(true);
        expect(queues.flatMap((queue) => queue.waiting())).toEqual([]);
        queues.forEach((queue) => queue.close());
    });
});

describe('the queue', () => {
    const open = async () => makeQueue({ owner: OWNER, store: await openStore(), send: quick });
    it('keeps good taps behind an odd one', async () => {
        const at = salon();
        between(at, null, 0);
        const queue = await open();
        const kinds = ['odd', ...Array.from({ length: 10 }, () => 'done'), 'late'];
        await Promise.all(kinds.map((kind, i) => queue.add({ address: ADDRESS, subject: '', label: `${kind} ${i}`, act: { kind, step: `s${i}` } }).kept));
        await settle(queue);
        expect(at.taken.size).toBe(10);
        expect(queue.refused().map(({ label, sentence }) => [label, sentence])).toEqual([
            ['odd 0', 'This tap cannot be read.'], ['late 11', 'The wash day was ended.'],
        ]);
        await queue.drop(queue.refused()[0].key);
        expect(queue.refused()).toHaveLength(1);
        queue.close();
    });
    it('finds the one act at which everything is refused', async () => {
        const at = salon();
        vi.stubGlobal('fetch', (_, init) => {
            const body = JSON.parse(init.body);
            return Promise.resolve(body.acts.some(({ step }) => step === 's2') ? json({ message: 'This one.' }, 422) : json(at.answer(body)));
        });
        const queue = await open();
        await Promise.all([0, 1, 2, 3, 4].map((i) => queue.add({ address: ADDRESS, subject: '', label: '', act: { kind: 'done', step: `s${i}` } }).kept));
        await settle(queue);
        expect(at.taken.size).toBe(4);
        expect(queue.refused().map(({ act, sentence }) => [act.step, sentence])).toEqual([['s2', 'This one.']]);
        queue.close();
    });
    it('lets the others by where the server breaks at one', async () => {
        const at = salon();
        vi.stubGlobal('fetch', (_, init) => {
            const body = JSON.parse(init.body);
            return Promise.resolve(body.acts.some(({ step }) => step === 's0') ? json({ message: 'Broken.' }, 500) : json(at.answer(body)));
        });
        const queue = await open();
        await Promise.all([0, 1, 2, 3, 4].map((i) => queue.add({ address: ADDRESS, subject: '', label: '', act: { kind: 'done', step: `s${i}` } }).kept));
        await settle(queue, 300);
        expect(at.taken.size).toBe(4);
        expect(queue.waiting().map(({ act }) => act.step)).toEqual(['s0']);
        queue.close();
    });
    it('sends 500 acts in batches, in the order they were made, and does not ask without end', async () => {
        const at = salon();
        between(at, null, 0);
        const queue = await open();
        const keys = [];
        for (let i = 0; i < 500; i++) {
            keys.push(queue.add({ address: ADDRESS, subject: '', label: '', act: { kind: 'done', step: `s${i}` } }));
        }
        await Promise.all(keys.map(({ kept }) => kept));
        await settle(queue, 30_000);
        expect([...at.taken.keys()]).toEqual(keys.map(({ key }) => key));
        expect(at.got.flat()).toHaveLength(500);
        queue.close();
    });
    it('sends a form with its file by itself, under its own key each time', async () => {
        const sent = [];
        vi.stubGlobal('fetch', async (address, init) => {
            sent.push([address, init.headers['X-Act-Key'], [...init.body.keys()], await init.body.get('picture')?.text?.()]);
            return sent.length === 1 ? json({ message: 'Away.' }, 503) : json({ to: '/there' }, 201);
        });
        // What keeps a file in a browser cannot be tried here.
        const queue = makeQueue({ owner: OWNER, store: memoryStore(null), send: transmit });
        const answered = vi.fn();
        queue.on('answered', (record, { to }) => answered(record.label, to));
        const file = { field: 'picture', blob: new Blob(['pixels']), name: 'ring.jpg' };
        const { key } = queue.add({ address: '/pictures', subject: '', label: 'a picture', act: { fields: { kind: 'after', note: undefined }, file } });
        queue.add({ address: '/plan', subject: '', label: 'a move', act: { fields: { date: '2027-01-09' } } });
        await settle(queue);
        expect(answered.mock.calls.sort()).toEqual([['a move', '/there'], ['a picture', '/there']]);
        const pictures = sent.filter(([address]) => address === '/pictures');
        // Nothing is asked of an address that nothing waits for.
        expect(sent.filter(([address]) => address === '/plan').length).toBeLessThan(3);
        expect(pictures.every(([, under, names]) => under === key && names.join() === 'kind,picture')).toBe(true);
        // A file that was lost is told of, and holds nothing up.
        queue.add({ address: '/pictures', subject: '', label: 'lost', act: { fields: {}, file: { ...file, blob: {} } } });
        queue.add({ address: '/pictures', subject: '', label: 'found', act: { fields: {}, file } });
        await settle(queue);
        expect(queue.refused().map(({ label }) => label)).toEqual(['lost']);
        expect(answered).toHaveBeenLastCalledWith('found', '/there');
        queue.close();
    });
    it('asks no more often than it waits where nothing is answered for', async () => {
        vi.stubGlobal('fetch', vi.fn(() => Promise.resolve(json({ answers: [] }))));
        const queue = await open();
        await Promise.all(Array.from({ length: 21 }, (_, i) => queue.add({ address: ADDRESS, subject: '', label: '', act: { kind: 'done', step: `s${i}` } }).kept));
        await new Promise((then) => { setTimeout(then, 100); });
        const before = fetch.mock.calls.length;
        await Promise.all([1, 2, 3].map(() => queue.poll()));
        await new Promise((then) => { setTimeout(then, 300); });
        expect(fetch.mock.calls.length - before).toBe(0);
        expect(queue.waiting()).toHaveLength(21);
        queue.close();
    });
    it('keeps each one’s acts to themselves', async () => {
        const at = salon();
        between(at, null, 0);
        const store = await openStore();
        vi.stubGlobal('fetch', () => Promise.reject(new TypeError('away')));
        const ilse = makeQueue({ owner: 'salon 1 stylist 5', store, send: quick });
        await ilse.add({ address: ADDRESS, subject: '', label: '', act: { kind: 'done', step: 's1' } }).sent;
        const quim = makeQueue({ owner: 'salon 1 stylist 6', store, send: quick });
        between(at, null, 0);
        await quim.send();
        expect(at.taken.size).toBe(0);
        await ilse.send();
        expect(at.taken.size).toBe(1);
        [ilse, quim].forEach((queue) => queue.close());
    });
    it('says when the device cannot keep, and sends all the same', async () => {
        const at = salon();
        between(at, null, 0);
        const store = await openStore();
        const full = { ...store, add: () => Promise.reject(new DOMException('full', 'QuotaExceededError')) };
        const queue = makeQueue({ owner: OWNER, store: full, send: quick });
        const { kept } = queue.add({ address: ADDRESS, subject: '', label: '', act: { kind: 'done', step: 's1' } });
        expect(await kept).toBe(false);
        expect(queue.state).toMatchObject({ why: 'full' });
        await settle(queue);
        expect(at.taken.size).toBe(1);
        queue.close();
    });
});
