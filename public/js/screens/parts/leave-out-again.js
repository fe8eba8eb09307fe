// Tapping a chosen number once more leaves the test out again. A wet finger that bounces taps twice and means once.

const BOUNCE_MS = 700;

/** @param {Document|Element} root where the numbers are */
export const leaveOutAgain = (root) => {
    let chosen = null;
    let last = { radio: null, at: Number.NEGATIVE_INFINITY };
    root.addEventListener('change', ({ target, timeStamp }) => {
        if (target.matches('.points input')) {
            last = { radio: target, at: timeStamp };
        }
    });
    root.addEventListener('pointerdown', ({ target, timeStamp }) => {
        const radio = target.closest?.('.points label')?.querySelector('input');
        const bounces = radio === last.radio && timeStamp - last.at < BOUNCE_MS;
        chosen = radio?.checked && ! bounces ? radio : null;
    });
    root.addEventListener('click', ({ target }) => {
        if (chosen !== null && target === chosen) {
            chosen.checked = false;
            chosen.dispatchEvent(new Event('input', { bubbles: true }));
            chosen = null;
        }
    });
};
