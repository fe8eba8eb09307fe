// A look round in five cards, at the first visit and whenever it is asked for; it covers nothing that is needed and can be skipped at once.

const NAME = 'nagomi-tour';

/** @returns {boolean} it was seen on this device, or nothing can be kept here */
export const wasSeen = () => {
    try {
        return localStorage.getItem(NAME) !== null;
    } catch {
        return true;
    }
};

const see = () => {
    try {
        localStorage.setItem(NAME, 'seen');
    } catch {
        // It is shown once more then.
    }
};

/** @param {{ title: string, next: string, back: string, end: string, skip: string, count: string, cards: string[][] }} words */
export const showTour = (words) => {
    document.querySelector('.tour')?.remove();
    let at = 0;
    const card = document.createElement('section');
    card.className = 'tour card';
    card.setAttribute('aria-label', words.title);
    const title = document.createElement('h2');
    const says = document.createElement('p');
    const count = Object.assign(document.createElement('span'), { className: 'reason' });
    const button = (of, strong, does) => {
        const made = Object.assign(document.createElement('button'), { type: 'button', className: `button${strong ? ' is-strong' : ''}`, textContent: of });
        made.addEventListener('click', does);
        return made;
    };
    const over = () => {
        see();
        card.remove();
    };
    const back = button(words.back, false, () => show(at - 1));
    const next = button(words.next, true, () => (at === words.cards.length - 1 ? over() : show(at + 1)));
    const skip = button(words.skip, false, over);
    const row = Object.assign(document.createElement('p'), { className: 'more' });
    const show = (place) => {
        at = place;
        [title.textContent, says.textContent] = words.cards[at];
        count.textContent = words.count.replace(':at', String(at + 1)).replace(':all', String(words.cards.length));
        back.hidden = at === 0;
        skip.hidden = at === words.cards.length - 1;
        next.textContent = at === words.cards.length - 1 ? words.end : words.next;
    };
    row.append(next, back, skip, count);
    card.append(title, says, row);
    card.addEventListener('keydown', (event) => event.key === 'Escape' && over());
    says.setAttribute('aria-live', 'polite');
    show(0);
    document.body.append(card);

    return card;
};
