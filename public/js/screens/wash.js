// The wash day: one step fills the screen. Every tap is an act with a key of its own; it counts here at once and at the salon as soon as it is there.

import { carryOver } from '../offline/carry-over.js';
import { makeAlarm } from '../shared/alarm.js';
import { keepPage } from '../shared/keep-page.js';
import { salonNow } from '../shared/salon-clock.js';
import { areSingleKeysOn } from '../shared/single-keys.js';
import { words } from '../shared/words.js';
import { headSections } from './parts/head-sections.js';
import { bottleOf, mlOf, showOthers } from './parts/wash-bottle.js';
import { composer } from './parts/wash-composer.js';
import { isLeft } from './parts/wash-left.js';
import { before, due, isPaused, restedMs, timers } from './parts/wash-machine.js';
import { showNotes } from './parts/wash-notes.js';
import { afterSending, tapsAnew, washSession } from './parts/wash-session.js';
import { stepsOf } from './parts/wash-steps.js';
import { showFinish, showKept, showPause, showStep, showTime, showTimers } from './parts/wash-view.js';
import { whyBefore } from './parts/wash-why.js';

const root = document.querySelector('[data-wash]');
const find = (name) => root.querySelector(`[data-${name}]`);

/** A tap so soon after another step came up was aimed at the one that stood there before. */
const GUARD_MS = 400;
const POLL_MS = 2500;

const alarm = makeAlarm({ place: find('alarm-place') });
const notice = (sentence) => {
    find('notice').textContent = sentence;
    find('notice').hidden = false;
    find('notice').scrollIntoView({ block: 'nearest' });
};
const { plan, address, queue, state, planned, act, overlay } = washSession(root, { show: () => show(), clash: notice, over: () => location.reload(), kept: (count) => showKept(find, count) });
const change = whyBefore(find('why'), { plan, state, act });
/** A day that was kept before steps had kinds cannot be changed but as it always could. */
const list = plan.palette === undefined ? null : composer(find('compose'), { plan, state, act: change });
find('compose').hidden = list === null;

let shown = { step: undefined, sinceMs: Number.NEGATIVE_INFINITY, fromMs: Date.parse(root.dataset.began) };
const show = () => {
    const now = state();
    const key = due(now);
    if (key !== shown.step) {
        const ends = Object.values(now.steps).map(({ at }) => at).filter(Boolean).map((at) => Date.parse(at));
        // What came up with the page stood there before no other.
        shown = { step: key, sinceMs: shown.step === undefined ? Number.NEGATIVE_INFINITY : performance.now(), fromMs: ends.length > 0 ? Math.max(...ends) : Date.parse(root.dataset.began) };
    }
    const step = planned(key);
    const day = stepsOf(plan, now);
    const running = timers(day, now, salonNow());
    showStep(find, { plan: { ...plan, steps: day }, state: now, step, running });
    list?.show();
    sectionMapOf(step, step === null ? [] : now.steps[key].sections);
    showNotes(find('notes'), step, step === null ? null : now.steps[key], (kind, value) => act(kind, key, value));
    showOthers(find('other'), step, step === null ? null : now.steps[key], (kind, value) => act(kind, key, value));
    root.querySelectorAll('[data-do]').forEach((button) => { button.disabled = button.dataset.do === 'back' ? before(now) === null : step === null && button.dataset.do !== 'done'; });
    find('pause').disabled = step === null;
    showPause(find, isPaused(now));
    tick();
};

let mapped = null;
const sectionMapOf = (step, done) => {
    const map = find('sections');
    const isMapped = step !== null && step.by_section === true;
    map.toggleAttribute('hidden', !isMapped);
    find('sections-how').hidden = !isMapped;
    // What is being tapped must not be drawn anew under the finger.
    const ml = isMapped && bottleOf(step, state().steps[step.key]) !== null ? mlOf(step, state().steps[step.key]) : null;
    const drawn = isMapped ? `${step.key} ${step.sections} ${ml} ${done.join()}` : null;
    if (drawn === mapped || drawn === null) {
        mapped = drawn;
        return;
    }
    mapped = drawn;
    const count = step.sections ?? plan.sections;
    const now = Array.from({ length: count }, (_, i) => i).find((i) => !done.includes(i)) ?? null;
    headSections(map, { count, done, now, ml, zones: plan.zones ?? {}, tapped: (i) => {
        if (isGuarded()) {
            return;
        }
        act('section', step.key, { section: i });
        if (new Set([...done, i]).size === count) {
            act('done', step.key);
        }
    } });
};

