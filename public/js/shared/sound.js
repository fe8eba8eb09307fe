// A tone and a shake when a time is up. A browser lets a page sound only after it was touched; a device without either still shows it.

let audio = null;

/** To be called when the page is touched. */
export const unlock = () => {
    try {
        audio ??= new AudioContext();
        audio.resume?.();
    } catch {
        // No sound here.
    }
};

/** @returns {boolean} whether a tone would be heard, as far as the browser can tell */
export const canSound = () => audio?.state === 'running';

/** @param {number} pitch in hertz @param {number} seconds how long */
export const chime = (pitch = 523, seconds = 0.6) => {
    navigator.vibrate?.([300, 150, 300]);
    unlock();
    if (audio === null) {
        return;
    }
    const tone = audio.createOscillator();
    tone.connect(audio.destination);
    tone.frequency.value = pitch;
    tone.start();
    tone.stop(audio.currentTime + seconds);
};
