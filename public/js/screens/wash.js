// The wash day: one step fills the screen. Every tap is an act with a key of its own; it counts here at once and at the salon as soon as it is there.

import { mine } from '../offline/mine.js';
import { carryOver } from '../offline/carry-over.js';
import { onChange } from '../offline/change.js';
import { makeAlarm } from '../shared/alarm.js';
import { keepPage } from '../shared/keep-page.js';
import { salonNow, salonTimeOf, stamp } from '../shared/salon-clock.js';
import { words } from '../shared/words.js';
import { sectionMap } from './parts/sections.js';
import { showOthers } from './parts/wash-bottle.js';
import { before, due, tapped, timers } from './parts/wash-machine.js';
import { showNotes } from './parts/wash-notes.js';
import { showStep, showTime, showTimers } from './parts/wash-view.js';

const root = document.querySelector('[data-wash]');
const plan = JSON.parse(root.dataset.plan);
const address = root.dataset.acts;
const find = (name) => root.querySelector(`[data-${name}]`);
const planned = (key) => plan.steps.find((step) => step.key === key) ?? null;

/** A tap so soon after another step came up was aimed at the one that stood there before. */
const GUARD_MS = 400;
const POLL_MS = 2500;

const queue = mine();
const alarm = makeAlarm({ place: find('alarm-place') });
const LAST = `nagomi-told ${root.dataset.wash}`;
/** A page that was kept says where the day stood when it was opened; the salon's last word may be later. */
const latest = (page) => {
    try {
        const last = JSON.parse(localStorage.getItem(LAST) ?? 'null');
        return last !== null && last.revision > page.revision ? last : page;
    } catch {
        return page;
    }
};
let told = latest(JSON.parse(root.dataset.told));
/** Taps the salon's last word does not hold yet, by key. */
const beyond = new Map();

const state = () => [...beyond.values()].reduce((all, act) => tapped(all, act), told);
const act = (kind, step, value = {}) => {
    const sent = { kind, step, value, ...stamp() };
    const label = `${planned(step)?.label ?? step}, ${words(`kinds.${kind}`)}`;
    queue.add({ address, subject: root.dataset.of, label, act: sent, change: location.pathname });
};

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
    const running = timers(plan.steps, now, salonNow());
    showStep(find, { plan, state: now, step, running });
    sectionMapOf(step, step === null ? [] : now.steps[key].sections);
    showNotes(find('notes'), step, step === null ? null : now.steps[key], (kind, value) => act(kind, key, value));
    showOthers(find('other'), step, step === null ? null : now.steps[key], (kind, value) => act(kind, key, value));
    root.querySelectorAll('[data-do]').forEach((button) => { button.disabled = button.dataset.do === 'back' ? before(now) === null : step === null; });
    tick();
};

let mapped = null;
const sectionMapOf = (step, done) => {
    const map = find('sections');
    map.toggleAttribute('hidden', !step?.by_section);
    // What is being tapped must not be drawn anew under the finger.
    const drawn = step?.by_section ? `${step.key} ${done.join()}` : null;
    if (drawn === mapped || drawn === null) {
        mapped = drawn;
        return;
    }
    mapped = drawn;
    sectionMap(map, plan.sections, done, (i) => {
        if (isGuarded()) {
            return;
        }
        act('section', step.key, { section: i });
        if (new Set([...done, i]).size === plan.sections) {
            act('done', step.key);
        }
    });
};

const tick = () => {
    const now = state();
    const step = planned(due(now));
    const running = timers(plan.steps, now, salonNow());
    showTime(find, { step, state: now, seconds: (salonNow() - shown.fromMs) / 1000, running, planned });
    showTimers(find('timers'), running);
    alarm.ring(running.filter(({ leftSeconds }) => leftSeconds <= 0).map(({ id, step: { label } }) => ({ id, words: words('up', { step: label }) })));
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
    if (isGuarded() || (name !== 'back' && due(now) === null)) {
        return;
    }
    (DOES[name] ?? (() => act(name, due(now))))(now);
};
root.querySelectorAll('[data-do]').forEach((button) => button.addEventListener('click', () => press(button.dataset.do)));
document.addEventListener('keydown', (event) => {
    const isElsewhere = event.target.closest?.('button, a, input, select, dialog, [data-section]') || document.querySelector('dialog[open]');
    if (event.repeat || isElsewhere || event.ctrlKey || event.metaKey || event.altKey) {
        return;
    }
    if (event.key === 'Enter' || event.key === ' ') {
        event.preventDefault();
        press('done');
    } else if (/^[1-9]$/.test(event.key) && !find('sections').hasAttribute('hidden')) {
        find('sections').querySelector(`[data-section="${Number(event.key) - 1}"]`)?.dispatchEvent(new MouseEvent('click'));
    }
});
// A key held down presses the button it is on again and again.
root.addEventListener('keydown', (event) => event.repeat && ['Enter', ' '].includes(event.key) && event.preventDefault());

/** What was tapped is shown until the salon's word holds it, whichever tab sent it. */
const overlay = () => {
    const counts = queue.waiting(address);
    counts.filter(({ key }) => !beyond.has(key)).forEach(({ key, act: sent }) => beyond.set(key, { ...sent, at: new Date(salonTimeOf(sent)).toISOString(), device: queue.device }));
    const refused = new Set(queue.refused().map(({ key }) => key));
    [...beyond.keys()].filter((key) => refused.has(key)).forEach((key) => beyond.delete(key));
};
const notice = (sentence) => {
    find('notice').textContent = sentence;
    find('notice').hidden = false;
    find('notice').scrollIntoView({ block: 'nearest' });
};
const clashes = new Set(told.refused.map(({ key }) => key));
const hear = (answer) => {
    if (answer === null || answer.steps === undefined || answer.finished) {
        localStorage.removeItem(LAST);
        location.reload();
        return;
    }
    told = answer;
    try {
        localStorage.setItem(LAST, JSON.stringify({ steps: told.steps, order: told.order, refused: told.refused, revision: told.revision }));
    } catch {
        // Only a page opened again without a network would miss it.
    }
    const open = new Set(queue.waiting(address).map(({ key }) => key));
    [...beyond.keys()].filter((key) => !open.has(key)).forEach((key) => beyond.delete(key));
    const clash = told.refused.filter(({ key }) => !clashes.has(key)).at(-1);
    told.refused.forEach(({ key }) => clashes.add(key));
    if (clash) {
        notice(words('clash', { step: planned(clash.step)?.label ?? clash.step, says: clash.says, by: clash.by }));
    }
    show();
};
queue.on('told', (from, answer) => from === address && hear(answer));
queue.on('changed', () => {
    overlay();
    show();
});

// Ending sends what is still here first; without a network the day cannot end yet.
find('finish').addEventListener('submit', async (event) => {
    event.preventDefault();
    await queue.send();
    if (queue.waiting(address).length === 0) {
        find('finish').submit();
    } else {
        notice(words('end-waits'));
    }
});

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
// A tap that was refused is made anew on the step it belongs to: here it says which, and why.
onChange(queue, async ({ key, label, sentence }) => {
    notice(words('tap-anew', { what: label, says: sentence }));
    await queue.drop(key);
});
queue.send();
setInterval(tick, 500);
setInterval(queue.poll, POLL_MS);