const openedMs = salonNow();
let isLeaving = false;
const leave = (nowMs) => {
    if (!isLeaving && navigator.onLine && isLeft({ zone: root.dataset.zone, openedMs, lastMs: shown.fromMs, nowMs, quietHours: Number(root.dataset.quietHours) })) {
        isLeaving = true;
        location.reload();
    }
};

const tick = () => {
    const now = state();
    const step = planned(due(now));
    const day = stepsOf(plan, now);
    const nowMs = salonNow();
    leave(nowMs);
    const running = timers(day, now, nowMs);
    const seconds = (nowMs - shown.fromMs - restedMs(now, shown.fromMs, nowMs)) / 1000;
    showFinish(find, { day, state: now, seconds, running, nowMs, zone: root.dataset.zone, beganMs: Date.parse(root.dataset.began) });
    showTime(find, { step, state: now, seconds, running, planned });
    showTimers(find('timers'), running);
    alarm.ring(running.filter(({ leftSeconds, isWorkedUnder }) => leftSeconds <= 0 && !isWorkedUnder).map(({ id, step: { label, kind } }) => ({ id, words: words('up', { step: label }), kind })));
};

const isGuarded = () => performance.now() - shown.sinceMs < GUARD_MS;
const DOES = {
    back: (now) => before(now) !== null && act('back', before(now)),
    repeat: (now) => {
        act('done', due(now));
        act('repeat', due(now));
    },
};
const press = (name) => {
    const now = state();
    if (name === 'done' && due(now) === null && !isGuarded()) {
        find('finish').requestSubmit();
        return;
    }
    if (isGuarded() || (name !== 'back' && due(now) === null)) {
        return;
    }
    (DOES[name] ?? (() => change(name, due(now))))(now);
};
find('change').addEventListener('click', () => find('composing').showModal());
find('open-menu').addEventListener('click', () => find('menu').showModal());
find('pause').addEventListener('click', () => due(state()) !== null && act(isPaused(state()) ? 'resume' : 'pause', due(state())));
// What was chosen there is done to the step at hand.
find('composing').querySelectorAll('[data-do]').forEach((button) => button.addEventListener('click', () => find('composing').close()));
root.querySelectorAll('[data-do]').forEach((button) => button.addEventListener('click', () => press(button.dataset.do)));
document.addEventListener('keydown', (event) => {
    const isTyped = event.target.closest?.('input, select, textarea, dialog') || document.querySelector('dialog[open]');
    const isOn = event.target.closest?.('button, a, [data-section]');
    if (event.repeat || isTyped || event.ctrlKey || event.metaKey || event.altKey) {
        return;
    }
    // A pedal does the same wherever the keyboard is; a key on a button presses that.
    if (event.key === 'PageDown' || event.key === 'PageUp') {
        event.preventDefault();
        press(event.key === 'PageDown' ? 'done' : 'back');
    } else if (isOn) {
        return;
    } else if (event.key === 'Enter' || event.key === ' ') {
        event.preventDefault();
        press('done');
    } else if (!areSingleKeysOn()) {
        return;
    } else if (event.key === 'p' || event.key === 'P') {
        find('pause').click();
    } else if (/^[1-9]$/.test(event.key) && !find('sections').hasAttribute('hidden')) {
        find('sections').querySelector(`[data-section="${Number(event.key) - 1}"]`)?.dispatchEvent(new MouseEvent('click'));
    }
});
// A key held down presses the button it is on again and again.
root.addEventListener('keydown', (event) => event.repeat && ['Enter', ' '].includes(event.key) && event.preventDefault());

// Ending sends what is still here first; without a network the day cannot end yet.
afterSending(find('finish'), { queue, address }, () => notice(words('end-waits')));

find('insecure').hidden = window.isSecureContext;

// The screen stays awake where the browser lets it (over HTTPS or on this machine).
const stayAwake = () => navigator.wakeLock?.request('screen').catch(() => {});
document.addEventListener('visibilitychange', () => {
    if (document.visibilityState === 'visible') {
        stayAwake();
        queue.send();
    }
});
stayAwake();

carryOver(queue, `nagomi-basin ${root.dataset.wash}`, ({ key, kind, step, value, at }) => ({
    address, subject: root.dataset.of, label: planned(step)?.label ?? step, act: { key, kind, step, value, at },
}));
overlay();
show();
keepPage('/clients/');
queue.watch(address);
tapsAnew(queue, notice);
queue.send();
setInterval(tick, 500);
setInterval(queue.poll, POLL_MS);
