// The timer of a step at home goes by the clock and stays over a reload.

import { beforeEach, expect, test } from 'vitest';
import { left, stepTimer } from '../../../public/js/screens/parts/step-timer.js';

let now;
let called;
const store = new Map();
const storage = { getItem: (key) => store.get(key) ?? null, setItem: (key, value) => store.set(key, value), removeItem: (key) => store.delete(key) };
const words = (name, parts) => `${name} ${Object.values(parts).join(' ')}`;
const open = () => {
    document.body.innerHTML = '<button data-timer="20" data-what="Mask">Start timer</button>';
    const button = document.querySelector('button');
    return { button, tick: stepTimer(button, { key: 'k', storage, now: () => now, words, up: (sentence) => called.push(sentence) }) };
};

beforeEach(() => {
    now = 1_000_000;
    called = [];
    store.clear();
});

test('counts down by the clock, and calls once', () => {
    const { button, tick } = open();
    button.click();
    expect(button.textContent).toBe('time-left 20:00');
    now += 61_500;
    tick();
    expect(button.textContent).toBe('time-left 18:59');
    now += 20 * 60_000;
    tick();
    tick();
    expect(called).toEqual(['time-up Mask']);
    expect(button.textContent).toBe('Start timer');
});

test('goes on over a reload, and stops at a tap', () => {
    open().button.click();
    now += 5 * 60_000;
    const { button, tick } = open();
    expect(button.textContent).toBe('time-left 15:00');
    button.click();
    now += 60 * 60_000;
    tick();
    expect(called).toEqual([]);
    expect(open().button.textContent).toBe('Start timer');
});

test('what ran out long ago calls nobody', () => {
    open().button.click();
    now += 3 * 60 * 60_000;
    open();
    expect(called).toEqual([]);
});

test('says minutes and seconds', () => {
    expect([left(0), left(59_001), left(60_000), left(-5), left(605_000)]).toEqual(['0:00', '1:00', '1:00', '0:00', '10:05']);
});

test('runs where nothing can be kept', () => {
    document.body.innerHTML = '<button data-timer="1" data-what="Mask">Start timer</button>';
    const button = document.querySelector('button');
    const broken = () => { throw new Error('full'); };
    const tick = stepTimer(button, { key: 'k', storage: { getItem: broken, setItem: broken, removeItem: broken }, now: () => now, words, up: (sentence) => called.push(sentence) });
    button.click();
    now += 60_000;
    tick();
    expect(called).toEqual(['time-up Mask']);
});
