// What a form's fields hold.

/** @returns {boolean} whether somebody has filled it in */
export const isFilled = (field) => (field.type === 'radio' || field.type === 'checkbox' ? field.checked : field.type !== 'hidden' && field.value.trim() !== '');

/** Puts a value in as a hand would, so that whatever listens hears of it. */
export const fill = (field, value) => {
    field.value = String(value);
    field.dispatchEvent(new Event('input', { bubbles: true }));
};
