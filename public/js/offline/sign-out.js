// Signing out: nothing that waits is lost by it, and nobody is told that it was done where it was not.

import { handle, transmit } from '../shared/transport.js';
import { counted, sayOthers, words } from '../shared/words.js';

const node = (name, attributes, ...children) => {
    const made = Object.assign(document.createElement(name), attributes);
    made.append(...children);
    return made;
};

/** Half-typed things of a stylist, on a tablet that others use too. */
const forgetTyped = () => Object.keys(localStorage).filter((key) => key.startsWith('nagomi-bench ')).forEach((key) => localStorage.removeItem(key));

const ask = (queue, leave) => {
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
                    leave((sentence) => { says.textContent = sentence; });
                } else {
                    says.textContent = counted('waits', queue.waiting().length);
                }
            }, true),
            button('leave', () => leave((sentence) => { says.textContent = sentence; })),
            button('stay', () => dialog.close()),
        ),
    );
    document.body.append(dialog);
    dialog.showModal();
};

export const signOut = (queue) => {
    const form = document.querySelector('form[data-sign-out]');
    const leave = async (say) => {
        const out = () => {
            forgetTyped();
            location.assign('/sign-in');
        };
        handle(await transmit(form.action, new URLSearchParams(new FormData(form))), {
            ...sayOthers(say),
            taken: out,
            // The page to sign in on is the answer.
            'sign-in': out,
            'no-network': () => say(words('leave.away')),
        });
    };
    form?.addEventListener('submit', (event) => {
        event.preventDefault();
        if (queue.waiting().length > 0) {
            ask(queue, leave);
        } else {
            leave((sentence) => {
                const line = document.querySelector('[data-waiting-line]');
                line.querySelector('[data-says]').textContent = sentence;
                line.hidden = false;
            });
        }
    });
};
