// Rings to hold a curl against, life-size once a bank card was laid on the screen: this device keeps how many pixels a millimetre takes.

import { fill } from '../../shared/fields.js';
import { typedNumber } from '../../shared/units.js';

const KEY = 'nagomi-pixels-a-millimetre';

/** ISO/IEC 7810 ID-1: a bank card is 85.60 mm wide and 53.98 mm high. */
export const CARD_MM = { width: 85.6, height: 53.98 };

/** CSS takes an inch for 96 px; screens differ from it, hence the card. */
export const CSS_PIXELS = 96 / 25.4;

/** Diameters in mm, from a tight coil to a wide wave. */
export const RINGS_MM = [4, 6, 8, 10, 13, 16, 20, 25, 30, 38, 48];

/** @returns {number} pixels a millimetre takes where the card is drawn so wide; in CSS's own where that cannot be */
export const pixelsOf = (cardPixels) => {
    const pixels = Number(cardPixels) / CARD_MM.width;

    return pixels >= 1.5 && pixels <= 12 ? pixels : CSS_PIXELS;
};

const kept = () => {
    try {
        return pixelsOf(Number(localStorage.getItem(KEY)) * CARD_MM.width);
    } catch {
        return CSS_PIXELS;
    }
};

/**
 * @param {HTMLElement} place with data-gauge
 * @param {HTMLInputElement} field the diameter in mm ends in
 */
export const curlGauge = (place, field) => {
    const rings = place.querySelector('[data-gauge-rings]');
    const card = place.querySelector('[data-gauge-card]');
    const width = place.querySelector('[data-gauge-width]');
    let pixels = kept();
    const buttons = RINGS_MM.map((mm) => {
        const button = Object.assign(document.createElement('button'), { type: 'button', className: 'gauge-ring' });
        const circle = document.createElement('span');
        const words = document.createElement('b');
        words.textContent = rings.dataset.ring.replace(':mm', String(mm));
        button.append(circle, words);
        button.addEventListener('click', () => fill(field, mm));
        rings.append(button);

        return { mm, button, circle };
    });
    const show = () => {
        for (const { mm, button, circle } of buttons) {
            circle.style.setProperty('width', `${mm * pixels}px`);
            circle.style.setProperty('height', `${mm * pixels}px`);
            button.setAttribute('aria-pressed', String(typedNumber(field.value) === mm));
        }
        card.style.setProperty('width', `${CARD_MM.width * pixels}px`);
        card.style.setProperty('height', `${CARD_MM.height * pixels}px`);
        width.value = String(Math.round(CARD_MM.width * pixels));
    };
    place.hidden = false;
    width.addEventListener('input', () => {
        pixels = pixelsOf(width.value);
        try {
            localStorage.setItem(KEY, String(pixels));
        } catch {
            // Where nothing may be kept it is fitted anew each time.
        }
        show();
    });
    field.addEventListener('input', show);
    show();
};
