// Zones that were looked at and show nothing are one tap: where no number is tapped yet, 0 is.

/** @param {Iterable<{name: string, value: string, checked: boolean}>} radios of one measure, of several zones */
export const restNone = (radios) => {
    const zones = new Map();
    [...radios].forEach((radio) => zones.set(radio.name, [...zones.get(radio.name) ?? [], radio]));
    zones.forEach((zone) => {
        const none = zone.find((radio) => radio.value === '0');
        if (none && ! zone.some((radio) => radio.checked)) {
            none.checked = true;
        }
    });
};
