// Five cards at the first visit, once; had again when asked for.

import { beforeEach, expect, test } from 'vitest';
import { showTour, wasSeen } from '../../../public/js/screens/parts/tour.js';
import { areSingleKeysOn, setSingleKeys } from '../../../public/js/shared/single-keys.js';

const words = { title: 'A look round', next: 'Next', back: 'Back', end: 'Done', skip: 'Skip', count: ':at of :all', cards: ['a', 'b', 'c', 'd', 'e'].map((one) => [one, `${one} says`]) };
const press = (of) => [...document.querySelectorAll('.tour button')].find((one) => one.textContent === of && !one.hidden).click();

beforeEach(() => {
    localStorage.clear();
    document.body.innerHTML = '';
});

test('goes through five cards and back, and is over for good', () => {
    expect(wasSeen()).toBe(false);
    showTour(words);
    const seen = [];
    for (let i = 0; i < 4; i++) {
        seen.push(document.querySelector('.tour h2').textContent);
        press('Next');
    }
    press('Back');
    expect(document.querySelector('.tour .reason').textContent).toBe('4 of 5');
    press('Next');
    expect([...seen, document.querySelector('.tour h2').textContent]).toEqual(['a', 'b', 'c', 'd', 'e']);
    expect(wasSeen()).toBe(false);
    press('Done');
    expect(document.querySelector('.tour')).toBe(null);
    expect(wasSeen()).toBe(true);
});

test('is skipped at once, also by Escape, and never stands twice', () => {
    showTour(words);
    showTour(words);
    expect(document.querySelectorAll('.tour')).toHaveLength(1);
    press('Skip');
    expect(wasSeen()).toBe(true);
    showTour(words).dispatchEvent(new KeyboardEvent('keydown', { key: 'Escape' }));
    expect(document.querySelector('.tour')).toBe(null);
});

test('single keys are on until they are turned off on this device', () => {
    expect(areSingleKeysOn()).toBe(true);
    setSingleKeys(false);
    expect(areSingleKeysOn()).toBe(false);
    setSingleKeys(true);
    expect(areSingleKeysOn()).toBe(true);
});
