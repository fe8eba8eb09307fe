// The clocks, counters and devices beside the fields of hair tests. Whatever they do ends in the field, where it can be typed over.

import { face as clock } from '../../shared/clock.js';
import { fill } from '../../shared/fields.js';
import { handle, transmit } from '../../shared/transport.js';
import { rounded, unitsOf } from '../../shared/units.js';
import { words } from '../../shared/words.js';

const form = document.querySelector('form.hair-tests');
const units = unitsOf(form.dataset.units);
const fieldOf = (button) => button.closest('.control').querySelector('input');

// A stopwatch goes by the clock on the wall, so a sleeping tablet or a reloaded page does not lose it.
form.querySelectorAll('[data-stopwatch]').forEach((button) => {
    const field = fieldOf(button);
    const inMinutes = button.dataset.stopwatch === 'minutes';
    const key = `nagomi-clock ${location.pathname} ${field.name}`;
    let ticking = null;
    const since = () => Number(sessionStorage.getItem(key) ?? 0);
    const tick = () => { button.textContent = words('clock-stop', { time: clock((Date.now() - since()) / 1000) }); };
    const run = () => {
        button.classList.add('is-running');
        tick();
        ticking = setInterval(tick, 250);
    };
    button.hidden = false;
    button.addEventListener('click', () => {
        if (ticking === null) {
            sessionStorage.setItem(key, String(Date.now()));
            run();
            return;
        }
        clearInterval(ticking);
        ticking = null;
        const seconds = (Date.now() - since()) / 1000;
        sessionStorage.removeItem(key);
        button.classList.remove('is-running');
        button.textContent = words('clock-start');
        fill(field, inMinutes ? Math.round(seconds / 6) / 10 : Math.round(seconds));
    });
    if (since() > 0) {
        run();
    }
});

form.querySelectorAll('[data-count]').forEach((button) => {
    button.hidden = false;
    button.addEventListener('click', () => fill(fieldOf(button), (Number.parseInt(fieldOf(button).value, 10) || 0) + 1));
});

form.querySelectorAll('[data-countdown]').forEach((button) => {
    const label = button.textContent;
    let ticking = null;
    const stop = () => {
        clearInterval(ticking);
        ticking = null;
        button.classList.remove('is-running');
    };
    button.hidden = false;
    button.addEventListener('click', () => {
        if (ticking !== null) {
            stop();
            button.textContent = label;
            return;
        }
        const until = Date.now() + Number(button.dataset.countdown) * 1000;
        // Loaded by whoever counts down; without a network the words say it alone.
        const sound = import('../../shared/sound.js').catch(() => null);
        button.classList.add('is-running');
        const tick = () => {
            const left = Math.ceil((until - Date.now()) / 1000);
            button.textContent = left > 0 ? `${left} s` : words('clock-up');
            if (left <= 0) {
                stop();
                sound.then((loaded) => loaded?.chime(660, 0.4));
            }
        };
        tick();
        ticking = setInterval(tick, 200);
    });
});

form.querySelectorAll('[data-objects]').forEach((objects) => {
    objects.hidden = false;
    objects.querySelectorAll('[data-object-mm]').forEach((button) => button.addEventListener('click', () => {
        const field = button.closest('fieldset').querySelector('input[name$="[ring_mm]"]');
        const millimetres = Number(button.dataset.objectMm);
        fill(field, rounded(units.fromBook(millimetres, form.querySelector('[data-unit-of="length"]')?.textContent), 2));
    }));
});

