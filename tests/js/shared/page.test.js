import { beforeEach, describe, expect, it, vi } from 'vitest';
import { newKey, newUlid } from '../../../public/js/shared/act-key.js';
import { fill, isFilled } from '../../../public/js/shared/fields.js';
import { draw } from '../../../public/js/shared/svg.js';
import { transmit } from '../../../public/js/shared/transport.js';

describe('the key of an act', () => {
    it('is 32 hexadecimal digits, and another each time', () => {
        const keys = new Set(Array.from({ length: 500 }, newKey));
        expect(keys.size).toBe(500);
        expect([...keys].every((key) => /^[0-9a-f]{32}$/.test(key))).toBe(true);
    });
});

describe('the key of a visit', () => {
    it('is 26 letters and digits in the order of time, another each time', () => {
        const keys = Array.from({ length: 300 }, () => newUlid());
        expect(new Set(keys).size).toBe(300);
        expect(keys.every((key) => /^[0-7][0-9a-hjkmnp-tv-z]{25}$/.test(key))).toBe(true);
        expect(newUlid(1_799_488_800_000) < newUlid(1_799_488_800_001)).toBe(true);
        expect(newUlid(0).slice(0, 10)).toBe('0000000000');
    });
});

describe('fields', () => {
    const field = (html) => Object.assign(document.createElement('div'), { innerHTML: html }).firstElementChild;
    it.each([['<input value="3">', true], ['<input value="  ">', false], ['<input type="radio" value="3">', false], ['<input type="radio" checked value="3">', true], ['<input type="checkbox" value="1">', false], ['<input type="hidden" value="3">', false]])('%s is filled: %s', (html, filled) => {
        expect(isFilled(field(html))).toBe(filled);
    });
    it('tells whoever listens when a value is put in', () => {
        const one = field('<input>');
        const heard = vi.fn();
        one.addEventListener('input', heard);
        fill(one, 4.5);
        expect(one.value).toBe('4.5');
        expect(heard).toHaveBeenCalledOnce();
    });
});

describe('a drawing', () => {
    it('writes text as text', () => {
        const text = draw('text', { x: 3, class: 'tick' }, '<b>12</b>');
        expect(text.getAttribute('x')).toBe('3');
        expect(text.children).toHaveLength(0);
        expect(text.textContent).toBe('<b>12</b>');
    });
});

describe('asking the server', () => {
    beforeEach(() => {
        document.head.innerHTML = '<meta name="csrf-token" content="token">';
        vi.stubGlobal('fetch', vi.fn(() => Promise.resolve(new Response('{}'))));
    });
    const sent = () => fetch.mock.calls[0][1];
    it('carries the token, a key of its own and JSON', async () => {
        await transmit('/acts', { a: 1 });
        expect(sent().headers).toMatchObject({ 'X-CSRF-TOKEN': 'token', 'Content-Type': 'application/json' });
        expect(sent().headers['X-Act-Key']).toMatch(/^[0-9a-f]{32}$/);
        expect(sent().body).toBe('{"a":1}');
    });
    it('leaves a form the key it has', async () => {
        await transmit('/acts', new URLSearchParams({ _act: 'k' }), { method: 'PUT' });
        expect(sent().headers['X-Act-Key']).toBeUndefined();
        expect(sent().headers['X-HTTP-Method-Override']).toBe('PUT');
    });
    it.each([['{"errors":{"a":["Type a number."]},"message":"m"}', 'Type a number.'], ['{"message":"m"}', 'm'], ['{}', ''], ['<html>', '']])('finds the sentence in %s', async (body, said) => {
        vi.stubGlobal('fetch', () => Promise.resolve(new Response(body, { status: 422 })));
        expect((await transmit('/acts', {})).sentence).toBe(said);
    });
});
