// A form as questions, one a card, counted; all of it is one tap away.

/**
 * @param {number} at place of the question that is shown, from 0
 * @param {number} step −1 or 1
 * @param {number} count
 * @returns {number} place of the next, never beyond the first or last
 */
export const stepped = (at, step, count) => Math.max(0, Math.min(count - 1, at + step));

/** @param {HTMLFormElement} form with data-cards; data-list: something is to be put right, so all is shown */
export const questionCards = (form) => {
    const bar = form.querySelector('[data-questions-bar]');
    const questions = [...form.querySelectorAll('[data-question]')];
    const steps = [...bar.querySelectorAll('[data-question-to]')];
    const [back, next, all, left] = ['[data-question-back]', '[data-question-next]', '[data-questions-all]', '[data-questions-left]'].map((css) => form.querySelector(css));
    let at = 0;
    let isList = 'list' in form.dataset;

    const show = () => {
        form.classList.toggle('is-cards', ! isList);
        form.classList.toggle('is-finished', at === questions.length - 1);
        questions.forEach((question, i) => question.classList.toggle('is-current', i === at));
        steps.forEach((step, i) => {
            step.classList.toggle('is-done', i < at);
            step.toggleAttribute('aria-current', ! isList && i === at);
        });
        left.textContent = form.dataset.left.replace(':at', String(at + 1)).replace(':all', String(questions.length));
        all.textContent = isList ? all.dataset.one : all.dataset.all;
        back.disabled = at === 0;
        back.hidden = isList;
        next.hidden = isList;
    };
    const goTo = (place) => {
        at = place;
        show();
        questions[at].querySelector('input:not([type=hidden]):not([type=range]), select')?.focus({ preventScroll: true });
    };
    bar.hidden = false;
    steps.forEach((step, i) => step.addEventListener('click', (event) => {
        event.preventDefault();
        goTo(i);
    }));
    back.addEventListener('click', () => goTo(stepped(at, -1, questions.length)));
    next.addEventListener('click', () => goTo(stepped(at, 1, questions.length)));
    all.addEventListener('click', () => {
        isList = ! isList;
        show();
    });
    // Enter goes on; only the last question saves.
    form.addEventListener('keydown', (event) => {
        if (event.key === 'Enter' && event.target.matches('input') && ! isList && at < questions.length - 1) {
            event.preventDefault();
            goTo(stepped(at, 1, questions.length));
        }
    });
    show();
};
