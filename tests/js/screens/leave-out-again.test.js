import { beforeEach, expect, it, vi } from 'vitest';
import { leaveOutAgain } from '../../../public/js/screens/parts/leave-out-again.js';

let root;
let typed;
const radio = (value) => root.querySelector(`input[value="${value}"]`);
const tap = (value, at) => {
    const when = (event) => Object.defineProperty(event, 'timeStamp', { value: at });
    radio(value).closest('label').dispatchEvent(when(new Event('pointerdown', { bubbles: true })));
    const was = radio(value).checked;
    radio(value).dispatchEvent(new Event('click', { bubbles: true, cancelable: true }));
    if (! was) {
        radio(value).checked = true;
        radio(value).dispatchEvent(when(new Event('change', { bubbles: true })));
    }
};

beforeEach(() => {
    root = Object.assign(document.createElement('div'), { innerHTML: `<div class="points">${[0, 1, 2].map((value) => `<label><input type="radio" name="raw[dryness][points]" value="${value}"></label>`).join('')}</div>` });
    typed = vi.fn();
    root.addEventListener('input', typed);
    leaveOutAgain(root);
});

it('leaves a number out again when it is tapped once more', () => {
    tap(1, 0);
    expect(radio(1).checked).toBe(true);
    tap(1, 5000);
    expect(radio(1).checked).toBe(false);
    expect(typed).toHaveBeenCalledTimes(1);
});

it('takes two taps within a moment for one', () => {
    tap(1, 1000);
    tap(1, 1300);
    expect(radio(1).checked).toBe(true);
    expect(typed).not.toHaveBeenCalled();
    // Meant later, it counts.
    tap(1, 2600);
    expect(radio(1).checked).toBe(false);
});

it('goes on to another number at once', () => {
    tap(1, 1000);
    tap(2, 1200);
    expect(radio(2).checked).toBe(true);
});
