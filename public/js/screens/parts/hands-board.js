// The hands timeline as something that is pointed at and drawn on: which hands and which minute a point means, where there is room,
// and where a client would sit.

import { draw } from '../../shared/svg.js';
import { lit, percentOf, roomiest } from './places.js';

const ROUND_HANDS = 6;
const ROUND_WAIT = 13;
const LIT_BEYOND = 4;
const BESIDE_PX = 24;
const INSIDE = { x: 9, y: 28 };
const ABOVE = { x: 1, y: -7 };
const LETTER_PX = 7.6;

/** @param {HTMLElement} figure the timeline as the page brought it */
export const makeBoard = (figure) => {
    const [opens, closes, bar, inset] = ['opens', 'closes', 'bar', 'inset'].map((name) => Number(figure.dataset[name]));
    const [extent, litGroup, ghost] = ['extent', 'lit', 'ghost'].map((name) => figure.querySelector(`[data-${name}]`));
    const rows = [...figure.querySelectorAll('[data-row]')].map((row) => ({ user: Number(row.dataset.row), y: Number(row.dataset.y) }));
    const yOf = (user) => rows.find((row) => row.user === user)?.y ?? null;
    const span = (from, until) => ({ x: `${percentOf(from, opens, closes)}%`, width: `${Math.max(0.2, percentOf(until, opens, closes) - percentOf(from, opens, closes))}%` });
    const piece = (y) => ([from, until, isHands]) => draw('rect', {
        ...span(from, until), class: isHands ? 'is-hands' : 'is-waiting', rx: isHands ? ROUND_HANDS : ROUND_WAIT,
        y: y + (isHands ? 0 : inset), height: bar - (isHands ? 0 : 2 * inset),
    });
    const scroll = figure.querySelector('[data-scroll]');
    /** On a narrow screen the picture is wider than its frame; under a finger nothing moves. */
    const bring = (group) => {
        const [frame, drawn] = [scroll.getBoundingClientRect(), group.getBoundingClientRect()];
        if (!figure.classList.contains('is-held') && (drawn.left < frame.left || drawn.right > frame.right)) {
            scroll.scrollLeft += drawn.left - frame.left - BESIDE_PX;
        }
    };
    return {
        /** @returns {{user: number, minute: number}|null} whose hands and which minute of the day a point means; null beside the picture */
        at: ({ clientX, clientY }) => {
            const { left, top, width, bottom } = extent.getBoundingClientRect();
            if (rows.length === 0 || clientY < top || clientY > bottom) {
                return null;
            }
            const far = (row) => Math.abs(row.y + bar / 2 - (clientY - top));
            return { user: rows.reduce((best, row) => (far(row) < far(best) ? row : best)).user, minute: opens + (clientX - left) / width * (closes - opens) };
        },
        light: (places) => litGroup.replaceChildren(...lit(places).filter(({ user }) => yOf(user) !== null).map(({ user, from, until }) => draw('rect', {
            ...span(from, until), class: 'hands-lit', y: yOf(user) - LIT_BEYOND, height: bar + 2 * LIT_BEYOND, rx: ROUND_HANDS + 2,
        }))),
        show: (place, name) => {
            const y = place === null ? null : yOf(place.user);
            if (y === null) {
                ghost.replaceChildren();
                return;
            }
            const [from, until] = roomiest(place.pieces);
            // A short visit has no room for a name in its bar.
            const room = extent.getBoundingClientRect().width * (until - from) / Math.max(1, closes - opens);
            const at = room > LETTER_PX * name.length + 2 * INSIDE.x ? INSIDE : ABOVE;
            const group = draw('g', { class: 'hands-ghost' });
            const label = draw('svg', { x: span(from, from).x, overflow: 'visible' });
            label.append(draw('text', { x: at.x, y: y + at.y, class: at === ABOVE ? 'is-above' : 'is-inside' }, name));
            group.append(...place.pieces.map(piece(y)), label);
            ghost.replaceChildren(group);
            bring(group);
        },
    };
};