// A device fills every field it measures in its test; where it fails, the field waits for a hand.
form.querySelectorAll('[data-device]').forEach((button) => {
    button.hidden = false;
    button.addEventListener('click', async () => {
        const test = button.closest('fieldset');
        test.querySelectorAll('.device-says').forEach((said) => said.remove());
        const said = document.createElement('p');
        said.className = 'help device-says';
        said.setAttribute('role', 'status');
        said.textContent = words('device-reads');
        button.closest('.field').append(said);
        button.disabled = true;
        const answer = await transmit(form.dataset.devices.replace('DEVICE', button.dataset.device), {});
        button.disabled = false;
        const failed = (sentence) => {
            said.textContent = sentence;
            said.classList.add('is-danger');
            fieldOf(button).focus();
        };
        const silent = ({ sentence }) => failed(sentence || words('device-silent'));
        handle(answer, {
            taken: ({ told: { values } }) => {
                const others = [...test.querySelectorAll(`[data-device="${button.dataset.device}"]`)].filter((other) => other === button || fieldOf(other).value === '' && other.dataset.measure !== 'wet_g' && button.dataset.measure !== 'wet_g');
                for (const other of others) {
                    const field = fieldOf(other);
                    const unit = field.closest('.field').querySelector('[data-unit-of]')?.textContent;
                    const value = values[other.dataset.measure];
                    fill(field, unit === undefined ? value : rounded(units.fromBook(value, unit), 2));
                }
                said.textContent = words('device-read');
            },
            refused: silent,
            gone: silent,
            busy: silent,
            'sign-in': () => failed(words('sign-in')),
            'too-old': () => failed(words('too-old')),
            'no-network': () => failed(words('device-away')),
        });
    });
});

// Detangling, section by section: one button starts the next section and ends the one before.
form.querySelectorAll('[data-sections]').forEach((sections) => {
    const list = sections.querySelector('.timed-list');
    const button = sections.querySelector('[data-next-section]');
    const face = sections.querySelector('.clock');
    const key = `nagomi-clock ${location.pathname} ${sections.dataset.sections}`;
    const name = sections.dataset.sections;
    sections.hidden = false;
    const count = () => list.children.length;
    const add = (seconds, tool, index = count()) => {
        const item = document.createElement('li');
        const says = document.createElement('span');
        says.textContent = tool;
        const field = document.createElement('input');
        field.className = 'input';
        field.inputMode = 'numeric';
        field.name = `${name}[${index}][seconds]`;
        field.value = String(seconds);
        field.setAttribute('aria-label', words('section-seconds', { section: count() + 1 }));
        const kept = document.createElement('input');
        kept.type = 'hidden';
        kept.name = `${name}[${index}][tool]`;
        kept.value = tool;
        const away = document.createElement('button');
        away.type = 'button';
        away.className = 'button is-small';
        away.textContent = words('section-out');
        away.addEventListener('click', () => {
            item.remove();
            label();
            list.dispatchEvent(new Event('input', { bubbles: true }));
        });
        item.append(says, field, ' s ', kept, away);
        list.append(item);
        list.dispatchEvent(new Event('input', { bubbles: true }));
        return { says, kept };
    };
    let ticking = null;
    const label = () => { button.textContent = words(ticking === null ? 'section-start' : 'section-done', { section: count() + 1 }); };
    const tool = () => sections.querySelector('[name="tool-in-hand"]:checked')?.value ?? 'fingers';
    const run = () => {
        const tick = () => { face.textContent = clock((Date.now() - Number(sessionStorage.getItem(key))) / 1000); };
        tick();
        ticking = setInterval(tick, 250);
        label();
    };
    button.addEventListener('click', () => {
        if (ticking === null) {
            sessionStorage.setItem(key, String(Date.now()));
            run();
            return;
        }
        const seconds = Math.max(1, Math.round((Date.now() - Number(sessionStorage.getItem(key))) / 1000));
        clearInterval(ticking);
        ticking = null;
        sessionStorage.removeItem(key);
        face.textContent = '';
        add(seconds, tool(), Date.now());
        label();
    });
    // A draft brings sections back that this page never drew.
    const restored = new Map();
    document.addEventListener('nagomi:timed', ({ detail: { name: field, value } }) => {
        const [, index, of] = field.startsWith(name) ? /\[timed\]\[(\d+)\]\[(\w+)\]$/.exec(field) ?? [] : [];
        if (index === undefined) {
            return;
        }
        const section = restored.get(index) ?? {};
        section[of] = value;
        restored.set(index, section);
        if (section.seconds && section.tool) {
            add(section.seconds, section.tool, index);
            label();
        }
    });
    if (sessionStorage.getItem(key) !== null) {
        run();
    }
    label();
});
