// The hair of a client now, and what-if: each picture of the balance can be read by day.

import { balancePicture } from './parts/balance-picture.js';

for (const figure of document.querySelectorAll('[data-balance]')) {
    balancePicture(figure);
}
