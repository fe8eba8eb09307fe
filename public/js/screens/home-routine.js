// The home routine on the phone: what is ticked is kept here first and goes to the salon when there is a network.

import { carryOver } from '../offline/carry-over.js';
import { mine } from '../offline/mine.js';
import { showStatus } from '../offline/status.js';
import { dayIn } from '../shared/clock.js';
import { keepPage } from '../shared/keep-page.js';
import { salonNow, stamp } from '../shared/salon-clock.js';
import { typedNumber } from '../shared/units.js';
import { words } from '../shared/words.js';

const card = document.querySelector('[data-card]');
const address = card.dataset.acts;
const told = card.querySelector('[data-told]');
const queue = mine();
const MOST_TOLD = 4;

const say = (sentence, wrong = false) => {
    told.prepend(Object.assign(document.createElement('li'), { textContent: sentence, className: wrong ? 'is-broken' : '' }));
    while (told.children.length > MOST_TOLD) {
        told.lastChild.remove();
    }
};

/** What was noted on this page, by key: said once the salon has it, or what it has to say. */
const noted = new Map();
const heard = () => {
    const waiting = new Set(queue.waiting().map(({ key }) => key));
    const refused = new Map(queue.refused().map(({ key, sentence }) => [key, sentence]));
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

/** The day is the salon's at this moment, unless one was chosen: a page left open over midnight must not write yesterday. */
const act = (kind, value, what, date = null) => {
    const { key } = queue.add({ address, subject: '', label: what, act: { kind, value, ...stamp(), ...(date === null ? {} : { date }) } });
    noted.set(key, what);
    say(words('noted', { what }));
};

const today = () => dayIn(card.dataset.zone, salonNow());
const isOfToday = () => card.dataset.today === today();
card.querySelectorAll('.card-day').forEach((day) => {
    const ticks = [...day.querySelectorAll('[data-step]')];
    const on = day.querySelector('[data-on]');
    const remembered = `nagomi-card ${card.dataset.card} ${day.dataset.uid}`;
    const were = JSON.parse(localStorage.getItem(remembered) ?? '[]');
    ticks.forEach((tick) => {
        tick.checked = were.includes(tick.dataset.step);
        tick.addEventListener('change', () => localStorage.setItem(remembered, JSON.stringify(ticks.filter((one) => one.checked).map((one) => one.dataset.step))));
    });
    const asDated = on.value;
    const askDay = () => {
        // A page of before says the day it was made on: nobody takes that for today's.
        if (!isOfToday() && on.value === asDated) {
            on.value = '';
            on.max = today();
            day.querySelector('[data-on-label]').textContent = words('which-day');
        }
    };
    askDay();
    document.addEventListener('visibilitychange', askDay);
    day.querySelector('[data-wash]').addEventListener('click', (event) => {
        askDay();
        const steps = ticks.filter((tick) => tick.checked).map((tick) => Number(tick.dataset.step));
        if (steps.length === 0) {
            say(words('tick-first'), true);
            return;
        }
        if (on.value === '') {
            say(words('day-first'), true);
            on.focus();
            return;
        }
        act('wash-day', { uid: day.dataset.uid, steps }, words('your-wash-day'), on.value === asDated && isOfToday() ? null : on.value);
        localStorage.removeItem(remembered);
        event.target.disabled = true;
    });
});
card.querySelectorAll('[data-style]').forEach((button) => button.addEventListener('click', () => {
    act('style', { what: button.dataset.style }, button.textContent);
    button.disabled = true;
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

showStatus(queue, document.querySelector('[data-waiting-line]'));
queue.on('changed', heard);
await carryOver(queue, `nagomi-card ${card.dataset.card}`, ({ key, kind, date, value, words: label }) => ({ address, subject: '', label: label ?? kind, act: { key, kind, date, value } }));
await queue.look();
// What waited for another link to this hair, or was turned away with it, goes out by this one.
for (const record of [...queue.waiting(), ...queue.refused()].filter((one) => one.address !== address)) {
    await queue.again(record.key, { address });
}
queue.send();
keepPage('/card/');
