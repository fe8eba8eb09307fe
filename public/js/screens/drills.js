// A round of drills lasts a minute: the clock says what is left, and what is not answered by then is sent as it is.

import { secondsLeft } from './parts/drill-clock.js';

const form = document.querySelector('[data-drill]');
const clock = form.querySelector('[data-clock]');
const began = performance.now();
let isSent = false;
form.addEventListener('submit', () => { isSent = true; });

const timer = setInterval(() => {
    const left = secondsLeft(began, performance.now(), Number(form.dataset.seconds));
    clock.textContent = left > 0 ? form.dataset.left.replace(':seconds', left) : form.dataset.over;
    if (left <= 0) {
        clearInterval(timer);
        isSent || form.requestSubmit();
    }
}, 250);
