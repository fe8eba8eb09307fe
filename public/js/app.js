// Keys that work on every page, and the sheet that lists them.

const typing = (element) => element instanceof HTMLElement
    && (element.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(element.tagName));

const sheet = document.getElementById('keys');
document.querySelectorAll('[data-open="keys"]').forEach((button) => button.addEventListener('click', () => sheet?.showModal()));

document.addEventListener('keydown', (event) => {
    if (event.ctrlKey || event.metaKey || event.altKey || typing(event.target)) {
        return;
    }
    if (event.key === '?') {
        event.preventDefault();
        sheet?.showModal();
        return;
    }
    if (sheet?.open) {
        return;
    }
    const search = document.querySelector('[data-search]');
    if (event.key === '/' && search) {
        event.preventDefault();
        search.focus();
        return;
    }
    const link = document.querySelector(`[data-key="${CSS.escape(event.key)}"]`);
    if (link) {
        event.preventDefault();
        link.click();
    }
});

// What is wrong is read out and reached first.
document.querySelector('[data-errors]')?.focus();

// Whoever signs out leaves no half-typed visit behind for the next.
document.querySelector('form[action$="/sign-out"]')?.addEventListener('submit', () => {
    Object.keys(localStorage).filter((key) => key.startsWith('nagomi-')).forEach((key) => localStorage.removeItem(key));
});
