import { beforeEach, describe, expect, it } from 'vitest';
import { goesOn } from '../../../public/js/screens/parts/learning-progress.js';

const page = (inside) => `<main><section id="learning">${inside}</section></main>`;
const underWay = (percent) => `<p role="status">${percent} % done</p><progress max="100" value="${percent}"></progress>`;

let bar;
let says;

beforeEach(() => {
    document.body.innerHTML = page(underWay(4));
    bar = document.querySelector('progress');
    says = document.querySelector('[role="status"]');
});

describe('how far a salon’s learning is', () => {
    it('is what the salon says now, in the bar and in words', () => {
        expect(goesOn(bar, says, page(underWay(37)))).toBe(true);
        expect(bar.value).toBe(37);
        expect(says.textContent).toBe('37 % done');
    });

    it('has ended where the page has no bar any more, and stands as it was', () => {
        expect(goesOn(bar, says, page('<button>Use these numbers</button>'))).toBe(false);
        expect([bar.value, says.textContent]).toEqual([4, '4 % done']);
    });
});
