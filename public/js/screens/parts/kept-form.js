// What is set in a form and not sent yet stays where it is when the page is left and come back to, in this tab.

/**
 * @param {Iterable<[string, string]>} entries of a form
 * @param {(name: string) => boolean} isKept
 * @returns {Record<string, string>} the last value of each field that is kept
 */
export const valuesOf = (entries, isKept) => Object.fromEntries([...entries].filter(([name]) => isKept(name)));

/**
 * @param {HTMLFormElement} form
 * @param {Record<string, string>} values by name; a field that is gone is left out
 */
export const fill = (form, values) => {
    for (const [name, value] of Object.entries(values)) {
        for (const field of [...form.elements].filter((one) => one.name === name)) {
            if (field.type === 'radio' || field.type === 'checkbox') {
                field.checked = field.value === value;
            } else if (field.type !== 'hidden') {
                field.value = value;
            }
        }
    }
};

/**
 * @param {HTMLFormElement} form
 * @param {string} key of what the form is of
 * @param {Storage} storage
 */
export const keepForm = (form, key, storage) => {
    const isKept = (name) => !name.startsWith('_') && !name.startsWith('take') && name !== 'turn';
    try {
        fill(form, JSON.parse(storage.getItem(key) ?? '{}'));
    } catch {
        // What cannot be read was not kept by this page.
    }
    form.addEventListener('input', () => {
        try {
            storage.setItem(key, JSON.stringify(valuesOf(new FormData(form), isKept)));
        } catch {
            // A browser that keeps nothing: the form works without.
        }
    });
};
