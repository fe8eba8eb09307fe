// The Basin: one step fills the screen. Every tap is an act with a key of its own; it counts here at once and at the salon as soon as it is there.

import { newKey } from '../shared/act-key.js';
import { chime as ring, face as clock } from '../shared/clock.js';
import { oneAtATime } from '../shared/one-at-a-time.js';
import { ask } from '../shared/request.js';
import { sectionMap } from './parts/sections.js';

const root = document.querySelector('[data-wash]');
const plan = JSON.parse(root.dataset.plan);
const find = (name) => root.querySelector(`[data-${name}]`);
const KEY = `nagomi-basin ${root.dataset.wash}`;
const device = localStorage.getItem('nagomi-device') ?? newKey();
localStorage.setItem('nagomi-device', device);

let told = JSON.parse(root.dataset.told);
let waiting = JSON.parse(localStorage.getItem(KEY) ?? '[]');
const rung = new Set(JSON.parse(sessionStorage.getItem(`${KEY} rung`) ?? '[]'));

/** Where the day stands: what the salon knows, and on top of it what has not got there yet. */
let order = told.order;
const planned = (key) => plan.steps.find((step) => step.key === key);
const state = () => {
    const steps = structuredClone(told.steps);
    order = [...told.order];
    for (const act of waiting.filter((one) => !told.known.includes(one.key))) {
        const step = steps[act.step];
        if (!step) {
            continue;
        }
        if (act.kind === 'done' || act.kind === 'skip') {
            [step.status, step.at] = [act.kind === 'done' ? 'done' : 'skipped', act.at];
        } else if (act.kind === 'back') {
            [step.status, step.at] = ['open', null];
        } else if (act.kind === 'repeat') {
            [step.status, step.at, step.sections] = ['open', null, []];
            step.repeats += 1;
        } else if (act.kind === 'section') {
            step.sections = [...new Set([...step.sections, act.value.section])];
        } else if (act.kind === 'swap') {
            const at = order.indexOf(act.step);
            const next = order.findIndex((key, i) => i > at && steps[key].status === 'open');
            if (next > 0) {
                [order[at], order[next]] = [order[next], order[at]];
            }
        } else if (act.kind === 'amount') {
            step.ml = act.value.ml;
        } else if (act.kind === 'note') {
            step.notes[act.value.note] = (step.notes[act.value.note] ?? 0) + 1;
        }
    }
    return steps;
};
const current = (steps) => planned(order.find((key) => steps[key].status === 'open')) ?? null;

const sendWaiting = async () => {
    try {
        const answer = await ask(root.dataset.acts, { device, acts: waiting });
        if (answer.status === 401 || answer.status === 419) {
            find('net').textContent = 'You were signed out meanwhile. Sign in on another page; your taps are kept here.';
            return;
        }
        if (answer.ok) {
            told = await answer.json();
            const mine = waiting.map((act) => act.key);
            waiting = waiting.filter((act) => !told.known.includes(act.key));
            localStorage.setItem(KEY, JSON.stringify(waiting));
            const clash = told.refused.filter((act) => mine.includes(act.key) || !rung.has(act.key)).at(-1);
            if (clash) {
                told.refused.forEach((act) => rung.add(act.key));
                const label = plan.steps.find((step) => step.key === clash.step)?.label ?? clash.step;
                find('notice').textContent = `${label}: ${clash.says} The tap by ${clash.by} does not count.`;
                find('notice').hidden = false;
            }
            find('net').textContent = '';
            if (told.finished) {
                location.reload();
                return;
            }
            show();
        } else if (answer.status === 422) {
            // A tap the salon cannot read would hold up all behind it.
            waiting = [];
            localStorage.removeItem(KEY);
            find('net').textContent = 'The last taps could not be read by the salon; look where the day stands.';
        }
    } catch {
        find('net').textContent = `No network: ${waiting.length} ${waiting.length === 1 ? 'tap is' : 'taps are'} kept on this tablet.`;
    }
};
const send = oneAtATime(sendWaiting);
const act = (kind, step, value = {}) => {
    waiting.push({ key: newKey(), kind, step, value, at: new Date().toISOString() });
    localStorage.setItem(KEY, JSON.stringify(waiting));
    show();
    send();
};

