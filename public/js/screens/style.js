// How a style looks is noted with the third tap; without scripts the button does it.

document.querySelectorAll('.looks').forEach((form) => form.addEventListener('change', () => {
    if (form.querySelectorAll('input[type="radio"]:checked').length === form.querySelectorAll('fieldset').length) {
        form.requestSubmit();
    }
}));
