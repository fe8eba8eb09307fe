// The sections of a head, seen from above with the face at the top, as hair is parted: across from ear to ear, then in strips. Each is tapped
// when it is done, and says what it takes more or less than the others.

import { draw } from '../../shared/svg.js';
import { words } from '../../shared/words.js';

const CENTRE = { x: 220, y: 258 };
const RADIUS = { x: 190, y: 212 };
/** Of the sections, in front of the ears; below four the front is not parted by itself. */
const FRONT_SHARE = 0.42;
const EARS_AT = -0.06;
const STRIPS_A_ROW = 4;
const SAMPLES = 12;

const strips = (count, y0, y1) => {
    const rows = Math.ceil(count / STRIPS_A_ROW);
    return Array.from({ length: rows }, (_, row) => {
        const inRow = Math.floor(count / rows) + (row < count % rows ? 1 : 0);
        const [top, bottom] = [y0 + (y1 - y0) * row / rows, y0 + (y1 - y0) * (row + 1) / rows];
        return Array.from({ length: inRow }, (__, i) => ({ x0: -1 + 2 * i / inRow, x1: -1 + 2 * (i + 1) / inRow, y0: top, y1: bottom }));
    }).flat();
};

/** @returns {{x0: number, x1: number, y0: number, y1: number}[]} parts of the head, -1 to 1 from left to right and from face to neck */
export const partsOf = (count) => {
    if (count < 3) {
        return strips(count, -1, 1);
    }
    const front = count === 3 ? 1 : Math.max(2, Math.round(FRONT_SHARE * count));
    return [...strips(front, -1, EARS_AT), ...strips(count - front, EARS_AT, 1)];
};

/** Which of the eight zones a place on the head is in. */
export const zoneAt = (x, y) => {
    if (y > 0.62) {
        return 'nape';
    }
    if (y < -0.45) {
        return Math.hypot(x, y) > 0.92 ? 'edges' : 'front';
    }
    if (Math.abs(x) > 0.55) {
        return x < 0 ? 'left' : 'right';
    }
    if (y > 0.34) {
        return 'back';
    }
    return y < -0.1 ? 'centre' : 'crown';
};

const pointsIn = ({ x0, x1, y0, y1 }) => Array.from({ length: SAMPLES * SAMPLES }, (_, i) => [
    x0 + (x1 - x0) * ((i % SAMPLES) + 0.5) / SAMPLES, y0 + (y1 - y0) * (Math.floor(i / SAMPLES) + 0.5) / SAMPLES,
]).filter(([x, y]) => Math.hypot(x, y) <= 1);

/**
 * How much of a product each section takes, by the zones it lies in.
 *
 * @param {Object<string, {need: number}>} zones what each zone takes beside the mean of the head; what is not said takes as much as it
 * @returns {number[]} mL by section; their sum is the whole
 */
export const dosesOf = (count, ml, zones) => {
    const hair = partsOf(count).map((part) => pointsIn(part).reduce((sum, [x, y]) => sum + (zones[zoneAt(x, y)]?.need ?? 1), 0));
    const all = hair.reduce((sum, one) => sum + one, 0);
    return hair.map((one) => ml * one / all);
};

/** @returns {number[]} by section, mL more (or less) than if all of this head were alike, to the half */
export const moreOf = (count, ml, zones) => {
    const alike = dosesOf(count, ml, {});
    return dosesOf(count, ml, zones).map((dose, i) => Math.round(2 * (dose - alike[i])) / 2);
};

/** The zone that most of a section lies in. */
const zoneOf = (part) => {
    const counts = pointsIn(part).reduce((all, [x, y]) => ({ ...all, [zoneAt(x, y)]: (all[zoneAt(x, y)] ?? 0) + 1 }), {});
    return Object.entries(counts).sort(([, a], [, b]) => b - a)[0]?.[0] ?? 'crown';
};

const place = (x, y) => [CENTRE.x + RADIUS.x * x, CENTRE.y + RADIUS.y * y];
/** Where the number of a section stands: the middle of what of it lies on the head. */
const middleOf = (part) => {
    const points = pointsIn(part);
    return place(...[0, 1].map((i) => points.reduce((sum, point) => sum + point[i], 0) / points.length));
};

const outline = () => [
    draw('path', { class: 'head-feature', d: 'M198 40q22 -22 44 0' }),
    draw('path', { class: 'head-feature', d: 'M30 238q-24 10 -12 50q6 14 18 8' }),
    draw('path', { class: 'head-feature', d: 'M410 238q24 10 12 50q-6 14 -18 8' }),
    draw('path', { class: 'head-feature', d: 'M170 466q50 34 100 0' }),
];

/**
 * @param {SVGElement} map
 * @param {{count: number, done: number[], now: number|null, ml: number|null, zones: object, tapped: function(number): void}} of `now` is the one at hand
 */
export const headSections = (map, { count, done, now, ml, zones, tapped }) => {
    const focused = document.activeElement?.closest?.('[data-section]')?.dataset.section;
    const more = ml === null ? [] : moreOf(count, ml, zones);
    const clip = draw('clipPath', { id: 'head-clip' });
    clip.append(draw('ellipse', { cx: CENTRE.x, cy: CENTRE.y, rx: RADIUS.x, ry: RADIUS.y }));
    const sections = partsOf(count).map((part, i) => {
        const isDone = done.includes(i);
        const [x, y] = middleOf(part);
        const [left, top] = place(part.x0, part.y0);
        const [right, bottom] = place(part.x1, part.y1);
        const says = [
            words('section', { number: i + 1 }), isDone ? words('section-done') : null, more[i] ? words('section-more', { ml: `${more[i] > 0 ? '+' : '−'}${Math.abs(more[i])}` }) : null,
        ].filter((one) => one !== null);
        const section = draw('g', { class: `section${isDone ? ' is-done' : ''}${i === now ? ' is-now' : ''}`, tabindex: 0, role: 'button', 'data-section': i, 'aria-label': says.join(', ') });
        section.append(draw('rect', { x: left + 3, y: top + 3, width: Math.max(0, right - left - 6), height: Math.max(0, bottom - top - 6), 'clip-path': 'url(#head-clip)' }));
        section.append(draw('text', { x, y, class: 'section-number' }, isDone ? `${i + 1} ✓` : String(i + 1)));
        if (more[i] && !isDone) {
            section.append(draw('text', { x, y: y + 30, class: 'section-more' }, words('section-more', { ml: `${more[i] > 0 ? '+' : '−'}${Math.abs(more[i])}` })));
            const why = more[i] > 0 ? zones[zoneOf(part)]?.says : null;
            if (why && (right - left) > 100) {
                section.append(draw('text', { x, y: y + 54, class: 'section-why' }, why));
            }
        }
        section.addEventListener('click', () => tapped(i));
        section.addEventListener('keydown', (event) => {
            if (event.key === 'Enter' || event.key === ' ') {
                event.preventDefault();
                tapped(i);
            }
        });
        return section;
    });
    map.replaceChildren(clip, ...outline(), ...sections, draw('ellipse', { class: 'head-outline', cx: CENTRE.x, cy: CENTRE.y, rx: RADIUS.x, ry: RADIUS.y }));
    if (focused !== undefined) {
        map.querySelector(`[data-section="${focused}"]`)?.focus();
    }
};
