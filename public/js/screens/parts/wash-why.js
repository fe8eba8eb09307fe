// A change that breaks a rule of the wash day is made for a reason, or not at all.

import { words } from '../../shared/words.js';
import { newlyBroken } from './wash-order.js';
import { orderedOf } from './wash-steps.js';
import { tapped } from './wash-machine.js';

const CHANGES = ['add', 'move', 'set', 'skip', 'swap'];
const REASONS = ['client-wish', 'hair-asks', 'no-time', 'judgement'];

/**
 * @param {HTMLDialogElement} dialog
 * @param {{plan: object, state: function(): object, act: function(string, string, object): void}} of
 * @returns {function(string, string, object, function(): void=): void} acts at once, or once a reason is given; `then` when it acted
 */
export const whyBefore = (dialog, { plan, state, act }) => (kind, step, value = {}, then = () => {}) => {
    const now = state();
    const breaks = CHANGES.includes(kind)
        ? newlyBroken(orderedOf(plan, now), orderedOf(plan, tapped(now, { kind, step, value, at: null, device: '' })))
        : [];
    if (breaks.length === 0) {
        act(kind, step, value);
        then();
        return;
    }
    const from = document.activeElement;
    const close = (because) => {
        dialog.close();
        from?.focus?.({ preventScroll: true });
        if (because !== null) {
            act(kind, step, { ...value, because });
            then();
        }
    };
    const button = (text, because, className) => Object.assign(document.createElement('button'), { type: 'button', className, textContent: text, onclick: () => close(because) });
    const rules = [...new Set(breaks.map(({ rule }) => rule))];
    dialog.replaceChildren(
        ...rules.map((rule) => Object.assign(document.createElement('p'), { textContent: words(`rules.${rule}`) })),
        Object.assign(document.createElement('p'), { className: 'reason', textContent: words('why') }),
        ...REASONS.map((because) => button(words(`because.${because}`), because, 'button is-large')),
        button(words('why-not'), null, 'button is-strong is-large'),
    );
    dialog.showModal();
    // Whoever taps on without reading leaves it as it was.
    dialog.lastElementChild.focus();
};
