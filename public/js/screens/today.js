// A full day is shown as soon as an order is found; a better one is looked for meanwhile and put in its place.

import { handle, OUTCOMES, transmit } from '../shared/transport.js';

const LOOKS_FOR_MS = 20000;

const day = document.querySelector('[data-thoroughly]');

if (day) {
    const answer = await transmit(day.dataset.thoroughly, {}, { method: 'GET', deadlineMs: LOOKS_FOR_MS });
    handle(answer, {
        // Without an answer the day that is shown stands.
        ...Object.fromEntries(OUTCOMES.map((outcome) => [outcome, () => null])),
        taken: ({ told }) => {
            const better = new DOMParser().parseFromString(told.page, 'text/html').querySelector('[data-day]');
            // Nothing moves under a finger or a cursor; whoever is in it sees the better order on the next look.
            if (better && !day.contains(document.activeElement)) {
                day.replaceChildren(...better.childNodes);
            }
        },
    });
}
