// How long each test takes is learned from the chair: the time between touching one test and touching the next.

export const makeTimes = (form) => {
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
    return {
        current: () => at?.test,
        /** Into the form, which carries them. */
        note() {
            turnTo(null);
            form.querySelectorAll('[name^="took["]').forEach((field) => field.remove());
            form.append(...[...took].map(([test, seconds]) => Object.assign(document.createElement('input'), { type: 'hidden', name: `took[${test}]`, value: String(Math.round(seconds)) })));
        },
    };
};
