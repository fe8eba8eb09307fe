// The walk: which tests are done, and which comes next.

import { isFilled } from '../../shared/fields.js';
import { words } from '../../shared/words.js';

const fieldsOf = (root) => [...root.querySelectorAll('[name^="raw["], [name^="zones["]')];

/** @returns {{show: function(): void}} */
export const makeWalk = (form, current) => {
    const walk = document.querySelector('[data-walk]');
    const steps = [...(walk?.querySelectorAll('[data-walk-to]') ?? [])];
    const stateOf = (name) => {
        const test = document.getElementById(`test-${name}`);
        if (fieldsOf(test).some(isFilled)) {
            return words('walk-done');
        }
        return test.querySelector('select[name^="skip["]')?.value ? words('walk-left-out') : '';
    };
    const show = () => steps.forEach((step) => {
        const state = stateOf(step.dataset.walkTo);
        step.querySelector('[data-state]').textContent = state === '' ? '' : `· ${state}`;
        step.classList.toggle('is-done', state !== '');
    });
    const goTo = (name) => {
        const test = document.getElementById(`test-${name}`);
        test.scrollIntoView({ block: 'center' });
        test.querySelector('input:not([type=hidden]), select')?.focus({ preventScroll: true });
    };
    if (walk) {
        walk.hidden = false;
        steps.forEach((step) => step.addEventListener('click', (event) => {
            event.preventDefault();
            goTo(step.dataset.walkTo);
        }));
        const next = form.querySelector('[data-next]');
        next.hidden = false;
        next.addEventListener('click', () => {
            const names = steps.map((step) => step.dataset.walkTo);
            const from = names.indexOf(document.activeElement?.closest('[data-test]')?.dataset.test ?? current() ?? '');
            const open = [...names.slice(from + 1), ...names.slice(0, from + 1)].find((name) => stateOf(name) === '');
            if (open) {
                goTo(open);
            } else {
                form.querySelector('.save .is-strong').focus();
            }
        });
        show();
    }
    return { show };
};
