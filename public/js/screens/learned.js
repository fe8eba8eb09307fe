// While a salon's records are learned from: how far it is, looked at every few seconds by whoever has the page open.

import { lookAt } from './parts/learning-progress.js';

const ASK_MS = 3000;
const bar = document.querySelector('#learning progress');
const says = document.querySelector('#learning [role="status"]');
const ask = () => fetch(location.href, { headers: { Accept: 'text/html' } });

setInterval(async () => {
    if (document.visibilityState === 'visible' && await lookAt(bar, says, ask) === 'ended') {
        location.reload();
    }
}, ASK_MS);
