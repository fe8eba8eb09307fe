import { expect, it } from 'vitest';
import { showTimers } from '../../../public/js/screens/parts/wash-view.js';

const list = document.createElement('ul');
const shown = (kind, leftSeconds) => {
    showTimers(list, [{ step: { kind, label: kind, waiting_minutes: 10 }, leftSeconds }]);
    return [list.firstChild.className, list.querySelector('span').textContent];
};

it('says that something is on far too long where it comes off the hair again, and of nothing else', () => {
    expect(shown('mask', 60)).toEqual(['', 'mask']);
    expect(shown('mask', -60)).toEqual(['is-up', 'up']);
    showTimers(list, [{ step: { kind: 'conditioner', label: 'conditioner', waiting_minutes: 3 }, leftSeconds: -1500, isWorkedUnder: true }]);
    expect([list.firstChild.className, list.textContent]).toEqual(['', '0:00stays-on']);
    for (const kind of ['pre-wash', 'cleanse', 'protein', 'conditioner', 'mask']) {
        expect(shown(kind, -1201)).toEqual(['is-over', 'far-over']);
    }
    // Combs lie in the disinfectant, and hair under the hood, with nothing to rinse.
    for (const kind of ['tools', 'dry', 'style']) {
        expect(shown(kind, -1201)).toEqual(['is-up', 'up']);
    }
});
