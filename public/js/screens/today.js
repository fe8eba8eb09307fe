// A full day is shown as soon as an order is found; a better one is looked for meanwhile and put in its place.

const day = document.querySelector('[data-thoroughly]');

if (day) {
    const answer = await fetch(day.dataset.thoroughly, { headers: { Accept: 'text/html' } }).catch(() => null);
    const page = answer?.ok ? new DOMParser().parseFromString(await answer.text(), 'text/html') : null;
    const better = page?.querySelector('[data-day]');
    // Nothing moves under a finger or a cursor; whoever is in it sees the better order on the next look.
    if (better && !day.contains(document.activeElement)) {
        day.replaceChildren(...better.childNodes);
    }
}
