// The intake: one tap sets the porosity of all lengths, to be changed zone by zone after.

const bar = document.querySelector('[data-set-all]');
if (bar) {
    bar.hidden = false;
    bar.addEventListener('click', (event) => {
        const value = event.target.dataset.porosity;
        if (value) {
            document.querySelectorAll('select[name^="zones"][name$="[length]"]').forEach((select) => { select.value = value; });
        }
    });
}
