// The home routine on the phone: what is ticked is kept here first and goes to the salon when there is a network.

import { carryOver } from '../offline/carry-over.js';
import { onChange } from '../offline/change.js';
import { mine } from '../offline/mine.js';
import { showStatus } from '../offline/status.js';
import { dayIn } from '../shared/clock.js';
import { keepPage } from '../shared/keep-page.js';
import { salonNow, stamp } from '../shared/salon-clock.js';
import { chime, unlock } from '../shared/sound.js';
import { typedNumber } from '../shared/units.js';
import { words } from '../shared/words.js';
import { makeDay } from './parts/home-day-form.js';
import { stepTimer } from './parts/step-timer.js';

const card = document.querySelector('[data-card]');
const address = card.dataset.acts;
const told = card.querySelector('[data-told]');
const queue = mine();
const MOST_TOLD = 4;
const TIMER_HERTZ = 523;
document.addEventListener('pointerdown', unlock, { capture: true });

const say = (sentence, wrong = false) => {
    // Said again, it comes to the top once more.
    [...told.children].find(({ textContent }) => textContent === sentence)?.remove();
    told.prepend(Object.assign(document.createElement('li'), { textContent: sentence, className: wrong ? 'is-broken' : '' }));
    while (told.children.length > MOST_TOLD) {
        told.lastChild.remove();
    }
};

/** What was noted on this page, by key: said once the salon has it, or what it has to say. */
const noted = new Map();
/** What was refused and stands there to be done again, by key. */
const undone = new Set();
const heard = () => {
    const waiting = new Set(queue.waiting().map(({ key }) => key));
    const refused = new Map(queue.refused().map(({ key, sentence }) => [key, sentence]));
    for (const { key, act: { kind, value } } of queue.refused()) {
        if (kind === 'wash-day' && !undone.has(key)) {
            undone.add(key);
            days.find(({ uid }) => uid === value.uid)?.notDone();
        }
    }
    for (const [key, what] of noted) {
        if (refused.has(key)) {
            say(`${what}: ${refused.get(key)}`, true);
            noted.delete(key);
        } else if (!waiting.has(key)) {
            say(words('got', { what }));
            noted.delete(key);
        }
    }
};

/** What was refused and is being done anew, by where it was done: it goes once the new one is kept. */
const anew = new Map();
const placeOf = (kind, { uid, test, what }) => [kind, uid ?? test ?? (kind === 'style' ? what : '')].join(' ');

/** The day is the salon's at this moment, unless one was chosen. */
const act = (kind, value, what, date = null) => {
    const { key, kept } = queue.add({
        address, subject: '', label: what, change: '',
        act: { kind, value, ...stamp(), ...(date === null ? {} : { date }) },
    });
    noted.set(key, what);
    say(words('noted', { what }));
    const old = anew.get(placeOf(kind, value));
    anew.delete(placeOf(kind, value));
    if (old !== undefined) {
        kept.then(() => queue.drop(old));
    }
};

const today = () => dayIn(card.dataset.zone, salonNow(), Number(card.dataset.turns));
const days = [...card.querySelectorAll('.card-day')].map((day) => makeDay(day, {
    card: card.dataset.card, pageDay: card.dataset.today, madeMs: Number(card.dataset.made), nowMs: salonNow, today, say,
    did: (value, date) => act('wash-day', value, words('your-wash-day'), date),
    notToday: (value) => act('not-today', value, words('not-today')),
}));
const timers = [...card.querySelectorAll('[data-timer]')].map((button) => stepTimer(button, {
    key: `nagomi-timer ${card.dataset.card} ${button.closest('[data-uid]').dataset.uid} ${button.dataset.what}`,
    storage: localStorage,
    now: Date.now,
    words,
    up: (sentence) => {
        say(sentence);
        navigator.vibrate?.([400, 200, 400]);
        chime(TIMER_HERTZ);
    },
}));
setInterval(() => timers.forEach((tick) => tick()), 1000);
card.querySelectorAll('[data-style]').forEach((button) => button.addEventListener('click', () => {
    act('style', { what: button.dataset.style }, button.textContent);
    button.disabled = true;
}));
// The third tap sends it.
const looks = card.querySelector('[data-looks]');
looks?.querySelectorAll('[data-look]').forEach((button) => button.addEventListener('click', () => {
    button.closest('fieldset').querySelectorAll('[data-look]').forEach((one) => one.setAttribute('aria-pressed', String(one === button)));
    const chosen = [...looks.querySelectorAll('[data-look][aria-pressed=true]')];
    if (chosen.length === looks.querySelectorAll('fieldset').length) {
        act('style', { what: 'looked', ...Object.fromEntries(chosen.map(({ dataset }) => [dataset.look, Number(dataset.of)])) }, looks.dataset.looks);
        looks.querySelectorAll('[data-look]').forEach((one) => { one.disabled = true; });
    }
}));
card.querySelectorAll('[data-points]').forEach((button) => button.addEventListener('click', () => {
    const of = button.closest('[data-test]');
    act('reading', { test: of.dataset.test, raw: { points: Number(button.dataset.points) } }, of.querySelector('legend').textContent);
    of.querySelectorAll('button').forEach((one) => { one.disabled = true; });
}));

