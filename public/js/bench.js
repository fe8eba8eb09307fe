// The Bench: two more hairs on asking, a radio that can be taken back.

const more = document.querySelector('[data-show-more]');
const hidden = document.querySelectorAll('[data-more]');
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
        chosen = null;
    }
});

// How long each test takes is learned from the chair: the time between touching one test and touching the next.
const form = document.querySelector('form.bench');
const took = new Map();
let at = null;
const turnTo = (test) => {
    const now = performance.now();
    if (at !== null) {
        took.set(at.test, (took.get(at.test) ?? 0) + (now - at.since) / 1000);
    }
    at = test === null ? null : { test, since: now };
};
form?.addEventListener('focusin', (event) => {
    const test = event.target.closest('[data-test]')?.dataset.test ?? null;
    if (test !== at?.test) {
        turnTo(test);
    }
});
form?.addEventListener('submit', () => {
    turnTo(null);
    for (const [test, seconds] of took) {
        const field = document.createElement('input');
        field.type = 'hidden';
        field.name = `took[${test}]`;
        field.value = String(Math.round(seconds));
        form.append(field);
    }
});

// Taken in: the draft has done its work, and must be gone before the form looks for one: no reading is taken in twice.
const done = document.querySelector('[data-draft-done]')?.dataset.draftDone;
if (done) {
    localStorage.removeItem(`nagomi-bench ${done}`);
}

// What is typed stays on this tablet until it is taken in, whatever happens to the page.
if (form?.dataset.draft) {
    const key = `nagomi-bench ${form.dataset.draft}`;
    const fields = () => [...form.elements].filter((field) => field.name.startsWith('raw['));
    const kept = JSON.parse(localStorage.getItem(key) ?? 'null');
    const empty = fields().every((field) => (field.type === 'radio' || field.type === 'checkbox' ? ! field.checked : field.value === '' || field.type === 'hidden'));
    const notice = document.querySelector('[data-draft-notice]');
    if (kept && empty && notice) {
        for (const field of fields()) {
            if (field.type === 'radio' || field.type === 'checkbox') {
                field.checked = kept[field.name] === field.value;
            } else if (field.type !== 'hidden' && kept[field.name] !== undefined) {
                field.value = kept[field.name];
            }
        }
        document.querySelector('.more-tests')?.setAttribute('open', '');
        notice.hidden = false;
        notice.querySelector('button').addEventListener('click', () => {
            localStorage.removeItem(key);
            form.reset();
            notice.hidden = true;
        });
    }
    form.addEventListener('input', () => {
        const draft = {};
        for (const field of fields()) {
            if (field.type === 'radio' || field.type === 'checkbox' ? field.checked : field.type !== 'hidden' && field.value !== '') {
                draft[field.name] = field.value;
            }
        }
        localStorage.setItem(key, JSON.stringify(draft));
    });
}

const print = document.querySelector('[data-print]');
if (print) {
    print.hidden = false;
    print.addEventListener('click', () => window.print());
}
