// Zones that were looked at and show nothing are one tap: where no number stands yet, 0 is put in.

/** @param {Iterable<{name: string, type: string, value: string, checked: boolean}>} fields of one measure, of several zones */
export const restNone = (fields) => {
    const groups = new Map();
    [...fields].forEach((field) => groups.set(field.name, [...groups.get(field.name) ?? [], field]));
    groups.forEach((group) => {
        if (group[0].type !== 'radio') {
            group.filter((field) => field.value.trim() === '').forEach((field) => { field.value = '0'; });
        } else if (! group.some((field) => field.checked)) {
            const none = group.find((field) => field.value === '0');
            if (none) {
                none.checked = true;
            }
        }
    });
};

/** @param {HTMLElement} form whose buttons name with data-rest what they fill in */
export const offerRest = (form) => form.querySelectorAll('[data-rest]').forEach((button) => {
    button.hidden = false;
    button.addEventListener('click', () => {
        restNone(form.querySelectorAll(`[name*="${button.dataset.rest}"]`));
        button.dispatchEvent(new Event('input', { bubbles: true }));
    });
});
