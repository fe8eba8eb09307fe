// A question as a sentence made of menus: what goes on after the first menu depends on it. Without scripts all menus stand there.

/** @param {HTMLFormElement} form with data-sentence: by act its parts, and the words before and after the number */
export const sentence = (form) => {
    const acts = JSON.parse(form.dataset.sentence);
    const first = form.elements.namedItem('asked');
    const show = () => {
        const act = acts[first.value];
        for (const part of form.querySelectorAll('[data-part]')) {
            part.hidden = !act.parts.includes(part.dataset.part);
            // A menu that does not belong to the question is not asked.
            for (const field of part.matches('select, input') ? [part] : part.querySelectorAll('input')) {
                field.disabled = part.hidden;
            }
        }
        form.querySelector('[data-before]').textContent = act.before === '' ? '' : `${act.before} `;
        form.querySelector('[data-of]').textContent = ` ${act.of}`;
    };
    first.addEventListener('change', () => {
        show();
        // A number of days is no number of minutes.
        form.elements.namedItem('number').value = '';
        const next = [...form.querySelectorAll('[data-part]')].find((part) => !part.hidden);
        (next?.matches('select') ? next : next?.querySelector('input'))?.focus();
    });
    show();
};
