// Whether letters alone press something on this device; whoever talks to the computer or shakes turns that off.

const NAME = 'nagomi-single-keys';

/** @returns {boolean} */
export const areSingleKeysOn = () => {
    try {
        return localStorage.getItem(NAME) !== 'off';
    } catch {
        return true;
    }
};

/** @param {boolean} on */
export const setSingleKeys = (on) => {
    try {
        localStorage.setItem(NAME, on ? 'on' : 'off');
    } catch {
        // They stay as they are.
    }
};
