// The home routine on the phone: what is ticked is kept here first and goes to the salon when there is a network.

import { newKey } from '../shared/act-key.js';
import { today } from '../shared/clock.js';
import { oneAtATime } from '../shared/one-at-a-time.js';
import { typedNumber } from '../shared/units.js';

const card = document.querySelector('[data-card]');
const KEY = `nagomi-card ${card.dataset.card}`;
const net = card.querySelector('[data-net]');
const told = card.querySelector('[data-told]');
let waiting = JSON.parse(localStorage.getItem(KEY) ?? '[]');

const say = (words, wrong = false) => {
    const line = document.createElement('li');
    line.textContent = words;
    line.className = wrong ? 'is-broken' : '';
    told.prepend(line);
    while (told.children.length > 4) {
        told.lastChild.remove();
    }
};
const count = () => {
    net.textContent = waiting.length === 0 ? '' : `${waiting.length} ${waiting.length === 1 ? 'thing waits' : 'things wait'} here until there is a network.`;
};
const keep = () => {
    try {
        localStorage.setItem(KEY, JSON.stringify(waiting));
        return true;
    } catch {
        return false;
    }
};

const sendWaiting = async () => {
    if (waiting.length === 0) {
        count();
        return;
    }
    try {
        const answer = await fetch(card.dataset.acts, { method: 'POST', headers: { 'Content-Type': 'application/json', Accept: 'application/json' }, body: JSON.stringify({ acts: waiting.map(({ words, ...act }) => act).slice(0, 20) }) });
        if (answer.ok) {
            const { told: acts } = await answer.json();
            for (const { key, refused } of acts) {
                const act = waiting.find((one) => one.key === key);
                say(refused === null ? `${act?.words ?? 'That'}: your salon has it.` : `${act?.words ?? 'That'}: ${refused}`, refused !== null);
            }
            waiting = waiting.filter((act) => !acts.some(({ key }) => key === act.key));
            keep();
            if (waiting.length > 0 && acts.length > 0) {
                send();
            }
        } else if (answer.status === 404) {
            say('This link opens nothing any more; ask your salon for a new one. What you ticked stays on this phone.', true);
        } else if (answer.status === 422) {
            // What the salon cannot read would hold up all behind it.
            waiting = [];
            keep();
            say('That could not be read by the salon; open the card anew and try again.', true);
        }
    } catch {
        // No network: it waits.
    } finally {
        count();
    }
};
const send = oneAtATime(sendWaiting);
// The date is asked for with each act: a page left open over midnight must not write yesterday.
const act = (kind, date, value, words) => {
    waiting.push({ key: newKey(), kind, date, value, words });
    if (!keep()) {
        waiting.pop();
        say('This phone has no room left to keep it; free some and try again.', true);
        return;
    }
    say(`${words}: noted.`);
    send();
};


card.querySelectorAll('.card-day').forEach((day) => {
    const ticks = [...day.querySelectorAll('[data-step]')];
    const remembered = `${KEY} ${day.dataset.uid}`;
    const were = JSON.parse(localStorage.getItem(remembered) ?? '[]');
    ticks.forEach((tick) => {
        tick.checked = were.includes(tick.dataset.step);
        tick.addEventListener('change', () => localStorage.setItem(remembered, JSON.stringify(ticks.filter((one) => one.checked).map((one) => one.dataset.step))));
    });
    day.querySelector('[data-wash]').addEventListener('click', (event) => {
        const steps = ticks.filter((tick) => tick.checked).map((tick) => Number(tick.dataset.step));
        if (steps.length === 0) {
            say('Tick first what you did.', true);
            return;
        }
        act('wash-day', day.querySelector('[data-on]').value || today(), { uid: day.dataset.uid, steps }, 'Your wash day');
        localStorage.removeItem(remembered);
        event.target.disabled = true;
    });
});
card.querySelectorAll('[data-style]').forEach((button) => button.addEventListener('click', () => {
    act('style', today(), { what: button.dataset.style }, button.textContent);
    button.disabled = true;
}));
card.querySelectorAll('[data-points]').forEach((button) => button.addEventListener('click', () => {
    const of = button.closest('[data-test]');
    act('reading', today(), { test: of.dataset.test, raw: { points: Number(button.dataset.points) } }, of.querySelector('legend').textContent);
    of.querySelectorAll('button').forEach((one) => { one.disabled = true; });
}));
card.querySelectorAll('[data-read]').forEach((button) => button.addEventListener('click', () => {
    const of = button.closest('[data-test]');
    const snapped = of.querySelector('[data-snapped]')?.checked ?? false;
    const raw = {};
    for (const input of of.querySelectorAll('[data-raw]')) {
        if (snapped && input.dataset.raw === 'returned_mm') {
            continue;
        }
        const value = typedNumber(input.value);
        if (value === null) {
            input.setAttribute('aria-invalid', 'true');
            input.focus();
            say(`${input.labels?.[0]?.textContent ?? 'This'}: type a number.`, true);
            return;
        }
        input.removeAttribute('aria-invalid');
        raw[input.dataset.raw] = value;
    }
    act('reading', today(), { test: of.dataset.test, raw: of.dataset.test === 'wet-stretch' ? { hairs: [snapped ? { ...raw, snapped: true } : raw] } : raw }, of.querySelector('summary').textContent);
    of.open = false;
}));

/** A picture small enough to wait on the phone. */
const small = async (file) => {
    const image = await createImageBitmap(file);
    const scale = Math.min(1, 1200 / Math.max(image.width, image.height));
    const canvas = document.createElement('canvas');
    [canvas.width, canvas.height] = [Math.round(image.width * scale), Math.round(image.height * scale)];
    canvas.getContext('2d').drawImage(image, 0, 0, canvas.width, canvas.height);
    return canvas.toDataURL('image/jpeg', 0.85);
};
card.querySelector('[data-send-picture]').addEventListener('click', async () => {
    const [file] = card.querySelector('[data-picture]').files;
    if (!file || !card.querySelector('[data-agreed]').checked) {
        say('Choose a picture, and tick that your salon may keep it.', true);
        return;
    }
    try {
        act('picture', today(), { picture: await small(file), agreed: true }, 'Your picture');
    } catch {
        say('That is no picture this phone can read; choose another.', true);
    }
});

const insecure = card.querySelector('[data-insecure]');
if (insecure) {
    insecure.hidden = window.isSecureContext;
}
window.addEventListener('online', send);
send();
if ('serviceWorker' in navigator) {
    // The worker keeps the files of this version; the page says which that is.
    const [, version] = /\/a\/([0-9a-f]+)\//.exec(import.meta.url) ?? [];
    navigator.serviceWorker.register(`/card-worker.js?v=${version}`, { scope: '/card/' });
}
