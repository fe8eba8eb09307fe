// Hair tests: what is typed is kept at once, what it would tell is shown at once, and it is sent once.

import './parts/instruments.js';
import { carryOver } from '../offline/carry-over.js';
import { onChange } from '../offline/change.js';
import { mine } from '../offline/mine.js';
import { isFilled } from '../shared/fields.js';
import { keepPage } from '../shared/keep-page.js';
import { stamp } from '../shared/salon-clock.js';
import { handle, transmit } from '../shared/transport.js';
import { rounded, typedNumber, unitsOf } from '../shared/units.js';
import { sayOthers, words } from '../shared/words.js';
import { leaveOutAgain } from './parts/leave-out-again.js';
import { collected, makeDraft, put } from './parts/test-draft.js';
import { makeTimes } from './parts/test-times.js';
import { makeVisit } from './parts/test-visit.js';
import { makeWalk } from './parts/test-walk.js';

const form = document.querySelector('form.hair-tests');
const fieldsOf = (root) => [...root.querySelectorAll('[name^="raw["], [name^="zones["]')];

// What is measured on a picture or on the ruler of the screen is loaded by whoever does so.
const onTap = (buttons, load) => document.querySelectorAll(buttons).forEach((button) => {
    button.hidden = false;
    button.addEventListener('click', async () => (await load()).open(button));
});
onTap('[data-on-picture]', () => import('./parts/on-picture.js'));
onTap('[data-ruler]', () => import('./parts/ruler.js'));

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

// A test on which nothing was to be seen is one tap.
form.querySelectorAll('[data-none]').forEach((button) => {
    button.hidden = false;
    button.addEventListener('click', () => {
        button.closest('[data-test]').querySelectorAll('.points input[value="0"]').forEach((radio) => { radio.checked = true; });
        button.dispatchEvent(new Event('input', { bubbles: true }));
    });
});

// Zones that were looked at and show nothing are one tap.
form.querySelectorAll('[data-elsewhere]').forEach((button) => {
    button.hidden = false;
    button.addEventListener('click', () => {
        form.querySelectorAll('[name*="[flakes_"]').forEach((field) => { field.value ||= '0'; });
        button.dispatchEvent(new Event('input', { bubbles: true }));
    });
});

leaveOutAgain(document);

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

const times = makeTimes(form);
const walk = makeWalk(form, times.current);
const said = form.querySelector('[data-sent]');
const say = (sentence, to = null) => {
    said.replaceChildren(sentence, ...(to === null ? [] : [' ', Object.assign(document.createElement('a'), { className: 'button is-small', href: to, textContent: words('what-it-told') })]));
    said.hidden = false;
    said.scrollIntoView({ block: 'center' });
};
const button = form.querySelector('.save .is-strong');

const shown = () => {
    form.querySelectorAll('[data-more]').forEach((row) => fieldsOf(row).some(isFilled) && row.removeAttribute('hidden'));
    walk.show();
};
const showTold = ({ tests, balance }) => {
    form.querySelectorAll('[data-test] [data-tells]').forEach((place) => {
        const told = tests[place.closest('[data-test]').dataset.test] ?? '';
        if (place.innerHTML !== told) {
            place.innerHTML = told;
        }
    });
    form.querySelector('[data-balance]').innerHTML = balance;
};

/** What was refused later comes back into the form to be changed; the draft keeps it from then on. */
const bringBack = (queue, draft) => async (record) => {
    put(form, Object.fromEntries(new URLSearchParams(record.act.form)));
    await queue.drop(record.key);
    say(record.sentence);
    shown();
    draft.typed();
};

/** At once, before anybody can type: what stood there before must not be taken for emptied. */
const startDraft = (visit) => {
    const draft = makeDraft(form, {
        owner: document.querySelector('meta[name="owner"]').content,
        visit,
        changed: shown,
        told: showTold,
        taken: (to) => {
            button.disabled = true;
            visit.over();
            say(words('taken-elsewhere'), to);
        },
        broken: () => say(words('storage-full')),
    });
    const notice = form.querySelector('[data-draft-notice]');
    const restored = fieldsOf(form).some(isFilled) ? null : draft.restored();
    if (restored !== null) {
        put(form, restored);
        document.querySelector('.more-tests')?.setAttribute('open', '');
        notice.hidden = false;
        notice.querySelector('button').addEventListener('click', async () => {
            const anew = () => {
                draft.forget();
                location.reload();
            };
            if (!form.dataset.forget) {
                anew();
                return;
            }
            handle(await transmit(form.dataset.forget, {}, { method: 'DELETE' }), { ...sayOthers(say), taken: anew });
        });
    }
    if (restored !== null) {
        shown();
        draft.typed();
    }
    form.addEventListener('input', () => {
        draft.typed();
        walk.show();
    });
    draft.follow();
    return draft;
};

/** Sent once, and kept here where it cannot be sent. */
const startSending = (queue, visit, draft) => {
    let mineNow = null;
    queue.on('answered', ({ key }, { to }) => {
        if (key === mineNow && to) {
            location.assign(to);
        }
    });
    form.addEventListener('submit', async (event) => {
        event.preventDefault();
        if (button.disabled) {
            return;
        }
        button.disabled = true;
        times.note();
        const fields = new URLSearchParams(new FormData(form));
        ['_token', '_act', '_method'].forEach((name) => fields.delete(name));
        const { key, kept, sent } = queue.add({
            address: form.dataset.acts,
            subject: form.dataset.of,
            label: words('visit'),
            act: { kind: 'visit', form: fields.toString(), ...stamp() },
            change: location.pathname + location.search,
        });
        mineNow = key;
        await kept;
        await sent;
        if (queue.refused().some((record) => record.key === key)) {
            // The page itself says best what is wrong, beside each field; what was typed is in it.
            await queue.drop(key);
            form.submit();
            return;
        }
        draft.forget();
        visit.over();
        if (queue.waiting().some((record) => record.key === key)) {
            say(words(queue.state.trouble === 'sign-in' ? 'visit-signed-out' : 'visit-waits'));
        }
    });
};

if (form.dataset.draft) {
    const visit = makeVisit(form.querySelector('[name="visit"]'));
    const draft = startDraft(visit);
    const queue = mine();
    startSending(queue, visit, draft);
    await onChange(queue, bringBack(queue, draft));
    keepPage('/clients/', ['parts/on-picture.js', 'parts/ruler.js'].map((file) => new URL(file, import.meta.url).href));
    carryOver(queue, 'nagomi-outbox', ({ visit: key, action, body }) => ({ address: `${action}/acts`, subject: '', label: words('visit'), act: { key, kind: 'visit', form: body }, change: action }));
    // Asked at once for what a page that was kept cannot know.
    draft.tell(Object.keys(collected(form)).length === 0);
}
