// Giving a client a place on the hands timeline: by dragging, by tapping, by keys or by buttons, all the same way. What a place does to
// everybody stands there before it is taken; nothing is sent but by the button.

import { handle, transmit } from '../../shared/transport.js';
import { sayOthers } from '../../shared/words.js';
import { first, nearest, stepped, withOthers } from './places.js';

/** An effect is asked for once a place is rested on. */
const REST_MS = 160;
const PLACES_MS = 15000;

/** So far beside a place, in minutes, it is still the one that is meant. */
const WITHIN_MINUTES = 30;

/** What each place does, asked for once. */
const makeEffects = (ask, list) => {
    const known = new Map();
    let [wanted, timer] = ['', null];
    return {
        of: (slot) => {
            wanted = slot;
            clearTimeout(timer);
            if (known.has(slot)) {
                list(known.get(slot));
                return;
            }
            timer = setTimeout(() => ask(`&at=${encodeURIComponent(slot)}`, ({ says }) => {
                known.set(slot, says);
                if (wanted === slot) {
                    list(says);
                }
            }), REST_MS);
        },
        stop: () => {
            wanted = '';
            clearTimeout(timer);
        },
    };
};

/** @param {{figure: HTMLElement, panel: object, board: object, address: string}} on */
export const makePlacing = ({ figure, panel, board, address }) => {
    let [now, place] = [null, null];

    const ask = (of, query, taken) => transmit(`${address}&${of}${query}`, {}, { method: 'GET', deadlineMs: PLACES_MS })
        .then((answer) => handle(answer, { ...sayOthers(panel.say), taken: ({ told }) => taken(told) }));
    const choose = (next) => {
        place = next;
        board.show(place, now.name);
        panel.chosen(place);
        if (place === null) {
            now.effects.stop();
        } else {
            now.effects.of(place.slot);
        }
    };
    const around = (find) => {
        if (now?.places.length > 0) {
            choose(place === null ? first(now.places, null) : find(now.places, place));
        }
    };
    const mark = (source) => {
        figure.querySelector('.is-moved')?.classList.remove('is-moved');
        figure.classList.toggle('is-placing', source !== undefined);
        source?.classList.add('is-moved');
    };
    return {
        isOpen: () => now !== null,
        confirm: () => panel.place,
        /** What is being taken is asked about no more: it would be answered with its being taken. */
        settled: () => now?.effects.stop(),
        leave: () => {
            now?.effects.stop();
            const source = now?.source;
            [now, place] = [null, null];
            board.light([]);
            board.show(null, '');
            panel.close();
            mark();
            source?.focus();
        },
        /**
         * @param {string} of who, as a query: booking=… or head=…
         * @param {HTMLElement|null} source where it began; focus comes back there
         */
        begin: async (of, source = null) => {
            const begun = { source, places: [], name: '', effects: makeEffects((query, taken) => ask(of, query, taken), panel.list) };
            [now, place] = [begun, null];
            mark(source);
            panel.opening();
            await ask(of, '', (places) => {
                if (now !== begun) {
                    return;
                }
                Object.assign(begun, { places: places.places, name: places.name });
                panel.open(places);
                board.light(places.places);
                const at = first(places.places, places.from);
                if (at === null) {
                    panel.say(places.none);
                } else {
                    choose(at);
                }
            });
        },
        /** @param {{user: number, minute: number}|null} point */
        pointed: (point) => {
            const next = point === null || now === null ? null : nearest(now.places, point.user, point.minute, WITHIN_MINUTES);
            if (now?.places.length > 0 && (next === null || next !== place)) {
                choose(next);
            }
        },
        moved: (by) => around((places, at) => stepped(places, at, by)),
        handed: (by = 1) => around((places, at) => withOthers(places, at, by)),
    };
};
