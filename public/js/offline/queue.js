// The one queue. What is done on a device is kept as an act, shows at once, and is sent until the salon has answered for that act;
// nothing leaves the device without that answer or somebody's own word.

import { newKey } from '../shared/act-key.js';
import { oneAtATime } from '../shared/one-at-a-time.js';
import { stamp } from '../shared/salon-clock.js';
import { handle, transmit } from '../shared/transport.js';
import { keepRecords } from './records.js';

const BATCH = 100;
/** Pictures are sent few at a time. */
const BATCH_BYTES = 1_500_000;
const FIRST_WAIT_MS = 2000;
/** The network comes back without a word; a server that is unwell is left in peace for longer. */
const LONGEST_WAIT_MS = { away: 8000, busy: 60_000 };
const STOPPED_MS = 10_000;
/** A picture over a salon's network takes its time. */
const FORM_MS = 60_000;
const LOCK_MS = 30_000;
const RECEIPTS = ['taken', 'already-taken'];

const device = () => {
    try {
        const known = localStorage.getItem('nagomi-device') ?? newKey();
        localStorage.setItem('nagomi-device', known);
        return known;
    } catch {
        return 'unknown';
    }
};

/** As many acts as go together, in the order they were made. */
export const batchOf = (records, most) => {
    const batch = [];
    let bytes = 0;
    for (const record of records.slice(0, most)) {
        bytes += JSON.stringify(record.act).length;
        if (batch.length > 0 && bytes > BATCH_BYTES) {
            break;
        }
        batch.push(record);
    }
    return batch;
};

/** One tab of a browser sends at a time; where a browser cannot see to that, the salon tells acts apart by their keys. */
const alone = async (name, work) => {
    if (!globalThis.navigator?.locks) {
        await work();
        return;
    }
    let began = false;
    try {
        await navigator.locks.request(name, { signal: AbortSignal.timeout(LOCK_MS) }, () => {
            began = true;
            return work();
        });
    } catch (wrong) {
        if (began) {
            throw wrong;
        }
        // Another tab is sending all this while.
    }
};

/** A form of its own, with a file where there is one, as its page would send it. */
const formOf = ({ fields, file }) => {
    const form = new FormData();
    Object.entries(fields).filter(([, value]) => value !== undefined && value !== null).forEach(([name, value]) => form.append(name, value));
    if (file) {
        form.append(file.field, file.blob, file.name);
    }
    return form;
};

/** When the next try comes: sooner at first, later the longer it fails. */
const makePatience = (state, again) => {
    let failures = 0;
    let timer = null;
    const waitFor = (ms) => {
        clearTimeout(timer);
        state.waitUntilMs = performance.now() + ms;
        timer = setTimeout(again, ms);
    };
    return {
        waitFor,
        failed(network, waitMs) {
            state.network = network;
            failures += 1;
            const longest = Math.min(LONGEST_WAIT_MS[network], FIRST_WAIT_MS * 2 ** (failures - 1));
            // Tablets of one salon come back at the same moment; not all of them ask at the same one.
            waitFor(waitMs ?? longest * (0.75 + Math.random() / 4));
            return false;
        },
        fresh() {
            failures = 0;
            state.waitUntilMs = 0;
        },
        stop: () => clearTimeout(timer),
    };
};

/** What the salon said of each act is done with it here: only then does it leave the device. */
const makeReceiver = (records, tell) => {
    const refuse = (record, sentence) => records.change(record, { state: 'refused', sentence });
    const refuseAll = async (batch, sentence) => {
        await Promise.all(batch.map((record) => refuse(record, sentence)));
        return batch.length > 0;
    };
    /** @returns {Promise<number>} of how many the salon said what became of them */
    const receive = async (batch, answers) => {
        let answered = 0;
        for (const [i, record] of batch.entries()) {
            const answer = answers.find(({ key }) => key === record.key) ?? (answers[i]?.key === null ? answers[i] : null);
            if (answer && RECEIPTS.includes(answer.answer)) {
                await records.drop(record);
            } else if (answer) {
                await refuse(record, answer.sentence ?? '');
            }
            if (answer) {
                tell('answered', record, answer);
                answered += 1;
            }
        }
        return answered;
    };
    return { receive, refuseAll };
};

/** An address that takes one form at a time answers for that one, by the key it carries; all others take a list. */
const askFor = async (post, address, batch) => {
    if (batch[0]?.act.fields === undefined) {
        return post(address, { device: device(), sent_at: stamp().at, acts: batch.map(({ key, act }) => ({ key, ...act })) });
    }
    let form;
    try {
        form = formOf(batch[0].act);
    } catch {
        // A file the device has lost: it must not hold up what stands behind it.
        return { outcome: 'refused', sentence: '', told: null, status: null, waitMs: null };
    }
    const answer = await post(address, form, { key: batch[0].key, deadlineMs: FORM_MS });
    // It says what it did, or where to look at it; whatever else answered has taken nothing in.
    const isReceipt = typeof answer.told?.said === 'string' || typeof answer.told?.to === 'string';
    return isReceipt ? { ...answer, told: { ...answer.told, answers: [{ key: batch[0].key, answer: 'taken', to: answer.told.to }] } } : answer;
};

