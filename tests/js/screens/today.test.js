import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';

const shown = '<main><div data-day data-thoroughly="/today?thoroughly=1"><p>quick</p><button>Here</button></div></main>';
const answer = (status, told) => vi.fn(() => Promise.resolve(new Response(JSON.stringify(told), { status })));
const look = async () => {
    vi.resetModules();
    await import('../../../public/js/screens/today.js');
};

describe('a full day', () => {
    beforeEach(() => { document.body.innerHTML = shown; });
    afterEach(() => vi.unstubAllGlobals());

    it('takes on the better order that was found meanwhile', async () => {
        const asked = answer(200, { page: '<html><body><div data-day><p>better</p></div></body></html>' });
        vi.stubGlobal('fetch', asked);
        await look();
        expect(document.querySelector('[data-day]').textContent).toBe('better');
        expect(asked.mock.calls[0][0]).toBe('/today?thoroughly=1');
        expect(asked.mock.calls[0][1].method).toBe('GET');
    });
    it('leaves alone what somebody is in', async () => {
        vi.stubGlobal('fetch', answer(200, { page: '<div data-day><p>better</p></div>' }));
        document.querySelector('button').focus();
        await look();
        expect(document.querySelector('[data-day]').textContent).toContain('quick');
    });
    it.each([[500, {}], [404, {}], [419, {}], [200, { page: '<p>something else</p>' }]])('stands without an answer (%i)', async (status, told) => {
        vi.stubGlobal('fetch', answer(status, told));
        await look();
        expect(document.querySelector('[data-day]').textContent).toContain('quick');
    });
    it('asks nothing where the best order is known', async () => {
        const asked = answer(200, {});
        vi.stubGlobal('fetch', asked);
        document.body.innerHTML = '<main><div data-day></div></main>';
        await look();
        expect(asked).not.toHaveBeenCalled();
    });
});
