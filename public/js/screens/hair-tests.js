// The Bench: what is typed is kept at once, what it would tell is shown at once, and it is sent once.

import './parts/instruments.js';
import './parts/ruler.js';
import './parts/on-picture.js';
import { keep, send } from '../offline/visits.js';
import { isFilled } from '../shared/fields.js';
import { ask } from '../shared/request.js';
import { rounded, typedNumber, unitsOf } from '../shared/units.js';

const form = document.querySelector('form.hair-tests');

const more = form.querySelector('[data-show-more]');
const hidden = form.querySelectorAll('[data-more]');
if (more && hidden.length > 0) {
    more.hidden = false;
    more.addEventListener('click', () => {
        hidden.forEach((row) => row.removeAttribute('hidden'));
        more.hidden = true;
        hidden[0].querySelector('input:not([type=hidden])')?.focus();
    });
}

// Tapping a chosen number once more leaves the test out again.
let chosen = null;
document.addEventListener('pointerdown', (event) => {
    const radio = event.target.closest?.('.points label')?.querySelector('input');
    chosen = radio?.checked ? radio : null;
});
document.addEventListener('click', (event) => {
    if (chosen !== null && event.target === chosen) {
        chosen.checked = false;
        chosen.dispatchEvent(new Event('input', { bubbles: true }));
        chosen = null;
    }
});

// How long each test takes is learned from the chair: the time between touching one test and touching the next.
const took = new Map();
let at = null;
const turnTo = (test) => {
    const now = performance.now();
    if (at !== null) {
        took.set(at.test, (took.get(at.test) ?? 0) + (now - at.since) / 1000);
    }
    at = test === null ? null : { test, since: now };
};
form.addEventListener('focusin', (event) => {
    const test = event.target.closest('[data-test]')?.dataset.test ?? null;
    if (test !== at?.test) {
        turnTo(test);
    }
});
const noteTimes = () => {
    turnTo(null);
    form.querySelectorAll('[name^="took["]').forEach((field) => field.remove());
    for (const [test, seconds] of took) {
        const field = document.createElement('input');
        field.type = 'hidden';
        field.name = `took[${test}]`;
        field.value = String(Math.round(seconds));
        form.append(field);
    }
};

// Units: what stands there is converted when another is chosen.
const units = unitsOf(form.dataset.units);
form.querySelectorAll('select[name^="unit["]').forEach((select) => {
    const kind = select.name.slice(5, -1);
    let was = select.value;
    select.addEventListener('focus', () => { was = select.value; });
    select.addEventListener('change', () => {
        form.querySelectorAll(`[data-unit-of="${kind}"]`).forEach((unit) => { unit.textContent = select.value; });
        form.querySelectorAll(`input[data-kind="${kind}"]`).forEach((field) => {
            const typed = typedNumber(field.value);
            if (typed !== null) {
                field.value = String(rounded(units.convert(typed, was, select.value), 3));
            }
        });
        was = select.value;
    });
});

// The walk: which tests are done, and which comes next.
const fieldsOf = (root) => [...root.querySelectorAll('[name^="raw["], [name^="zones["]')];
const walk = document.querySelector('[data-walk]');
const steps = [...(walk?.querySelectorAll('[data-walk-to]') ?? [])];
const stateOf = (name) => {
    const test = document.getElementById(`test-${name}`);
    if (fieldsOf(test).some(isFilled)) {
        return 'done';
    }
    return test.querySelector('select[name^="skip["]')?.value ? 'left out' : '';
};
const showWalk = () => steps.forEach((step) => {
    const state = stateOf(step.dataset.walkTo);
    step.querySelector('[data-state]').textContent = state === '' ? '' : `· ${state}`;
    step.classList.toggle('is-done', state !== '');
});
const goTo = (name) => {
    const test = document.getElementById(`test-${name}`);
    test.scrollIntoView({ block: 'center' });
    test.querySelector('input:not([type=hidden]), select')?.focus({ preventScroll: true });
};
if (walk) {
    walk.hidden = false;
    steps.forEach((step) => step.addEventListener('click', (event) => {
        event.preventDefault();
        goTo(step.dataset.walkTo);
    }));
    const next = form.querySelector('[data-next]');
    next.hidden = false;
    next.addEventListener('click', () => {
        const names = steps.map((step) => step.dataset.walkTo);
        const from = names.indexOf(document.activeElement?.closest('[data-test]')?.dataset.test ?? at?.test ?? '');
        const open = [...names.slice(from + 1), ...names.slice(0, from + 1)].find((name) => stateOf(name) === '');
        (open ? goTo(open) : form.querySelector('.save .is-strong').focus());
    });
    showWalk();
}

