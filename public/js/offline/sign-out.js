// Signing out: nothing that waits is lost by it, and nobody is told that it was done where it was not.

import { forgetPages } from '../shared/keep-page.js';
import { handle, transmit } from '../shared/transport.js';
import { counted, sayOthers, words } from '../shared/words.js';
import { isAnythingKept } from './kept.js';
import { mine } from './mine.js';

const node = (name, attributes, ...children) => {
    const made = Object.assign(document.createElement(name), attributes);
    made.append(...children);
    return made;
};

/** Half-typed things of a stylist, on a tablet that others use too: what the salon has of them goes; what it has not stays, under its owner's name. */
const forgetTyped = () => {
    for (const key of Object.keys(localStorage).filter((one) => one.startsWith('nagomi-bench '))) {
        const { fields = {}, acked = {} } = JSON.parse(localStorage.getItem(key) ?? '{}') ?? {};
        if (Object.keys(fields).every((name) => fields[name] === acked[name])) {
            localStorage.removeItem(key);
        }
    }
};

const ask = (queue, go) => {
    const says = node('p', { role: 'status' });
    const button = (name, does, strong = false) => node('button', { type: 'button', className: strong ? 'button is-strong' : 'button', textContent: words(`leave.${name}`), onclick: does });
    const dialog = node(
        'dialog',
        { className: 'keys', onclose: () => dialog.remove() },
        node('h2', { textContent: words('leave.title') }),
        node('p', { textContent: `${counted('waits', queue.waiting().length)} ${words('leave.says')}` }),
        says,
        node(
            'div',
            { className: 'objects' },
            button('send', async () => {
                await queue.send();
                if (queue.waiting().length === 0) {
                    go((sentence) => { says.textContent = sentence; });
                } else {
                    says.textContent = counted('waits', queue.waiting().length);
                }
            }, true),
            button('leave', () => go((sentence) => { says.textContent = sentence; })),
            button('stay', () => dialog.close()),
        ),
    );
    document.body.append(dialog);
    dialog.showModal();
};

/** @param {HTMLFormElement} form @param {HTMLElement} line what says so where it cannot be done @param {?HTMLElement} pressed */
export const leave = async (form, line, pressed = null) => {
    const out = async () => {
        forgetTyped();
        await forgetPages();
        // Who is still signed in, in another salon, is led on from there.
        location.assign('/sign-in');
    };
    const go = async (say) => handle(await transmit(form.action, new URLSearchParams(new FormData(form, pressed))), {
        ...sayOthers(say),
        taken: out,
        // The page to sign in on is the answer.
        'sign-in': out,
        'no-network': () => say(words('leave.away')),
    });
    const queue = isAnythingKept() ? mine() : null;
    await queue?.look();
    if (queue !== null && queue.waiting().length > 0) {
        ask(queue, go);
        return;
    }
    go((sentence) => {
        line.querySelector('[data-says]').textContent = sentence;
        line.hidden = false;
    });
};
