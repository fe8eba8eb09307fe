import { beforeEach, afterEach, describe, expect, it, vi } from 'vitest';
import { dragged } from '../../../public/js/screens/parts/dragging.js';

const does = { begin: vi.fn(), over: vi.fn(), drop: vi.fn(), cancel: vi.fn() };
let [bar, opened] = [null, 0];

const point = (type, x, y, pointerType = 'mouse') => {
    const event = new MouseEvent(type, { bubbles: true, cancelable: true, button: 0, clientX: x, clientY: y });
    Object.assign(event, { pointerId: 1 });
    Object.defineProperty(event, 'pointerType', { value: pointerType });
    (type === 'pointerdown' ? bar : window).dispatchEvent(event);
    return event;
};

dragged('[data-places-of]', does);

beforeEach(() => {
    vi.useFakeTimers();
    Object.values(does).forEach((one) => one.mockClear());
    document.body.innerHTML = '<a href="#there" data-places-of="booking=a">Noor</a><p>beside</p>';
    bar = document.querySelector('a');
    opened = 0;
    bar.addEventListener('click', (event) => {
        opened += 1;
        event.preventDefault();
    });
});
afterEach(() => {
    point('pointercancel', 0, 0);
    vi.runAllTimers();
    vi.useRealTimers();
});

describe('dragging with a mouse', () => {
    it('begins once it has moved, goes along, is dropped, and the click that follows opens nothing', () => {
        point('pointerdown', 10, 10);
        point('pointermove', 12, 11);
        expect(does.begin).not.toHaveBeenCalled();
        point('pointermove', 30, 10);
        expect(does.begin).toHaveBeenCalledWith(bar, expect.anything());
        expect(does.over).toHaveBeenCalledTimes(1);
        point('pointerup', 40, 10);
        bar.click();
        expect(does.drop).toHaveBeenCalledTimes(1);
        expect(opened).toBe(0);
    });
    it('lets a click that comes later open what is clicked', () => {
        point('pointerdown', 10, 10);
        point('pointermove', 30, 10);
        point('pointerup', 40, 10);
        vi.advanceTimersByTime(100);
        bar.click();
        expect(opened).toBe(1);
    });
    it('is no drag where nothing moved: the click opens', () => {
        point('pointerdown', 10, 10);
        point('pointerup', 10, 10);
        bar.click();
        expect(does.begin).not.toHaveBeenCalled();
        expect(opened).toBe(1);
    });
});

describe('dragging with a finger', () => {
    it('begins once it was held, without moving; the page does not scroll then', () => {
        point('pointerdown', 10, 10, 'touch');
        vi.advanceTimersByTime(200);
        expect(does.begin).not.toHaveBeenCalled();
        vi.advanceTimersByTime(300);
        expect(does.begin).toHaveBeenCalledTimes(1);
        const scroll = new Event('touchmove', { bubbles: true, cancelable: true });
        window.dispatchEvent(scroll);
        expect(scroll.defaultPrevented).toBe(true);
    });
    it('is scrolling where it moves at once', () => {
        point('pointerdown', 10, 10, 'touch');
        point('pointermove', 10, 40, 'touch');
        vi.advanceTimersByTime(500);
        const scroll = new Event('touchmove', { bubbles: true, cancelable: true });
        window.dispatchEvent(scroll);
        expect(does.begin).not.toHaveBeenCalled();
        expect(scroll.defaultPrevented).toBe(false);
    });
    it('is given up where the device takes the finger away', () => {
        point('pointerdown', 10, 10, 'touch');
        vi.advanceTimersByTime(400);
        point('pointercancel', 0, 0);
        expect(does.cancel).toHaveBeenCalledTimes(1);
        point('pointerup', 10, 10, 'touch');
        expect(does.drop).not.toHaveBeenCalled();
    });
});