/** Sends the acts for one address, a batch at a time. */
const makeSender = ({ records, state, patience, post, tell, isWatched }) => {
    const { receive, refuseAll } = makeReceiver(records, tell);
    const sizes = new Map();
    /** Acts at which the server stumbled alone: the others go first. */
    const stumbled = new Set();

    const sendable = (address) => {
        const all = records.waiting(address).filter(({ key }) => !records.isMaking(key));
        return [...all.filter(({ key }) => !stumbled.has(key)), ...all.filter(({ key }) => stumbled.has(key))];
    };
    const stopped = (why) => () => {
        state.trouble = why;
        patience.waitFor(STOPPED_MS);
        return false;
    };

    /** @returns {Promise<boolean>} whether to go on with this address */
    return async (address) => {
        const ready = sendable(address);
        if (ready.length === 0 && !isWatched(address)) {
            return false;
        }
        const batch = batchOf(ready, ready[0]?.act.fields === undefined ? sizes.get(address) ?? BATCH : 1);
        const answer = await askFor(post, address, batch);
        const goesOn = await handle(answer, {
            taken: async ({ told }) => {
                [state.network, state.trouble] = ['there', null];
                patience.fresh();
                const answered = await receive(batch, Array.isArray(told.answers) ? told.answers : []);
                await records.changed();
                tell('told', address, told);
                // Without an answer for any of them it would be asked for without end.
                return batch.length > 0 && (answered > 0 || patience.failed('busy', null));
            },
            refused: ({ sentence }) => {
                state.network = 'there';
                if (batch.length < 2) {
                    return refuseAll(batch, sentence);
                }
                // One of them is what displeases: each is sent by itself.
                sizes.set(address, 1);
                return true;
            },
            gone: async ({ sentence }) => {
                state.network = 'there';
                const goes = await refuseAll(batch, sentence);
                tell('told', address, null);
                return goes;
            },
            'sign-in': stopped('sign-in'),
            'too-old': stopped('too-old'),
            busy: ({ waitMs, status }) => {
                if (status === 500 && batch.length > 1) {
                    // Perhaps it stumbles over one of them.
                    sizes.set(address, Math.ceil(batch.length / 4));
                } else if (status === 500 && batch.length === 1) {
                    stumbled.add(batch[0].key);
                }
                return patience.failed('busy', waitMs);
            },
            'no-network': () => patience.failed('away', null),
        });
        await records.changed();
        if (records.waiting(address).length === 0) {
            sizes.delete(address);
        }
        return goesOn;
    };
};

/**
 * @param {{owner: string, store: object, send?: typeof transmit}} of owner: the stylist of a salon, or the client of a head
 */
export const makeQueue = ({ owner, store, send: post = transmit }) => {
    const records = keepRecords({ owner, store });
    const watched = new Set();
    const listeners = { changed: [], told: [], answered: [] };
    const state = { trouble: null, network: 'unknown', waitUntilMs: 0, get why() { return records.state.why; } };
    const tell = (what, ...parts) => listeners[what].forEach((listener) => listener(...parts));
    records.on(() => tell('changed'));
    const patience = makePatience(state, () => send());
    const sendTo = makeSender({ records, state, patience, post, tell, isWatched: (address) => watched.has(address) });

    const sendAll = async () => {
        await records.look();
        for (const address of new Set([...records.waiting().map((record) => record.address), ...watched])) {
            let goesOn = true;
            while (goesOn) {
                goesOn = await sendTo(address);
            }
        }
    };
    // Where the device's store fails in the middle, what was not noted is sent again, and told apart by its key.
    const send = oneAtATime(() => alone(`nagomi-send ${owner}`, sendAll).catch(() => patience.failed('busy', null)));
    /** A timer asks; it does not hurry what waits for a reason. */
    const poll = () => (performance.now() >= state.waitUntilMs ? send() : Promise.resolve());
    const comeBack = () => {
        patience.fresh();
        return send();
    };
    globalThis.addEventListener?.('online', comeBack);

    return {
        owner,
        state,
        device: device(),
        waiting: records.waiting,
        refused: records.refused,
        look: records.look,
        send: comeBack,
        poll,
        /** Asks this address each time, also when nothing waits for it. */
        watch: (address) => watched.add(address),
        on: (what, listener) => listeners[what].push(listener),
        /** Shows at once, is kept in a moment and then sent. */
        add({ address, subject, label, act, change = null }) {
            const record = { key: act.key ?? newKey(), owner, address, subject, label, act, change, state: 'waiting', sentence: '' };
            const kept = records.add(record);
            return { key: record.key, kept, sent: kept.then(poll) };
        },
        async again(key, changes = {}) {
            await records.change(records.of(key), { ...changes, state: 'waiting', sentence: '' });
            await records.changed();
            await comeBack();
        },
        async drop(key) {
            await records.drop(records.of(key));
            await records.changed();
        },
        close() {
            patience.stop();
            records.close();
            globalThis.removeEventListener?.('online', comeBack);
        },
    };
};
