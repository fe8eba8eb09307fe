// While a salon's records are learned from: how far it is, looked at every few seconds by whoever has the page open.

const ASK_MS = 3000;
const bar = document.querySelector('#learning progress');
const says = document.querySelector('#learning [role="status"]');

const look = async () => {
    if (document.visibilityState !== 'visible') {
        return;
    }
    try {
        const answer = await fetch(location.href, { headers: { Accept: 'text/html' } });
        const page = new DOMParser().parseFromString(await answer.text(), 'text/html');
        const now = page.querySelector('#learning progress');
        if (! answer.ok || ! page.querySelector('#learning')) {
            return;
        }
        if (! now) {
            location.reload();
            return;
        }
        bar.value = now.value;
        says.textContent = page.querySelector('#learning [role="status"]').textContent;
    } catch {
        // Away for a moment: it is asked again.
    }
};

if (bar) {
    setInterval(look, ASK_MS);
}