// What is typed stays on this tablet and with the salon until it is taken in, whatever happens to the page.
const KEPT = /^(raw|zones|skip|taps|unit)\[|^(zone|date)$/;
const TYPED = /^(raw|zones|skip|taps)\[/;
const key = `nagomi-bench ${form.dataset.draft}`;
const collected = () => Object.fromEntries([...new FormData(form)].filter(([name, value]) => KEPT.test(name) && value !== '' && !(value === '0' && name.endsWith('[snapped]'))));
const restore = (fields) => {
    for (const [name, value] of Object.entries(fields)) {
        const found = form.querySelectorAll(`[name="${CSS.escape(name)}"]`);
        if (found.length === 0 && name.includes('[timed][')) {
            document.dispatchEvent(new CustomEvent('nagomi:timed', { detail: { name, value } }));
        }
        found.forEach((field) => {
            if (field.type === 'radio' || field.type === 'checkbox') {
                field.checked = field.value === value;
            } else if (field.type !== 'hidden' || name.startsWith('taps[')) {
                field.value = value;
                // The numbers were typed in this unit: they stay as they are, only the labels follow.
                if (name.startsWith('unit[')) {
                    form.querySelectorAll(`[data-unit-of="${name.slice(5, -1)}"]`).forEach((unit) => { unit.textContent = value; });
                }
            }
        });
    }
    form.querySelectorAll('[data-more]').forEach((row) => fieldsOf(row).some(isFilled) && row.removeAttribute('hidden'));
};
const newest = (...drafts) => drafts.filter((draft) => draft?.fields).sort((a, b) => b.at.localeCompare(a.at))[0] ?? null;

let telling = null;
const tell = async () => {
    if (! form.dataset.draftTo) {
        return;
    }
    let answer;
    const fields = new FormData(form);
    fields.delete('_method');
    try {
        answer = await ask(form.dataset.draftTo, fields, 'PUT');
    } catch {
        return;
    }
    if (!answer.ok) {
        return;
    }
    const { tests, balance } = await answer.json();
    form.querySelectorAll('[data-test] [data-tells]').forEach((place) => {
        const told = tests[place.closest('[data-test]').dataset.test] ?? '';
        if (place.innerHTML !== told) {
            place.innerHTML = told;
        }
    });
    form.querySelector('[data-balance]').innerHTML = balance;
};

if (form.dataset.draft) {
    const local = JSON.parse(localStorage.getItem(key) ?? 'null');
    const draft = newest(local, JSON.parse(form.dataset.kept ?? 'null'));
    const notice = form.querySelector('[data-draft-notice]');
    if (draft && ! fieldsOf(form).some(isFilled)) {
        restore(draft.fields);
        document.querySelector('.more-tests')?.setAttribute('open', '');
        notice.hidden = false;
        notice.querySelector('button').addEventListener('click', () => {
            localStorage.removeItem(key);
            const forgotten = form.dataset.forget ? ask(form.dataset.forget, {}, 'DELETE') : Promise.resolve();
            forgotten.catch(() => {}).finally(() => location.reload());
        });
        showWalk();
        tell();
    }
    form.addEventListener('input', () => {
        const fields = collected();
        if (Object.keys(fields).some((name) => TYPED.test(name))) {
            localStorage.setItem(key, JSON.stringify({ fields, at: new Date().toISOString() }));
        } else {
            localStorage.removeItem(key);
        }
        showWalk();
        clearTimeout(telling);
        telling = setTimeout(tell, 600);
    });
}

// Sent once, and kept here where it cannot be sent.
const said = form.querySelector('[data-sent]');
if (form.dataset.draft && said) {
    form.addEventListener('submit', async (event) => {
        event.preventDefault();
        noteTimes();
        clearTimeout(telling);
        const button = form.querySelector('.save .is-strong');
        button.disabled = true;
        let answer;
        try {
            answer = await ask(form.action, new URLSearchParams(new FormData(form)));
        } catch {
            keep(form.action, form, form.dataset.draft);
            localStorage.removeItem(key);
            said.textContent = 'There is no network. These readings are kept on this tablet and are sent when it is back, once. You can go on with another head.';
            said.hidden = false;
            said.scrollIntoView({ block: 'center' });
            const sent = ({ state, told }) => {
                if (state === 'sent') {
                    location.assign(told);
                } else if (state === 'sign-in') {
                    said.textContent = 'Sign in again on another page, then these readings are sent; they are kept on this tablet.';
                }
            };
            window.addEventListener('online', () => send(sent));
            return;
        }
        if (answer.status === 201) {
            localStorage.removeItem(key);
            location.assign((await answer.json()).told);
        } else if (answer.status === 401 || answer.status === 419) {
            button.disabled = false;
            said.textContent = 'You were signed out meanwhile. What you typed is kept on this tablet; sign in on another page, then take it in here.';
            said.hidden = false;
            said.scrollIntoView({ block: 'center' });
        } else {
            // The page itself says best what is wrong, beside each field.
            form.submit();
        }
    });
}
