// One key finds anything: by the arrow keys, without a network, and never what was asked before.

import { beforeEach, expect, test, vi } from 'vitest';
import { makeFinder, onThisPage, once, step } from '../../../public/js/screens/parts/finder.js';

const words = { title: 'Find', label: 'Any part', none: 'Nothing.', away: 'No network.', here: 'On this page' };
let asks;
let went;
const settle = async () => {
    await vi.advanceTimersByTimeAsync(200);
};
const type = async (search) => {
    const field = document.querySelector('.finder input');
    field.value = search;
    field.dispatchEvent(new Event('input'));
    await settle();
};
const press = (key) => document.querySelector('.finder input').dispatchEvent(new KeyboardEvent('keydown', { key, cancelable: true }));
const chosen = () => document.querySelector('[aria-selected="true"] b')?.textContent;

beforeEach(() => {
    vi.useFakeTimers();
    document.body.innerHTML = '<a href="/clients/1/plan">Plan <kbd>s</kbd></a>';
    HTMLDialogElement.prototype.showModal = function () { this.open = true; };
    HTMLElement.prototype.scrollIntoView = () => {};
    went = [];
    asks = vi.fn((search) => Promise.resolve(search === 'pl' ? [{ group: 'Client', words: 'Plum', href: '/clients/2' }, { group: 'Go to', words: 'Compare plans', href: '/plans' }] : []));
    makeFinder({ words, links: [...document.querySelectorAll('a')], ask: (search) => asks(search), go: (href) => went.push(href) }).open();
});

test('finds on this page and at the salon, goes round by the arrows and goes there', async () => {
    await type('pl');
    expect([...document.querySelectorAll('.found b')].map((one) => one.textContent)).toEqual(['Plan', 'Plum', 'Compare plans']);
    expect(chosen()).toBe('Plan');
    press('ArrowDown');
    expect(chosen()).toBe('Plum');
    press('ArrowUp');
    press('ArrowUp');
    expect(chosen()).toBe('Compare plans');
    press('Enter');
    expect(went).toEqual(['/plans']);
});

test('says where nothing is called so, and where there is no network', async () => {
    await type('zebra');
    expect(document.querySelector('[role="status"]').textContent).toBe('Nothing.');
    press('Enter');
    expect(went).toEqual([]);
    asks = vi.fn(() => Promise.resolve(null));
    await type('pla');
    expect(document.querySelector('[role="status"]').textContent).toBe('No network.');
    expect(chosen()).toBe('Plan');
});

test('an answer that comes late is not shown over a later one', async () => {
    let late;
    asks = vi.fn((search) => (search === 'a' ? new Promise((done) => { late = done; }) : Promise.resolve([{ group: 'Client', words: 'Bea', href: '/clients/3' }])));
    await type('a');
    await type('be');
    late([{ group: 'Client', words: 'Aune', href: '/clients/4' }]);
    await settle();
    expect([...document.querySelectorAll('.found b')].map((one) => one.textContent)).toEqual(['Bea']);
});

test('steps round, finds nothing by nothing, and each address once', () => {
    expect([step(0, -1, 3), step(2, 1, 3), step(-1, 1, 0)]).toEqual([2, 0, -1]);
    expect(onThisPage('', [document.querySelector('a')], 'here')).toEqual([]);
    expect(once([{ href: '/a' }, { href: '/b' }, { href: '/a' }])).toEqual([{ href: '/a' }, { href: '/b' }]);
});
