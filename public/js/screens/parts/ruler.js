// One wet hair on a ruler of 300 mm: three marks, dragged by finger or mouse or moved with the arrow keys.

import { fill } from '../../shared/fields.js';
import { draw, pointIn } from '../../shared/svg.js';
import { typedNumber, unitsOf, rounded } from '../../shared/units.js';

const dialog = document.getElementById('ruler');
const form = document.querySelector('form.hair-tests');
const MOST = 300;
const MARKS = [['rest_mm', 'rest', 100], ['stretched_mm', 'stretched', 140], ['returned_mm', 'returned', 102]];

const face = dialog.querySelector('[data-ruler-face]');
const says = dialog.querySelector('[data-ruler-says]');
const at = new Map();
const marks = new Map();
const units = unitsOf(form.dataset.units);
let row = null;
const unit = () => row.querySelector('[data-unit-of="length"]')?.textContent;

face.append(draw('rect', { x: 0, y: 40, width: MOST, height: 26, class: 'ruler-wood' }));
for (let mm = 0; mm <= MOST; mm += 2) {
    face.append(draw('line', { x1: mm, x2: mm, y1: 40, y2: mm % 10 === 0 ? 50 : 44, class: 'ruler-tick' }));
    if (mm % 50 === 0) {
        face.append(draw('text', { x: mm, y: 61, class: 'ruler-number' }, String(mm)));
    }
}
const show = () => {
    for (const [name, end] of MARKS) {
        marks.get(name).setAttribute('transform', `translate(${at.get(name)} 0)`);
        marks.get(name).setAttribute('aria-valuenow', String(at.get(name)));
        marks.get(name).setAttribute('aria-valuetext', `${dialog.dataset[end]} ${at.get(name)} mm`);
    }
    says.textContent = MARKS.map(([name, end]) => `${dialog.dataset[end]} ${at.get(name)} mm`).join(', ');
};
const move = (name, millimetres) => {
    at.set(name, Math.max(0, Math.min(MOST, Math.round(millimetres))));
    show();
};
MARKS.forEach(([name, end, start], i) => {
    const words = dialog.dataset[end];
    const mark = draw('g', { class: `ruler-mark ruler-${end}`, tabindex: 0, role: 'slider', 'aria-label': words, 'aria-valuemin': 0, 'aria-valuemax': MOST, 'aria-orientation': 'horizontal' });
    const y = 4 + 12 * i;
    mark.append(draw('line', { x1: 0, x2: 0, y1: y, y2: 40 }), draw('circle', { cx: 0, cy: y, r: 4 }), draw('rect', { x: -11, y: y - 6, width: 22, height: 44 - y, class: 'ruler-grip' }));
    mark.append(draw('text', { x: 6, y: y + 2.5, class: 'ruler-word' }, words));
    mark.addEventListener('keydown', (event) => {
        const step = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1 }[event.key];
        if (step) {
            event.preventDefault();
            move(name, at.get(name) + step * (event.shiftKey ? 10 : 1));
        }
    });
    mark.addEventListener('pointerdown', (event) => {
        mark.setPointerCapture(event.pointerId);
        mark.focus();
    });
    mark.addEventListener('pointermove', (event) => {
        if (mark.hasPointerCapture(event.pointerId)) {
            move(name, pointIn(face, event).x);
        }
    });
    marks.set(name, mark);
    at.set(name, start);
    face.append(mark);
});

const next = dialog.querySelector('[data-ruler-next]');
/** @returns {HTMLElement|null} the next hair that is still to be measured */
const following = () => {
    const rows = [...row.parentElement.querySelectorAll('.hair:not([hidden])')];

    return rows.slice(rows.indexOf(row) + 1).find((one) => ! one.querySelector('input[name$="[rest_mm]"]').value) ?? null;
};
const lay = (hair) => {
    row = hair;
    dialog.querySelector('[data-ruler-hair]').textContent = row.querySelector('.hair-name').textContent;
    next.hidden = following() === null;
    dialog.querySelector('[data-ruler-take]').classList.toggle('is-strong', next.hidden);
    for (const [name, , start] of MARKS) {
        const written = typedNumber(row.querySelector(`input[name$="[${name}]"]`).value);
        const typed = written === null ? 0 : units.inBook(written, unit());
        at.set(name, typed > 0 && typed <= MOST ? Math.round(typed) : start);
    }
    show();
};

/** @param {HTMLButtonElement} button of the hair that lies on it */
export const open = (button) => {
    lay(button.closest('.hair'));
    dialog.showModal();
};
const take = () => {
    for (const [name] of MARKS) {
        fill(row.querySelector(`input[name$="[${name}]"]`), rounded(units.fromBook(at.get(name), unit()), 2));
    }
};
dialog.querySelector('[data-ruler-take]').addEventListener('click', () => {
    take();
    dialog.close();
});
next.addEventListener('click', () => {
    take();
    lay(following());
});
dialog.querySelector('[data-close]').addEventListener('click', () => dialog.close());
