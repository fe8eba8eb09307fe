import { describe, expect, it } from 'vitest';
import { minutesLeft, nextOpen } from '../../../public/js/screens/parts/test-walk.js';

const names = ['feel', 'dryness', 'curl-memory', 'wet-stretch'];
const openBut = (...done) => (name) => ! done.includes(name);

describe('the walk through the recommended tests', () => {
    it('goes on to the next that is still to do, and round to those before', () => {
        expect(nextOpen(names, openBut(), 'feel')).toBe('dryness');
        expect(nextOpen(names, openBut('dryness'), 'feel')).toBe('curl-memory');
        expect(nextOpen(names, openBut('dryness', 'wet-stretch'), 'curl-memory')).toBe('feel');
        expect(nextOpen(names, openBut('feel', 'dryness', 'wet-stretch'), 'curl-memory')).toBe(null);
        expect(nextOpen(names, openBut(...names), 'feel')).toBe(null);
        expect(nextOpen(names, openBut(), '')).toBe('feel');
    });

    it('counts the minutes of what is still to do, whole', () => {
        const minutes = { feel: 0.2, dryness: 0.2, 'curl-memory': 0.3, 'wet-stretch': 3 };
        expect(minutesLeft(minutes, openBut())).toBe(4);
        expect(minutesLeft(minutes, openBut('wet-stretch'))).toBe(1);
        expect(minutesLeft(minutes, openBut(...names))).toBe(0);
    });
});
