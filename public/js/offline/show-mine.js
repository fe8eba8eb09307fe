// The queue of this page's stylist, in sight and sending.

import { words } from '../shared/words.js';
import { mine } from './mine.js';
import { showStatus } from './status.js';

export const showMine = (line) => {
    const queue = mine();
    if (queue === null) {
        return;
    }
    showStatus(queue, line);
    // What was sent from another page than it was done on is told here, with the way to it.
    queue.on('answered', ({ label, subject, change }, { to }) => {
        if (to && change !== location.pathname + location.search) {
            const said = Object.assign(document.createElement('div'), { className: 'said', role: 'status' });
            said.append(
                Object.assign(document.createElement('span'), { textContent: words('was-sent', { what: `${subject}: ${label}` }) }),
                Object.assign(document.createElement('a'), { className: 'button is-small', href: to, textContent: words('what-it-told') }),
            );
            document.getElementById('main')?.prepend(said);
        }
    });
    queue.send();
};
