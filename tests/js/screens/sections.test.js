import { describe, expect, it, vi } from 'vitest';
import { sectionMap } from '../../../public/js/screens/parts/sections.js';

describe('the sections of a head', () => {
    const map = () => document.body.appendChild(document.createElementNS('http://www.w3.org/2000/svg', 'svg'));
    it('are one to tap each, and say which are done', () => {
        const svg = map();
        sectionMap(svg, 4, [1], () => {});
        const sections = [...svg.querySelectorAll('[data-section]')];
        expect(sections).toHaveLength(4);
        expect(sections.map((one) => one.getAttribute('aria-label'))).toEqual(['Section 1', 'Section 2, done', 'Section 3', 'Section 4']);
    });
    it('are tapped by finger and by key', () => {
        const tapped = vi.fn();
        const svg = map();
        sectionMap(svg, 2, [], tapped);
        svg.querySelector('[data-section="1"]').dispatchEvent(new MouseEvent('click'));
        svg.querySelector('[data-section="0"]').dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter' }));
        svg.querySelector('[data-section="0"]').dispatchEvent(new KeyboardEvent('keydown', { key: 'x' }));
        expect(tapped.mock.calls).toEqual([[1], [0]]);
    });
    it('keep the keyboard where it was', () => {
        const svg = map();
        sectionMap(svg, 3, [], () => {});
        svg.querySelector('[data-section="2"]').focus();
        sectionMap(svg, 3, [2], () => {});
        expect(document.activeElement.dataset.section).toBe('2');
    });
    it('draw a whole head as one', () => {
        const svg = map();
        sectionMap(svg, 1, [], () => {});
        expect(svg.querySelector('path').getAttribute('d')).toMatch(/^M110 4A/);
    });
});
