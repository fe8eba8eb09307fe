import { beforeEach, describe, expect, it } from 'vitest';
import { lookAt } from '../../../public/js/screens/parts/learning-progress.js';

const page = (inside) => () => Promise.resolve(new Response(`<main><section id="learning">${inside}</section></main>`));
const underWay = (percent) => `<p role="status">${percent} % done</p><progress max="100" value="${percent}"></progress>`;

let bar;
let says;

beforeEach(() => {
    document.body.innerHTML = `<section id="learning">${underWay(4)}</section>`;
    bar = document.querySelector('progress');
    says = document.querySelector('[role="status"]');
});

describe('how far a salon’s learning is', () => {
    it('is what the salon says now, in the bar and in words', async () => {
        expect(await lookAt(bar, says, page(underWay(37)))).toBe('on');
        expect(bar.value).toBe(37);
        expect(says.textContent).toBe('37 % done');
    });

    it('has ended where the page has no bar any more', async () => {
        expect(await lookAt(bar, says, page('<button>Use these numbers</button>'))).toBe('ended');
        expect(bar.value).toBe(4);
    });

    it('stays as it was where the salon cannot be asked, refuses, or answers with another page', async () => {
        for (const ask of [
            () => Promise.reject(new TypeError('no line')),
            () => Promise.resolve(new Response('busy', { status: 503 })),
            () => Promise.resolve(new Response('<form action="/sign-in"></form>')),
        ]) {
            expect(await lookAt(bar, says, ask)).toBe('away');
        }
        expect([bar.value, says.textContent]).toEqual([4, '4 % done']);
    });
});
