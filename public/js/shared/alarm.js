// When a time is up: a tone, a shake and the page's title; where no tone can be heard, the whole screen.

import { canSound, chime, unlock } from './sound.js';

/** Hertz by what is up, so that a ring says across the room which it is: the tones of a chord, low to high. */
const PITCHES = { dry: 330, 'pre-wash': 392, mask: 523, conditioner: 523, protein: 659, cleanse: 784 };
const USUAL_PITCH = 440;

const SEEN = 'nagomi-alarms';

const kept = () => {
    try {
        return new Set(JSON.parse(sessionStorage.getItem(SEEN) ?? '[]'));
    } catch {
        return new Set();
    }
};

/**
 * @param {{place: HTMLDialogElement}} of a dialog that fills the screen, with [data-alarm] for its words
 * @returns {{ring: function({id: string, words: string, kind: string|undefined}[]): void}} is told all that is up, again and again
 */
export const makeAlarm = ({ place }) => {
    const seen = kept();
    const rung = new Set();
    const title = document.title;
    ['pointerdown', 'keydown'].forEach((touch) => document.addEventListener(touch, unlock, { capture: true }));
    const see = (ids) => {
        ids.forEach((id) => seen.add(id));
        try {
            sessionStorage.setItem(SEEN, JSON.stringify([...seen]));
        } catch {
            // It is shown again after a reload.
        }
    };
    let up = [];
    place?.addEventListener('close', () => see(up.map(({ id }) => id)));
    return {
        ring: (all) => {
            up = all;
            document.title = all.length > 0 ? `${all.map(({ words }) => words).join(', ')} · ${title}` : title;
            const unseen = all.filter(({ id }) => !seen.has(id));
            const fresh = unseen.filter(({ id }) => !rung.has(id));
            if (fresh.length > 0) {
                fresh.forEach(({ id }) => rung.add(id));
                fresh.forEach(({ kind }) => chime(PITCHES[kind] ?? USUAL_PITCH));
            }
            if (!place) {
                return;
            }
            if (unseen.length > 0 && !canSound()) {
                place.querySelector('[data-alarm]').textContent = unseen.map(({ words }) => words).join(' ');
                if (!place.open) {
                    place.showModal();
                }
            } else if (unseen.length === 0 && place.open) {
                place.close();
            }
            // What could be heard was heard.
            if (canSound()) {
                see(fresh.map(({ id }) => id));
            }
        },
    };
};
