// Visits that could not be sent stay on this tablet and go out when the network is back. Each carries its own key, so nothing is taken in twice.

import { oneAtATime } from '../shared/one-at-a-time.js';
import { ask } from '../shared/request.js';

const KEY = 'nagomi-outbox';
const stylist = () => document.querySelector('meta[name="stylist"]')?.content ?? null;
const read = () => JSON.parse(localStorage.getItem(KEY) ?? '[]');
const write = (visits) => (visits.length > 0 ? localStorage.setItem(KEY, JSON.stringify(visits)) : localStorage.removeItem(KEY));

/** Keeps a filled form until it can be sent. */
export const keep = (action, form, name) => {
    const body = new URLSearchParams(new FormData(form));
    body.delete('_token');
    const visit = body.get('visit');
    write([...read().filter((kept) => kept.visit !== visit), { visit, action, name, stylist: stylist(), body: body.toString() }]);
};

export const waiting = () => read().filter((kept) => kept.stylist === stylist());

let said = () => {};
const sendWaiting = async () => {
    if (stylist() === null) {
        return;
    }
    for (const kept of waiting()) {
        let answer;
        try {
            answer = await ask(kept.action, new URLSearchParams(kept.body));
        } catch {
            return; // No network yet; it is tried again when there is.
        }
        if (answer.status === 401 || answer.status === 419) {
            said({ kept, state: 'sign-in' });
            return;
        }
        if (answer.ok) {
            write(read().filter((other) => other.visit !== kept.visit));
            said({ kept, state: 'sent', told: (await answer.json()).told });
        } else if (answer.status === 422) {
            // Something in it needs a hand: it goes back to the Bench as a draft.
            const fields = Object.fromEntries([...new URLSearchParams(kept.body)].filter(([name, value]) => value !== '' && /^(raw|zones|skip|taps|unit)\[|^(zone|date)$/.test(name)));
            const key = `nagomi-bench ${kept.name}`;
            localStorage.setItem(key, JSON.stringify({ fields, at: new Date().toISOString() }));
            write(read().filter((other) => other.visit !== kept.visit));
            said({ kept, state: 'look' });
        } else {
            return; // The server is unwell; it stays here.
        }
    }
};
const sendOne = oneAtATime(sendWaiting);

/** Sends what waits; says what became of each. */
export const send = (say) => {
    said = say;
    return sendOne();
};
