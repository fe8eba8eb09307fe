// How far a salon's learning is, taken from the page as the salon has it now.

/**
 * @param {HTMLProgressElement} bar
 * @param {HTMLElement}         says what stands beside it
 * @param {string}              now  the page as it is now
 * @returns {boolean} whether it goes on; otherwise the page is worth opening anew
 */
export const goesOn = (bar, says, now) => {
    const page = new DOMParser().parseFromString(now, 'text/html');
    const far = page.querySelector('#learning progress');
    if (! far) {
        return false;
    }
    bar.value = Number(far.getAttribute('value'));
    says.textContent = page.querySelector('#learning [role="status"]').textContent;

    return true;
};
