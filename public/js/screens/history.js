// What a visit told: its draft has done its work, and the summary can be printed.

const done = document.querySelector('[data-draft-done]')?.dataset.draftDone;
if (done) {
    localStorage.removeItem(`nagomi-bench ${done}`);
}
const print = document.querySelector('[data-print]');
if (print) {
    print.hidden = false;
    print.addEventListener('click', () => window.print());
}