// What is being tapped must not be drawn anew under the finger: only a change redraws.
const drawn = new Map();
const changed = (part, signature) => {
    const is = drawn.get(part) !== signature;
    drawn.set(part, signature);
    return is;
};
const drawSections = (step, done) => {
    const map = find('sections');
    if (!changed('sections', `${step?.key} ${done.join()}`)) {
        return;
    }
    map.toggleAttribute('hidden', !step?.by_section);
    if (!step?.by_section) {
        return;
    }
    sectionMap(map, plan.sections, done, (i) => {
        act('section', step.key, { section: i });
        if (new Set([...done, i]).size === plan.sections) {
            act('done', step.key);
        }
    });
};

const NOTES = { detangle: [['knot', 'A knot was cut']], cleanse: [['no-foam', 'Would not foam']], 'cleanse-1': [['no-foam', 'Would not foam']], style: [['squelches', 'Squelches well']] };
const drawNotes = (step, of) => {
    const place = find('notes');
    if (!changed('notes', `${step?.key} ${of?.ml} ${JSON.stringify(of?.notes)}`)) {
        return;
    }
    const notes = NOTES[step?.key] ?? [];
    place.hidden = notes.length === 0 && !step?.product;
    place.replaceChildren();
    if (step?.product) {
        const ml = of.ml ?? step.product.ml;
        const size = step.product.ml < 10 ? 0.5 : 5;
        for (const [sign, by] of [['−', -size], ['+', size]]) {
            const button = document.createElement('button');
            button.type = 'button';
            button.className = 'button';
            button.textContent = `${sign} ${size} mL`;
            button.addEventListener('click', () => act('amount', step.key, { ml: Math.max(0, Math.round((ml + by) * 10) / 10) }));
            place.append(button);
        }
    }
    for (const [note, words] of notes) {
        const button = document.createElement('button');
        button.type = 'button';
        button.className = 'button';
        button.textContent = of.notes[note] ? `${words} (${of.notes[note]})` : words;
        button.addEventListener('click', () => act('note', step.key, { note }));
        place.append(button);
    }
};

/** What goes on by itself: from when it was put on until a step that had to wait for it is done. */
const timers = (steps) => plan.steps.flatMap((step, i) => {
    const of = steps[step.key];
    const taken = plan.steps.slice(i + 1).find((later) => !later.beside && steps[later.key].status !== 'open');
    if (!(step.waiting_minutes > 0) || of.status !== 'done' || taken) {
        return [];
    }
    return [{ step, left: step.waiting_minutes * 60 - (Date.now() - Date.parse(of.at)) / 1000 }];
});
const drawTimers = (steps) => {
    const list = find('timers');
    const running = timers(steps);
    list.replaceChildren(...running.map(({ step, left }) => {
        const item = document.createElement('li');
        const over = left < -step.waiting_minutes * 60 * 2;
        item.className = left > 0 ? '' : over ? 'is-over' : 'is-up';
        const time = document.createElement('b');
        time.textContent = left > 0 ? clock(left) : `${clock(left)} over`;
        const words = document.createElement('span');
        words.textContent = `${step.label}${left > 0 ? '' : over ? ': far longer than the label says, take it off' : ': time is up'}`;
        item.append(time, words);
        if (left <= 0 && !rung.has(step.key)) {
            rung.add(step.key);
            sessionStorage.setItem(`${KEY} rung`, JSON.stringify([...rung]));
            ring();
        }
        return item;
    }));
    if (running.length === 0) {
        const none = document.createElement('li');
        none.textContent = 'Nothing.';
        list.append(none);
    }
};

