// The sections of a head as wedges to tap: which are done, by finger, mouse and keyboard.

import { draw } from '../../shared/svg.js';

const wedge = (i, count) => {
    const [from, to] = [i, i + 1].map((at) => (at / count) * 2 * Math.PI - Math.PI / 2);
    const at = (angle, radius) => `${(110 + radius * Math.cos(angle)).toFixed(1)} ${(110 + radius * Math.sin(angle)).toFixed(1)}`;
    return count === 1 ? 'M110 4A106 106 0 1 1 109.9 4Z' : `M${at(from, 106)}A106 106 0 ${to - from > Math.PI ? 1 : 0} 1 ${at(to, 106)}L110 110Z`;
};

/** Draws the sections anew; the one the keyboard is on stays the one it is on. */
export const sectionMap = (map, count, done, tapped) => {
    const focused = document.activeElement?.closest?.('[data-section]')?.dataset.section;
    map.replaceChildren(...Array.from({ length: count }, (_, i) => {
        const section = draw('g', { class: `section${done.includes(i) ? ' is-done' : ''}`, tabindex: 0, role: 'button', 'data-section': i, 'aria-label': `Section ${i + 1}${done.includes(i) ? ', done' : ''}` });
        section.append(draw('path', { d: wedge(i, count) }));
        const angle = ((i + 0.5) / count) * 2 * Math.PI - Math.PI / 2;
        section.append(draw('text', { x: count === 1 ? 110 : 110 + 68 * Math.cos(angle), y: count === 1 ? 110 : 110 + 68 * Math.sin(angle) }, done.includes(i) ? `${i + 1} ✓` : String(i + 1)));
        section.addEventListener('click', () => tapped(i));
        section.addEventListener('keydown', (event) => {
            if (event.key === 'Enter' || event.key === ' ') {
                event.preventDefault();
                tapped(i);
            }
        });
        return section;
    }));
    if (focused !== undefined) {
        map.querySelector(`[data-section="${focused}"]`)?.focus();
    }
};
