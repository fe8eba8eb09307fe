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
    /** @returns {number} when it was done, in ms; 0 where it was not */
    readDone() {
        try {
            return Number(localStorage.getItem(`${name} done`)) || 0;
        } catch {
            return 0;
        }
    },
    writeDone(atMs) {
        try {
            localStorage.setItem(`${name} done`, String(atMs));
        } catch {
            // Then it is done as long as the page is open.
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
            localStorage.removeItem(`${name} done`);
        } catch {
            // Nothing is kept.
        }
    },
});

/**
 * @param {HTMLElement} day with data-uid
 * @param {{card: string, pageDay: string, madeMs: number, nowMs: function(): number, today: function(): string, say: function(string, boolean): void, did: function(object, string|null): void, notToday: function(object): void}} of
 * @returns {{uid: string, bringBack: function(number[], string): void}}
 */
export const makeDay = (day, of) => {
    const { uid } = day.dataset;
    const ticks = [...day.querySelectorAll('[data-step]')];
    const on = day.querySelector('[data-on]');
    const button = day.querySelector('[data-wash]');
    const notToday = day.querySelector('[data-not-today]');
    const idle = button.textContent;
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
    /** What is done stays ticked, also when the page is opened again before the salon has planned anew. */
    const isDone = (yes) => {
        for (const one of [...ticks, on, button, notToday]) {
            one.disabled = yes;
        }
        day.classList.toggle('is-done', yes);
        button.textContent = yes ? words('done-already') : idle;
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
        memory.writeDone(of.nowMs());
        isDone(true);
    });
    notToday.addEventListener('click', () => {
        of.notToday({ uid });
        notToday.disabled = true;
    });
    look();
    return {
        uid,
        /** @param {boolean} isWaiting what was done is still here, and the salon has not heard of it */
        settle(isWaiting) {
            const doneMs = memory.readDone();
            if (isWaiting || doneMs > of.madeMs) {
                isDone(true);
            } else if (doneMs > 0) {
                // The page was made after it was done: what stands there now is planned anew.
                memory.forget();
                state = { ...state, ticks: [] };
                show();
            }
        },
        /** The salon could not take it in: it is not done, and what was ticked stays. */
        notDone() {
            memory.forget();
            memory.write(state.ticks);
            isDone(false);
        },
        /** What was refused stands here again, to be put right. */
        bringBack(steps, date) {
            state = chosen({ ...state, ticks: steps }, date === '' ? state.on : date);
            memory.forget();
            memory.write(steps);
            isDone(false);
            day.closest('details')?.setAttribute('open', '');
            show();
            on.focus();
        },
    };
};