let shownStep = null;
let since = Date.now();
const show = () => {
    const steps = state();
    const step = current(steps);
    const index = step === null ? order.length : order.indexOf(step.key);
    if (step?.key !== shownStep) {
        shownStep = step?.key ?? null;
        const ends = plan.steps.map((one) => steps[one.key].at).filter(Boolean).map((at) => Date.parse(at));
        since = ends.length > 0 ? Math.max(...ends) : Date.parse(root.dataset.began);
    }
    find('where').textContent = step === null ? 'All steps are through' : `Step ${index + 1} of ${order.length}${step.water ? `, water ${step.water}` : ''}${step.heat ? ', with heat' : ''}${step.tool ? `, ${{ fingers: 'fingers', comb: 'fingers, then wide comb', brush: 'fingers, comb, brush' }[step.tool]}` : ''}`;
    find('label').textContent = step?.label ?? 'That was the wash day.';
    const ml = step?.product ? steps[step.key].ml ?? step.product.ml : null;
    find('use').hidden = ml === null;
    find('use').textContent = ml === null ? '' : `${step.product.name}: ${ml} mL in all${step.by_section ? `, ${Math.round((ml / plan.sections) * 10) / 10} mL a section` : ''}${step.product.pumps ? `, about ${step.product.pumps} presses a section` : ''}. ${step.product.care}`;
    find('watch').replaceChildren(...(step?.watch ?? []).map((sentence) => Object.assign(document.createElement('li'), { textContent: sentence })));
    drawSections(step, step === null ? [] : steps[step.key].sections);
    drawNotes(step, step === null ? null : steps[step.key]);
    const holds = step !== null && !step.beside && timers(steps).some(({ left }) => left > 0);
    root.querySelector('[data-do="done"]').textContent = step === null ? 'Done' : holds ? 'Done (before its time)' : 'Done';
    root.querySelectorAll('[data-do]').forEach((button) => { button.disabled = button.dataset.do === 'back' ? index === 0 : step === null; });
    find('next').replaceChildren(...order.slice(index + 1).filter((key) => steps[key].status === 'open').slice(0, 4).map(planned).map((one) => Object.assign(document.createElement('li'), { textContent: `${one.label}${one.hands_on_minutes >= 1 ? `, ${Math.round(one.hands_on_minutes)} min` : ''}` })));
    find('finish').querySelector('button').classList.toggle('is-strong', step === null);
    tick();
};
const tick = () => {
    const steps = state();
    const step = current(steps);
    const seconds = (Date.now() - since) / 1000;
    find('clock').textContent = step === null ? '' : `${clock(seconds)} of about ${Math.max(1, Math.round(step.hands_on_minutes))} min`;
    drawTimers(steps);
    // Where the next step has to wait, hands are free: what will be needed can be made ready.
    const waits = step === null || step.beside ? [] : timers(steps).filter(({ left }) => left > 0);
    const coming = [...new Set(order.slice(order.indexOf(step?.key)).map(planned).filter((one) => steps[one.key].status === 'open' && one.product).map((one) => one.product.name))].slice(0, 2);
    find('meanwhile').hidden = waits.length === 0;
    find('meanwhile').textContent = waits.length === 0 ? '' : `Its time comes in ${clock(Math.max(...waits.map(({ left }) => left)))}. Meanwhile: ${coming.length > 0 ? `have ${coming.join(' and ')} ready, ` : ''}clean what was used, wipe the floor dry.`;
};

root.querySelectorAll('[data-do]').forEach((button) => button.addEventListener('click', () => {
    const steps = state();
    const step = current(steps);
    if (button.dataset.do === 'back') {
        const before = order.slice(0, step === null ? order.length : order.indexOf(step.key)).reverse().find((key) => steps[key].status !== 'open');
        if (before) {
            act('back', before);
        }
    } else if (button.dataset.do === 'repeat' && step) {
        act('done', step.key);
        act('repeat', step.key);
    } else if (step) {
        act(button.dataset.do, step.key);
    }
}));
document.addEventListener('keydown', (event) => {
    if (event.target.closest?.('button, a, input, select, [data-section]') || event.ctrlKey || event.metaKey || event.altKey) {
        return;
    }
    if (event.key === 'Enter' || event.key === ' ') {
        event.preventDefault();
        root.querySelector('[data-do="done"]').click();
    } else if (/^[1-9]$/.test(event.key)) {
        find('sections').querySelector(`[data-section="${Number(event.key) - 1}"]`)?.dispatchEvent(new MouseEvent('click'));
    }
});
// Ending sends what is still here first; without a network the day cannot end yet.
find('finish').addEventListener('submit', async (event) => {
    event.preventDefault();
    await send();
    if (waiting.length === 0) {
        localStorage.removeItem(KEY);
        find('finish').submit();
    } else {
        find('net').textContent = 'The day ends when the network is back: the taps kept here have to get through first.';
    }
});

find('insecure').hidden = window.isSecureContext;

// The screen stays awake where the browser lets it (over HTTPS or on this machine).
const stayAwake = () => navigator.wakeLock?.request('screen').catch(() => {});
document.addEventListener('visibilitychange', () => document.visibilityState === 'visible' && stayAwake());
stayAwake();

show();
send();
setInterval(tick, 500);
setInterval(send, 5000);
window.addEventListener('online', send);