/** @returns {object|null} the measures as typed; null where one is no number, which is said */
const typed = (of, snapped) => {
    const raw = {};
    for (const input of of.querySelectorAll('[data-raw]')) {
        if (snapped && input.dataset.raw === 'returned_mm') {
            continue;
        }
        if (input.dataset.optional !== undefined && input.value.trim() === '') {
            continue;
        }
        const value = typedNumber(input.value);
        if (value === null) {
            input.setAttribute('aria-invalid', 'true');
            input.focus();
            say(words('type-number', { what: input.labels?.[0]?.textContent ?? '' }), true);
            return null;
        }
        input.removeAttribute('aria-invalid');
        raw[input.dataset.raw] = value;
    }
    return raw;
};
card.querySelectorAll('[data-read]').forEach((button) => button.addEventListener('click', () => {
    const of = button.closest('[data-test]');
    const snapped = of.querySelector('[data-snapped]')?.checked ?? false;
    const raw = typed(of, snapped);
    if (raw !== null) {
        const isStretch = of.dataset.test === 'wet-stretch';
        act('reading', { test: of.dataset.test, raw: isStretch ? { hairs: [snapped ? { ...raw, snapped: true } : raw] } : raw }, of.querySelector('summary').textContent);
        of.open = false;
    }
}));

const LONGEST_SIDE_PX = 1200;
/** A picture small enough to wait on the phone. */
const small = async (file) => {
    const image = await createImageBitmap(file);
    const scale = Math.min(1, LONGEST_SIDE_PX / Math.max(image.width, image.height));
    const canvas = document.createElement('canvas');
    [canvas.width, canvas.height] = [Math.round(image.width * scale), Math.round(image.height * scale)];
    canvas.getContext('2d').drawImage(image, 0, 0, canvas.width, canvas.height);
    return canvas.toDataURL('image/jpeg', 0.85);
};
card.querySelector('[data-send-picture]').addEventListener('click', async (event) => {
    const button = event.target;
    const input = card.querySelector('[data-picture]');
    const [file] = input.files;
    if (!file || !card.querySelector('[data-agreed]').checked) {
        say(words('picture-first'), true);
        return;
    }
    // Tapped twice while it is made small, it is one picture.
    button.disabled = true;
    try {
        act('picture', { picture: await small(file), agreed: true }, words('your-picture'));
        input.value = '';
    } catch {
        say(words('picture-wrong'), true);
    } finally {
        button.disabled = false;
    }
});

const insecure = card.querySelector('[data-insecure]');
if (insecure) {
    insecure.hidden = window.isSecureContext;
}

/** Puts what was refused where it was done. */
const BRINGS_BACK = {
    'wash-day': ({ value, date }) => days.find(({ uid }) => uid === value.uid)?.bringBack(value.steps, date ?? ''),
    style: () => card.querySelectorAll('[data-style], [data-look]').forEach((button) => { button.disabled = false; }),
    reading: ({ value: { test, raw } }) => {
        const of = card.querySelector(`[data-test="${CSS.escape(test)}"]`);
        of.querySelectorAll('button').forEach((button) => { button.disabled = false; });
        of.open = true;
        const { snapped, ...measures } = raw.hairs?.[0] ?? raw;
        of.querySelectorAll('[data-raw]').forEach((field) => { field.value = measures[field.dataset.raw] ?? ''; });
        of.querySelectorAll('[data-snapped]').forEach((tick) => { tick.checked = snapped === true; });
        of.querySelector('button, .input').focus();
    },
    picture: () => {
        card.querySelector('[data-picture]').closest('details').open = true;
        card.querySelector('[data-picture]').focus();
    },
};

showStatus(queue, document.querySelector('[data-waiting-line]'));
queue.on('changed', heard);
await carryOver(queue, `nagomi-card ${card.dataset.card}`, ({ key, kind, date, value, words: label }) => ({ address, subject: '', label: label ?? kind, act: { key, kind, date, value } }));
await queue.look();
const waits = new Set(queue.waiting().filter(({ act: { kind } }) => kind === 'wash-day').map(({ act: { value } }) => value.uid));
days.forEach((day) => day.settle(waits.has(day.uid)));
heard();
// What waited for another link to this hair, or was turned away with it, goes out by this one.
for (const record of [...queue.waiting(), ...queue.refused()].filter((one) => one.address !== address)) {
    await queue.again(record.key, { address });
}
queue.send();
await onChange(queue, ({ key, sentence, label, act: { kind, value, date } }) => {
    anew.set(placeOf(kind, value), key);
    say(`${label}: ${sentence}`, true);
    BRINGS_BACK[kind]?.({ value, date });
});
keepPage('/card/');
