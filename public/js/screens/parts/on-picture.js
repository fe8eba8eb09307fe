// A ring or a length on a picture the stylist loads: two taps for the scale, then two or three more. The picture never leaves the tablet; the taps are measured by the salon's own arithmetic.

import { handle, transmit } from '../../shared/transport.js';
import { typedNumber } from '../../shared/units.js';
import { words } from '../../shared/words.js';

const dialog = document.getElementById('on-picture');
const form = document.querySelector('form.hair-tests');
const MOST_BYTES = 12 * 1024 * 1024;

const canvas = dialog.querySelector('[data-picture-canvas]');
const frame = dialog.querySelector('[data-picture-frame]');
const says = dialog.querySelector('[data-picture-says]');
const take = dialog.querySelector('[data-picture-take]');
const scale = dialog.querySelector('#picture-scale');
const pen = canvas.getContext('2d');
let picture = null;
let what = 'ring';
let field = null;
let taps = [];
let measured = null;
const cross = { x: 360, y: 240 };
const needed = () => (what === 'ring' ? 5 : 4);

const paint = () => {
    pen.clearRect(0, 0, canvas.width, canvas.height);
    if (picture) {
        pen.drawImage(picture, 0, 0, canvas.width, canvas.height);
    }
    const ink = getComputedStyle(document.documentElement);
    taps.forEach(([x, y], i) => {
        pen.strokeStyle = ink.getPropertyValue(i < 2 ? '--ink' : '--alarm');
        pen.lineWidth = 3;
        pen.beginPath();
        pen.arc(x, y, 7, 0, 2 * Math.PI);
        pen.stroke();
    });
    if (document.activeElement === frame) {
        pen.strokeStyle = ink.getPropertyValue('--alarm');
        pen.lineWidth = 1;
        pen.beginPath();
        pen.moveTo(cross.x - 14, cross.y);
        pen.lineTo(cross.x + 14, cross.y);
        pen.moveTo(cross.x, cross.y - 14);
        pen.lineTo(cross.x, cross.y + 14);
        pen.stroke();
    }
};
const prompt = () => {
    const left = needed() - taps.length;
    const end = taps.length === 2 ? 'tap-begin' : 'tap-end';
    says.textContent = picture === null ? words('choose-picture')
        : taps.length < 2 ? words(taps.length === 0 ? 'tap-one-end' : 'tap-other-end')
            : left === 0 ? words('measuring') : what === 'ring' ? words('tap-ring', { left }) : words(end);
};
/** Counts the askings: what was asked before a tap was taken back is not heard any more. */
let asked = 0;
const measure = async () => {
    take.disabled = true;
    measured = null;
    asked += 1;
    const mine = asked;
    const scaleMm = typedNumber(scale.value);
    if (scaleMm === null || scaleMm <= 0) {
        says.textContent = words('scale-first');
        scale.focus();
        return;
    }
    says.textContent = words('measuring');
    const answer = await transmit(form.dataset.pictures, { what, scale_mm: scaleMm, scale: taps.slice(0, 2), taps: taps.slice(2) });
    if (mine !== asked) {
        return;
    }
    const failed = ({ sentence }) => { says.textContent = `${sentence} ${words('tap-back')}`.trim(); };
    handle(answer, {
        taken: ({ told }) => {
            measured = { ...told, scaleMm };
            says.textContent = `${told.mm} ± ${told.sd_mm} mm`;
            take.disabled = false;
        },
        refused: failed,
        gone: failed,
        busy: () => { says.textContent = words('busy'); },
        'sign-in': () => { says.textContent = words('sign-in'); },
        'too-old': () => { says.textContent = words('too-old'); },
        'no-network': () => { says.textContent = words('no-network-picture'); },
    });
};
const tap = (x, y) => {
    if (picture === null || taps.length >= needed()) {
        return;
    }
    taps.push([Math.round(x * 10) / 10, Math.round(y * 10) / 10]);
    paint();
    prompt();
    if (taps.length === needed()) {
        measure();
    }
};
const back = () => {
    taps.pop();
    // An answer that is under way is of a tap that is gone.
    asked += 1;
    measured = null;
    take.disabled = true;
    paint();
    prompt();
};

dialog.querySelector('#picture-file').addEventListener('change', async (event) => {
    const file = event.target.files[0];
    taps = [];
    take.disabled = true;
    picture = null;
    if (file && (! /^image\/(jpeg|png|webp)$/.test(file.type) || file.size > MOST_BYTES)) {
        paint();
        says.textContent = words('no-picture');
        return;
    }
    try {
        picture = file ? await createImageBitmap(file) : null;
    } catch {
        paint();
        says.textContent = words('no-picture');
        return;
    }
    if (picture) {
        canvas.height = Math.round((canvas.width * picture.height) / picture.width);
    }
    paint();
    prompt();
});
canvas.addEventListener('click', (event) => {
    const box = canvas.getBoundingClientRect();
    tap(((event.clientX - box.left) * canvas.width) / box.width, ((event.clientY - box.top) * canvas.height) / box.height);
});
frame.addEventListener('keydown', (event) => {
    const step = event.shiftKey ? 20 : 2;
    const move = { ArrowLeft: [-step, 0], ArrowRight: [step, 0], ArrowUp: [0, -step], ArrowDown: [0, step] }[event.key];
    if (move) {
        event.preventDefault();
        cross.x = Math.max(0, Math.min(canvas.width, cross.x + move[0]));
        cross.y = Math.max(0, Math.min(canvas.height, cross.y + move[1]));
        paint();
    } else if (event.key === 'Enter' || event.key === ' ') {
        event.preventDefault();
        tap(cross.x, cross.y);
    } else if (event.key === 'Backspace') {
        event.preventDefault();
        back();
    }
});
frame.addEventListener('focus', paint);
frame.addEventListener('blur', paint);
scale.addEventListener('change', () => taps.length === needed() && measure());
dialog.querySelector('[data-picture-back]').addEventListener('click', back);
dialog.querySelector('[data-close]').addEventListener('click', () => dialog.close());
take.addEventListener('click', () => {
    if (measured === null) {
        return;
    }
    const inches = field.closest('.field').querySelector('[data-unit-of]')?.textContent === 'in';
    field.value = inches ? String(Number((measured.mm / 25.4).toFixed(2))) : String(measured.mm);
    const test = field.closest('[data-test]').dataset.test;
    const kept = form.querySelector(`[name="taps[${test}]"]`) ?? form.appendChild(Object.assign(document.createElement('input'), { type: 'hidden', name: `taps[${test}]` }));
    const all = JSON.parse(kept.value || '{}');
    all[field.name.match(/\[(\w+)\]$/)[1]] = { scale_mm: measured.scaleMm, taps };
    kept.value = JSON.stringify(all);
    field.dispatchEvent(new Event('input', { bubbles: true }));
    dialog.close();
});

/** @param {HTMLButtonElement} button beside the field that is measured */
export const open = (button) => {
    what = button.dataset.onPicture;
    field = button.closest('.control').querySelector('input');
    taps = [];
    take.disabled = true;
    prompt();
    paint();
    dialog.showModal();
};
