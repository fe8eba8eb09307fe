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
    // What waits to be sent stays: it goes out when its own stylist signs in again.
    Object.keys(localStorage).filter((key) => key.startsWith('nagomi-') && key !== 'nagomi-outbox').forEach((key) => localStorage.removeItem(key));
});

// Visits kept while there was no network go out from whatever page comes next.
if (localStorage.getItem('nagomi-outbox') !== null) {
    const { send } = await import('../offline/visits.js');
    const tell = ({ kept, state, told }) => {
        const said = document.createElement('div');
        said.className = 'said';
        said.setAttribute('role', 'status');
        const words = document.createElement('span');
        words.textContent = {
            sent: 'A visit kept on this tablet was sent and taken in.',
            look: 'A visit kept on this tablet needs another look: open its hair tests again, what was typed stands there.',
            'sign-in': 'A visit waits on this tablet. Sign in again and it is sent.',
        }[state];
        said.append(words);
        const to = state === 'sent' ? told : state === 'look' ? kept.action : null;
        if (to) {
            const link = document.createElement('a');
            link.className = 'button is-small';
            link.href = to;
            link.textContent = state === 'sent' ? 'What it told' : 'Open the hair tests';
            said.append(link);
        }
        document.getElementById('main')?.prepend(said);
    };
    send(tell);
    window.addEventListener('online', () => send(tell));
}
