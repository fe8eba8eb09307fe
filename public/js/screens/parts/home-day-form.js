// One day of the home routine on the page: its ticks, its date and its key. What is ticked and not sent yet stays on the phone.

import { words } from '../../shared/words.js';
import { chosen, did, looked, opened, ticked } from './home-day.js';

const makeMemory = (name) => ({
    read() {
        try {
            return JSON.parse(localStorage.getItem(name) ?? '[]').map(Number);
        } catch {
            return [];
        }
    },
    write(steps) {
        try {
            localStorage.setItem(name, JSON.stringify(steps));
        } catch {
            // Then it is ticked as long as the page is open.
        }
    },
    forget() {
        try {
            localStorage.removeItem(name);
        } catch {
            // Nothing is kept.
        }
    },
});

/**
 * @param {HTMLElement} day with data-uid
 * @param {{card: string, pageDay: string, today: function(): string, say: function(string, boolean): void, did: function(object, string|null): void}} of
 * @returns {{uid: string, bringBack: function(number[], string): void}}
 */
export const makeDay = (day, of) => {
    const { uid } = day.dataset;
    const ticks = [...day.querySelectorAll('[data-step]')];
    const on = day.querySelector('[data-on]');
    const button = day.querySelector('[data-wash]');
    const memory = makeMemory(`nagomi-card ${of.card} ${uid}`);
    let state = opened(of.pageDay, memory.read());

    const show = () => {
        on.value = state.on;
        ticks.forEach((tick) => { tick.checked = state.ticks.includes(Number(tick.dataset.step)); });
        if (state.isAsked) {
            on.max = of.today();
            day.querySelector('[data-on-label]').textContent = words('which-day');
        }
    };
    const look = () => {
        state = looked(state, of.today());
        show();
    };
    ticks.forEach((tick) => tick.addEventListener('change', () => {
        state = ticked(state, Number(tick.dataset.step), tick.checked);
        memory.write(state.ticks);
    }));
    on.addEventListener('input', () => { state = chosen(state, on.value); });
    document.addEventListener('visibilitychange', look);
    button.addEventListener('click', () => {
        look();
        const { missing, steps, date } = did(state, of.today());
        if (missing !== null) {
            of.say(words(missing), true);
            (missing === 'day-first' ? on : ticks[0])?.focus();
            return;
        }
        of.did({ uid, steps }, date);
        memory.forget();
        button.disabled = true;
    });
    look();
    return {
        uid,
        /** What was refused stands here again, to be put right. */
        bringBack(steps, date) {
            state = chosen({ ...state, ticks: steps }, date === '' ? state.on : date);
            memory.write(steps);
            button.disabled = false;
            show();
            on.focus();
        },
    };
};
