import { describe, expect, it } from 'vitest';
import { oneAtATime } from '../../../public/js/shared/one-at-a-time.js';

/** Work whose rounds end by hand. */
const byHand = () => {
    const open = [];
    const begun = [];
    const work = () => new Promise((end) => {
        begun.push(open.length);
        open.push(end);
    });
    return { begun, end: (i) => open[i](), run: oneAtATime(work) };
};
const soon = () => new Promise((done) => setTimeout(done));

describe('one at a time', () => {
    it('never begins a second beside the first', async () => {
        const { begun, run, end } = byHand();
        run();
        run();
        run();
        await soon();
        expect(begun).toHaveLength(1);
        end(0);
        await soon();
        expect(begun).toHaveLength(2);
        end(1);
        await soon();
        expect(begun).toHaveLength(2);
    });

    it('is through for whoever asked late only when one that began after the asking is', async () => {
        const { run, end } = byHand();
        let through = false;
        run();
        run().then(() => {
            through = true;
        });
        end(0);
        await soon();
        expect(through).toBe(false);
        end(1);
        await soon();
        expect(through).toBe(true);
    });

    it('begins again after work that failed', async () => {
        let rounds = 0;
        const run = oneAtATime(() => {
            rounds++;
            return rounds === 1 ? Promise.reject(new Error('no network')) : Promise.resolve();
        });
        await expect(run()).rejects.toThrow('no network');
        await run();
        expect(rounds).toBe(2);
    });
});
