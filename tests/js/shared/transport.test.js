import { readdirSync, readFileSync } from 'node:fs';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { OUTCOMES, handle, transmit } from '../../../public/js/shared/transport.js';

const answered = (status, body = '{}', headers = {}) => new Response(status === 204 ? null : body, { status, headers });
const page = (stylist = '5') => {
    document.head.innerHTML = `<meta name="csrf-token" content="old"><meta name="stylist" content="${stylist}">`;
};
beforeEach(() => page());

describe('asking the salon', () => {
    it.each([
        [200, 'taken'], [201, 'taken'], [401, 'sign-in'], [403, 'refused'], [404, 'gone'], [409, 'refused'], [410, 'gone'], [413, 'refused'],
        [422, 'refused'], [426, 'too-old'], [429, 'busy'], [500, 'busy'], [502, 'busy'], [503, 'busy'], [504, 'busy'],
    ])('%i is %s', async (status, outcome) => {
        vi.stubGlobal('fetch', () => Promise.resolve(answered(status)));
        expect((await transmit('/acts', {})).outcome).toBe(outcome);
    });
    it('a page where an answer was due is no answer', async () => {
        vi.stubGlobal('fetch', () => Promise.resolve(answered(200, '<html>Free wifi</html>')));
        expect((await transmit('/acts', {})).outcome).toBe('busy');
        const signIn = answered(200, '<html>Sign in</html>');
        Object.defineProperties(signIn, { redirected: { value: true }, url: { value: 'http://salon/sign-in' } });
        vi.stubGlobal('fetch', () => Promise.resolve(signIn));
        expect((await transmit('/acts', {})).outcome).toBe('sign-in');
    });
    it('nothing, a hang and half an answer are no network', async () => {
        vi.stubGlobal('fetch', () => Promise.reject(new TypeError('Failed to fetch')));
        expect((await transmit('/acts', {})).outcome).toBe('no-network');
        vi.stubGlobal('fetch', (_, { signal }) => new Promise((__, reject) => { signal.addEventListener('abort', () => reject(new Error('aborted'))); }));
        expect((await transmit('/acts', {}, { deadlineMs: 20 })).outcome).toBe('no-network');
        const cut = new Response(new ReadableStream({ pull: (stream) => stream.error(new TypeError('cut')) }));
        vi.stubGlobal('fetch', () => Promise.resolve(cut));
        expect((await transmit('/acts', {})).outcome).toBe('no-network');
    });
    it('a stale token is fetched anew for the same stylist, and asked again once', async () => {
        const asked = [];
        vi.stubGlobal('fetch', (address, { headers }) => {
            asked.push(`${address} ${headers['X-CSRF-TOKEN'] ?? ''}`);
            return Promise.resolve(address === '/token' ? answered(200, '{"token":"new","stylist":5}') : answered(headers['X-CSRF-TOKEN'] === 'new' ? 200 : 419));
        });
        document.body.innerHTML = '<form><input type="hidden" name="_token" value="old"></form>';
        expect((await transmit('/acts', {})).outcome).toBe('taken');
        expect(document.querySelector('[name="_token"]').value).toBe('new');
        expect(asked).toEqual(['/acts old', '/token ', '/acts new']);
    });
    it('another stylist’s token is not taken', async () => {
        vi.stubGlobal('fetch', (address) => Promise.resolve(address === '/token' ? answered(200, '{"token":"new","stylist":6}') : answered(419)));
        expect((await transmit('/acts', {})).outcome).toBe('sign-in');
        expect(document.querySelector('meta[name="csrf-token"]').content).toBe('old');
    });
    it('says whose page it is and how old, and what the salon says to it', async () => {
        let sent = null;
        vi.stubGlobal('fetch', (_, init) => {
            sent = init;
            return Promise.resolve(answered(422, '{"message":"no","errors":{"ml":["Amount: type 0 to 1000."]}}', { 'Retry-After': '7' }));
        });
        const answer = await transmit('/acts', { a: 1 }, { method: 'PUT' });
        expect(sent.headers).toMatchObject({ 'X-Nagomi-Stylist': '5', 'X-HTTP-Method-Override': 'PUT', 'X-Nagomi-Protocol': '2' });
        expect(answer).toMatchObject({ outcome: 'refused', sentence: 'Amount: type 0 to 1000.', waitMs: 7000 });
    });
});

describe('dealing with an answer', () => {
    it('wants somebody for each outcome', () => {
        const all = Object.fromEntries(OUTCOMES.map((outcome) => [outcome, () => outcome]));
        for (const outcome of OUTCOMES) {
            expect(handle({ outcome }, all)).toBe(outcome);
            const { [outcome]: _, ...others } = all;
            expect(() => handle({ outcome: 'taken' }, others)).toThrow(outcome);
        }
    });
    it('is what every caller does', () => {
        const files = readdirSync('public/js', { recursive: true }).filter((name) => name.endsWith('.js') && !name.endsWith('transport.js'));
        const asking = files.map((name) => [name, readFileSync(`public/js/${name}`, 'utf8')]).filter(([, code]) => code.includes('transport.js'));
        expect(asking.length).toBeGreaterThan(0);
        for (const [name, code] of asking) {
            const asks = code.match(/\btransmit\(/g)?.length ?? 0;
            const deals = code.match(/\bhandle\(/g)?.length ?? 0;
            expect(deals, `${name} asks ${asks} times`).toBeGreaterThanOrEqual(Math.max(1, asks));
        }
        // Nobody goes past it.
        expect(files.filter((name) => /\bfetch\(|XMLHttpRequest\(|sendBeacon\(/.test(readFileSync(`public/js/${name}`, 'utf8')))).toEqual([]);
    });
});
