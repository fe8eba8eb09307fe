// Whether anything is kept on this device: asked on every page, before what sends it is loaded.

const MARK = 'nagomi-kept';

/** @returns {boolean} also of what pages of before kept */
export const isAnythingKept = () => {
    try {
        return [MARK, 'nagomi-outbox'].some((name) => localStorage.getItem(name) !== null);
    } catch {
        return false;
    }
};

export const markKept = (isKept) => {
    try {
        if (isKept) {
            localStorage.setItem(MARK, 'yes');
        } else {
            localStorage.removeItem(MARK);
        }
    } catch {
        // Then the device keeps nothing.
    }
};
