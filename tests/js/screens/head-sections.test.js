import { describe, expect, it, vi } from 'vitest';
import { dosesOf, headSections, moreOf, partsOf, zoneAt } from '../../../public/js/screens/parts/head-sections.js';

const ZONES = ['edges', 'front', 'left', 'right', 'crown', 'centre', 'back', 'nape'];
const map = () => document.body.appendChild(document.createElementNS('http://www.w3.org/2000/svg', 'svg'));
const draw = (svg, more) => headSections(svg, { count: 4, done: [], now: 0, ml: null, zones: {}, tapped: () => {}, ...more });

describe('the sections of a head from above', () => {
    it('are one to tap each, and say which are done', () => {
        const svg = map();
        draw(svg, { done: [1] });
        const sections = [...svg.querySelectorAll('[data-section]')];
        expect(sections).toHaveLength(4);
        expect(sections.map((one) => one.classList.contains('is-done'))).toEqual([false, true, false, false]);
        expect(sections[1].getAttribute('aria-label')).toContain('section-done');
    });
    it('are tapped by finger and by key', () => {
        const tapped = vi.fn();
        const svg = map();
        draw(svg, { count: 2, tapped });
        svg.querySelector('[data-section="1"]').dispatchEvent(new MouseEvent('click'));
        svg.querySelector('[data-section="0"]').dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter' }));
        svg.querySelector('[data-section="0"]').dispatchEvent(new KeyboardEvent('keydown', { key: 'x' }));
        expect(tapped.mock.calls).toEqual([[1], [0]]);
    });
    it('keep the keyboard where it was', () => {
        const svg = map();
        draw(svg, { count: 3 });
        svg.querySelector('[data-section="2"]').focus();
        draw(svg, { count: 3, done: [2] });
        expect(document.activeElement.dataset.section).toBe('2');
    });
    it.each(Array.from({ length: 16 }, (_, i) => [i + 1]))('cover the head without a gap, parted into %i', (count) => {
        const parts = partsOf(count);
        expect(parts).toHaveLength(count);
        expect(parts.reduce((sum, { x0, x1, y0, y1 }) => sum + (x1 - x0) * (y1 - y0), 0)).toBeCloseTo(4, 9);
        for (let x = -0.95; x < 1; x += 0.1) {
            for (let y = -0.95; y < 1; y += 0.1) {
                expect(parts.filter(({ x0, x1, y0, y1 }) => x >= x0 && x < x1 && y >= y0 && y < y1)).toHaveLength(1);
            }
        }
    });
    it('lie in eight zones, mirrored left and right', () => {
        const found = new Set();
        for (let x = -1; x <= 1; x += 0.05) {
            for (let y = -1; y <= 1; y += 0.05) {
                found.add(zoneAt(x, y));
                const [zone, mirrored] = [zoneAt(x, y), zoneAt(-x, y)];
                expect(mirrored === zone || [zone, mirrored].sort().join() === 'left,right').toBe(true);
            }
        }
        expect([...found].sort()).toEqual([...ZONES].sort());
    });
});

describe('what each section takes', () => {
    it.each([1, 2, 4, 5, 8, 12])('adds up to the whole, parted into %i', (count) => {
        const zones = { crown: { need: 1.4 }, nape: { need: 0.7 } };
        expect(dosesOf(count, 50, zones).reduce((sum, ml) => sum + ml, 0)).toBeCloseTo(50, 9);
        expect(dosesOf(count, 50, {}).reduce((sum, ml) => sum + ml, 0)).toBeCloseTo(50, 9);
    });
    it('is more where a zone takes more, and the same where all are alike', () => {
        expect(moreOf(5, 50, {})).toEqual([0, 0, 0, 0, 0]);
        const more = moreOf(5, 50, { crown: { need: 1.6 } });
        expect(more[3]).toBeGreaterThan(0);
        expect(more[3]).toBe(Math.max(...more));
        expect(moreOf(5, 50, { left: { need: 1.6 } })[2]).toBeGreaterThan(0);
        expect(moreOf(5, 50, { left: { need: 1.6 } })[4]).toBeLessThan(0);
    });
    it('is said with why, in the section and for who hears it', () => {
        const svg = map();
        draw(svg, { count: 5, ml: 50, zones: { crown: { need: 1.8, says: 'low porosity' }, back: { need: 1.8, says: 'low porosity' } } });
        const fourth = svg.querySelector('[data-section="3"]');
        expect(fourth.textContent).toContain('low porosity');
        expect(fourth.getAttribute('aria-label')).toContain('section-more');
    });
});
