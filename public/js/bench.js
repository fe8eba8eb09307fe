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
