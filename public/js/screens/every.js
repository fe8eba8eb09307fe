// Keys that work on every page, and the sheet that lists them.

import { mine } from '../offline/mine.js';
import { signOut } from '../offline/sign-out.js';
import { showStatus } from '../offline/status.js';
import { words } from '../shared/words.js';

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

// What was done and is not with the salon yet goes out from whatever page comes next, and is in sight on each.
const queue = await mine();
const line = document.querySelector('[data-waiting-line]');
if (queue !== null && line !== null) {
    showStatus(queue, line);
    signOut(queue);
    // What was sent from another page than it was done on is told here, with the way to it.
    queue.on('answered', ({ label, subject, change }, { to }) => {
        if (to && change !== location.pathname + location.search) {
            const link = Object.assign(document.createElement('a'), { className: 'button is-small', href: to, textContent: words('what-it-told') });
            const said = Object.assign(document.createElement('div'), { className: 'said', role: 'status' });
            said.append(Object.assign(document.createElement('span'), { textContent: words('was-sent', { what: `${subject}: ${label}` }) }), link);
            document.getElementById('main')?.prepend(said);
        }
    });
    queue.send();
}
