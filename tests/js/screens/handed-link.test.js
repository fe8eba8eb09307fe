import { expect, it, vi } from 'vitest';
import { handOver } from '../../../public/js/screens/parts/handed-link.js';

const box = ({ sends = true } = {}) => {
    document.body.innerHTML = `<div class="handed-link"><input readonly value="https://salon.example/card/1">
        <button data-copy data-copied="Copied." data-by-hand="By hand.">Copy</button>
        ${sends ? '<button data-send hidden>Send</button>' : ''}<span data-handed></span></div>`;

    return document.querySelector('.handed-link');
};
const copied = async (device) => {
    const one = box();
    handOver(one, device);
    one.querySelector('[data-copy]').click();
    await vi.waitUntil(() => one.querySelector('[data-handed]').textContent !== '');

    return one;
};

it('puts the address where it can be pasted, and says so', async () => {
    const kept = [];
    const one = await copied({ clipboard: { writeText: (words) => Promise.resolve(kept.push(words)) }, copySelected: () => false });
    expect(kept).toEqual(['https://salon.example/card/1']);
    expect(one.querySelector('[data-handed]').textContent).toBe('Copied.');
});

it.each([
    ['no clipboard', undefined],
    ['a clipboard that refuses', { writeText: () => Promise.reject(new Error('not allowed')) }],
])('copies what it selects with %s, and says how to where that fails too', async (_, clipboard) => {
    let selected = '';
    const copySelected = (works) => () => {
        selected = document.activeElement.value.slice(document.activeElement.selectionStart, document.activeElement.selectionEnd);

        return works;
    };
    expect((await copied({ clipboard, copySelected: copySelected(true) })).textContent).toContain('Copied.');
    expect(selected).toBe('https://salon.example/card/1');
    expect((await copied({ clipboard, copySelected: copySelected(false) })).textContent).toContain('By hand.');
});

it('sends only where the device can, and says nothing when it is thought better of', async () => {
    const one = box();
    handOver(one, { copySelected: () => true });
    expect(one.querySelector('[data-send]').hidden).toBe(true);
    const share = vi.fn(() => Promise.reject(new Error('left')));
    handOver(one, { copySelected: () => true, share });
    expect(one.querySelector('[data-send]').hidden).toBe(false);
    one.querySelector('[data-send]').click();
    await Promise.resolve();
    expect(share).toHaveBeenCalledWith({ url: 'https://salon.example/card/1' });
    expect(one.querySelector('[data-handed]').textContent).toBe('');
    // A key is copied and never sent.
    expect(() => handOver(box({ sends: false }), { copySelected: () => true, share })).not.toThrow();
});
