// What if: the sentence shows the menus that go on after what is done differently; the picture can be read by day.

import { balancePicture } from './parts/balance-picture.js';
import { sentence } from './parts/sentence.js';

sentence(document.querySelector('[data-sentence]'));
for (const figure of document.querySelectorAll('[data-balance]')) {
    balancePicture(figure);
}
