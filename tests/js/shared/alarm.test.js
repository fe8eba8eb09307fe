import { beforeEach, describe, expect, it, vi } from 'vitest';

/** Modules made anew: what was unlocked on one page is not on the next. */
const page = async () => {
    vi.resetModules();
    return { ...await import('../../../public/js/shared/sound.js'), ...await import('../../../public/js/shared/alarm.js') };
};
const tones = [];
const sounding = (state) => vi.stubGlobal('AudioContext', class {
    state = state;
    destination = {};
    currentTime = 2;
    resume() {}
    createOscillator() {
        const tone = { connect: vi.fn(), frequency: { value: 0 }, start: vi.fn(), stop: vi.fn() };
        tones.push(tone);
        return tone;
    }
});
const dialog = () => {
    const made = Object.assign(document.createElement('dialog'), { innerHTML: '<p data-alarm></p>' });
    made.showModal = () => { made.open = true; };
    made.close = () => {
        made.open = false;
        made.dispatchEvent(new Event('close'));
    };
    return made;
};
beforeEach(() => {
    sessionStorage.clear();
    tones.length = 0;
    document.title = 'Wash';
});
const mask = { id: 'mask 10:05', words: 'Mask: time is up' };
const again = { id: 'mask 10:40', words: 'Mask: time is up' };

describe('a tone', () => {
    it('stays silent where there is no sound, and never fails', async () => {
        vi.stubGlobal('AudioContext', class { constructor() { throw new Error('no sound'); } });
        const { chime } = await page();
        expect(() => chime()).not.toThrow();
    });
    it('sounds as high and as long as it is asked to', async () => {
        sounding('running');
        const { chime } = await page();
        chime(660, 0.4);
        expect(tones[0].frequency.value).toBe(660);
        expect(tones[0].stop).toHaveBeenCalledWith(2.4);
    });
});

describe('an alarm', () => {
    it('rings once for what is up, and again for what was put on again', async () => {
        sounding('running');
        const { makeAlarm, unlock } = await page();
        unlock();
        const place = dialog();
        const alarm = makeAlarm({ place });
        alarm.ring([mask]);
        alarm.ring([mask]);
        expect([tones.length, place.open, document.title]).toEqual([1, false, 'Mask: time is up · Wash']);
        alarm.ring([]);
        expect(document.title).toBe('Wash');
        alarm.ring([again]);
        expect(tones).toHaveLength(2);
    });
    it('fills the screen where it cannot be heard, until somebody has seen it, also after a reload', async () => {
        sounding('suspended');
        let place = dialog();
        (await page()).makeAlarm({ place }).ring([mask]);
        expect([place.open, place.querySelector('[data-alarm]').textContent]).toEqual([true, mask.words]);
        place = dialog();
        const reloaded = (await page()).makeAlarm({ place });
        reloaded.ring([mask]);
        expect(place.open).toBe(true);
        place.close();
        reloaded.ring([mask]);
        expect(place.open).toBe(false);
        const later = dialog();
        const alarm = (await page()).makeAlarm({ place: later });
        alarm.ring([mask]);
        expect(later.open).not.toBe(true);
        alarm.ring([mask, again]);
        expect(later.open).toBe(true);
    });
});

describe('what is up', () => {
    it('is heard apart by its tone', async () => {
        sounding('running');
        const { makeAlarm, unlock } = await page();
        unlock();
        const alarm = makeAlarm({ place: dialog() });
        alarm.ring([{ ...mask, kind: 'mask' }, { id: 'protein 10:05', words: 'Protein: time is up', kind: 'protein' }]);
        const pitches = tones.map((tone) => tone.frequency.value);
        expect(pitches).toHaveLength(2);
        expect(new Set(pitches).size).toBe(2);
    });
});
