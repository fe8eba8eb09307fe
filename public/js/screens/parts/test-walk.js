// The recommended tests one by one, each on a card of its own; the whole list is one tap away.

import { isFilled } from '../../shared/fields.js';
import { counted, words } from '../../shared/words.js';

const LIST_KEY = 'nagomi-hair-tests-as-list';
const fieldsOf = (root) => [...root.querySelectorAll('[name^="raw["], [name^="zones["]')];

/**
 * @param {string[]} names in their order
 * @param {function(string): boolean} isOpen neither filled in nor skipped
 * @param {string} from the one that is shown
 * @returns {string|null} the next that is still to do, after this one first; null where all others are done
 */
export const nextOpen = (names, isOpen, from) => {
    const at = names.indexOf(from);

    return [...names.slice(at + 1), ...names.slice(0, Math.max(0, at))].find(isOpen) ?? null;
};

/** @returns {number} minutes that the tests still to do take, whole */
export const minutesLeft = (minutes, isOpen) => Math.ceil(Object.entries(minutes).reduce((sum, [name, takes]) => sum + (isOpen(name) ? takes : 0), 0));

const remembersList = () => {
    try {
        return localStorage.getItem(LIST_KEY) === '1';
    } catch {
        return false;
    }
};
const rememberList = (isList) => {
    try {
        localStorage.setItem(LIST_KEY, isList ? '1' : '0');
    } catch {
        // Where nothing may be kept it is chosen anew each time.
    }
};

/** @returns {{show: function(): void}} */
export const makeWalk = (form, current) => {
    const bar = document.querySelector('[data-walk]');
    if (! bar) {
        return { show: () => {} };
    }
    const steps = [...bar.querySelectorAll('[data-walk-to]')];
    const names = steps.map((step) => step.dataset.walkTo);
    const minutes = JSON.parse(bar.dataset.minutes);
    const [next, back, all] = ['[data-next]', '[data-walk-back]', '[data-walk-all]'].map((css) => (css === '[data-walk-all]' ? bar : form).querySelector(css));
    const left = bar.querySelector('[data-walk-left]');
    const testOf = (name) => document.getElementById(`test-${name}`);
    const stateOf = (name) => {
        if (fieldsOf(testOf(name)).some(isFilled)) {
            return words('walk-done');
        }
        return testOf(name).querySelector('select[name^="skip["]')?.value ? words('walk-left-out') : '';
    };
    const isOpen = (name) => stateOf(name) === '';
    let at = names[0];
    let isList = 'list' in bar.dataset || remembersList();

    const show = () => {
        // What was filled in beside the recommended tests is not to be hidden.
        isList ||= fieldsOf(form).some((field) => isFilled(field) && ! names.includes(field.closest('[data-test]')?.dataset.test));
        form.classList.toggle('is-walk', ! isList);
        all.textContent = isList ? all.dataset.one : all.dataset.all;
        steps.forEach((step) => {
            const state = stateOf(step.dataset.walkTo);
            step.querySelector('[data-state]').textContent = state === '' ? '' : `· ${state}`;
            step.classList.toggle('is-done', state !== '');
            step.toggleAttribute('aria-current', ! isList && step.dataset.walkTo === at);
        });
        names.forEach((name) => testOf(name).classList.toggle('is-current', name === at));
        const open = nextOpen(names, isOpen, at);
        const minutesToGo = minutesLeft(minutes, isOpen);
        left.textContent = minutesToGo === 0 ? words('walk-over') : counted('walk-left', minutesToGo, { at: names.indexOf(at) + 1, all: names.length });
        next.textContent = open === null ? words('walk-next-none') : words('walk-next', { test: steps[names.indexOf(open)].firstChild.textContent.trim() });
        form.classList.toggle('is-finished', ! names.some((name) => name !== at && isOpen(name)));
        back.disabled = names.indexOf(at) === 0;
        back.hidden = isList;
    };
    const goTo = (name) => {
        at = name;
        show();
        const test = testOf(name);
        (isList ? test : bar).scrollIntoView({ block: isList ? 'center' : 'start' });
        test.querySelector('input:not([type=hidden]), select')?.focus({ preventScroll: true });
    };
    bar.hidden = false;
    next.hidden = false;
    steps.forEach((step) => step.addEventListener('click', (event) => {
        event.preventDefault();
        goTo(step.dataset.walkTo);
    }));
    next.addEventListener('click', () => {
        const from = isList ? document.activeElement?.closest('[data-test]')?.dataset.test ?? current() ?? '' : at;
        const open = nextOpen(names, isOpen, from);
        if (open === null) {
            form.querySelector('.save .is-strong').focus();
        } else {
            goTo(open);
        }
    });
    back.addEventListener('click', () => goTo(names[Math.max(0, names.indexOf(at) - 1)]));
    all.addEventListener('click', () => {
        isList = ! isList;
        rememberList(isList);
        show();
    });
    show();

    return { show };
};
