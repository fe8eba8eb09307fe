import { beforeEach, describe, expect, it, vi } from 'vitest';
import { keep, send, waiting } from '../../../public/js/offline/visits.js';

const form = (visit) => {
    const made = document.createElement('form');
    made.innerHTML = `<input name="_token" value="t"><input name="visit" value="${visit}"><input name="raw[dryness][points]" value="5">`;
    return made;
};
const answers = (...list) => vi.stubGlobal('fetch', vi.fn(() => {
    const next = list.shift();
    return next instanceof Error ? Promise.reject(next) : Promise.resolve(next);
}));
const answer = (status, body = '{}') => new Response(body, { status });

describe('visits kept on this tablet', () => {
    beforeEach(() => {
        localStorage.clear();
        document.head.innerHTML = '<meta name="stylist" content="7"><meta name="csrf-token" content="t">';
    });
    it('are kept once each, without the token of the page', () => {
        keep('/hair-tests', form('a'), 'a');
        keep('/hair-tests', form('a'), 'a');
        expect(waiting()).toHaveLength(1);
        expect(waiting()[0].body).not.toContain('_token');
    });
    it('go out when there is a network, and not before', async () => {
        keep('/hair-tests', form('a'), 'a');
        answers(new TypeError('no network'));
        const said = vi.fn();
        await send(said);
        expect(waiting()).toHaveLength(1);
        expect(said).not.toHaveBeenCalled();
        answers(answer(201, '{"told":"/history/1"}'));
        await send(said);
        expect(waiting()).toHaveLength(0);
        expect(said.mock.calls[0][0]).toMatchObject({ state: 'sent', told: '/history/1' });
    });
    it('stay while the server is unwell, or nobody is signed in', async () => {
        keep('/hair-tests', form('a'), 'a');
        answers(answer(503));
        await send(vi.fn());
        expect(waiting()).toHaveLength(1);
        const said = vi.fn();
        answers(answer(419));
        await send(said);
        expect(said.mock.calls[0][0].state).toBe('sign-in');
        expect(waiting()).toHaveLength(1);
    });
    it('go back to the form with what was typed where the salon asks for another look', async () => {
        keep('/hair-tests', form('a'), 'client before');
        const said = vi.fn();
        answers(answer(422));
        await send(said);
        expect(said.mock.calls[0][0].state).toBe('look');
        expect(JSON.parse(localStorage.getItem('nagomi-bench client before')).fields).toEqual({ 'raw[dryness][points]': '5' });
    });
    it('are never sent as somebody else', async () => {
        keep('/hair-tests', form('a'), 'a');
        document.head.innerHTML = '<meta name="stylist" content="8">';
        answers(answer(201));
        await send(vi.fn());
        expect(fetch).not.toHaveBeenCalled();
        document.head.innerHTML = '<meta name="stylist" content="7">';
        expect(waiting()).toHaveLength(1);
    });
});
