// How far a salon's learning is, taken from the page as the salon has it now.

/**
 * @param {HTMLProgressElement} bar
 * @param {HTMLElement}         says  what stands beside it
 * @param {() => Promise<Response>} ask for the page as it is now
 * @returns {Promise<'on'|'ended'|'away'>} ended: the page is worth opening anew
 */
export const lookAt = async (bar, says, ask) => {
    try {
        const answer = await ask();
        const page = answer.ok ? new DOMParser().parseFromString(await answer.text(), 'text/html') : null;
        // Signed out meanwhile, another page comes: it says nothing of the learning.
        if (! page?.querySelector('#learning')) {
            return 'away';
        }
        const now = page.querySelector('#learning progress');
        if (! now) {
            return 'ended';
        }
        bar.value = Number(now.getAttribute('value'));
        says.textContent = page.querySelector('#learning [role="status"]').textContent;

        return 'on';
    } catch {
        return 'away';
    }
};
