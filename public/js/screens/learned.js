// While a salon's records are learned from: how far it is, looked at every few seconds by whoever has the page open.

import { handle, OUTCOMES, transmit } from '../shared/transport.js';
import { goesOn } from './parts/learning-progress.js';

const ASK_MS = 3000;
const bar = document.querySelector('#learning progress');
const says = document.querySelector('#learning [role="status"]');

setInterval(async () => {
    if (document.visibilityState !== 'visible') {
        return;
    }
    handle(await transmit(location.pathname, {}, { method: 'GET' }), {
        // Without an answer what is shown stands; it is asked again.
        ...Object.fromEntries(OUTCOMES.map((outcome) => [outcome, () => null])),
        taken: ({ told }) => goesOn(bar, says, told.page) || location.reload(),
    });
}, ASK_MS);
