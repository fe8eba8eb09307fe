// One key finds any client, product, screen or act: a dialog with a field and what is called so, gone through by the arrow keys.

import { handle, transmit } from '../../shared/transport.js';

const WAIT_MS = 150;

/** @returns {function(string): Promise<object[]|null>} what the salon finds; null where it cannot say */
export const askAt = (address) => async (search) => {
    const none = () => null;
    const answer = await transmit(`${address}?search=${encodeURIComponent(search)}`, null, { method: 'GET' });

    return handle(answer, { taken: ({ told }) => told.found, refused: none, 'sign-in': none, gone: none, busy: none, 'no-network': none, 'too-old': none });
};

/** @returns {{ group: string, words: string, href: string }[]} the links of this page whose words hold what is looked for */
export const onThisPage = (search, links, group) => (search === '' ? [] : links
    .map((link) => ({ group, words: link.firstChild?.textContent.trim() ?? '', href: link.getAttribute('href') }))
    .filter(({ words }) => words.toLowerCase().includes(search.toLowerCase())));

/** @returns {object[]} each address once, the first that came */
export const once = (found) => found.filter(({ href }, i) => found.findIndex((one) => one.href === href) === i);

/** @returns {number} the place after a step, round and round */
export const step = (at, by, count) => (count === 0 ? -1 : (at + by + count) % count);

const node = (tag, of, ...children) => {
    const made = Object.assign(document.createElement(tag), of);
    made.append(...children);
    return made;
};

/**
 * @param {{ words: Object<string, string>, links: HTMLAnchorElement[], ask: function(string): Promise<object[]|null>, go: function(string): void }} of
 * @returns {{ open: function(): void }}
 */
export const makeFinder = (of) => {
    const list = node('ul', { id: 'found', className: 'found' });
    list.setAttribute('role', 'listbox');
    list.setAttribute('aria-label', of.words.title);
    const field = node('input', { type: 'search', className: 'input', autocomplete: 'off', placeholder: of.words.label });
    for (const [name, value] of Object.entries({ role: 'combobox', 'aria-expanded': 'true', 'aria-controls': 'found', 'aria-label': of.words.title, maxlength: '80' })) {
        field.setAttribute(name, value);
    }
    const said = node('p', { className: 'reason' });
    said.setAttribute('role', 'status');
    const dialog = node('dialog', { className: 'finder' }, field, list, said);
    dialog.setAttribute('aria-label', of.words.title);
    document.body.append(dialog);
    let found = [];
    let at = -1;
    let asked = 0;
    let waits = null;

    const mark = (place) => {
        at = place;
        [...list.children].forEach((item, i) => item.setAttribute('aria-selected', String(i === at)));
        at < 0 ? field.removeAttribute('aria-activedescendant') : field.setAttribute('aria-activedescendant', list.children[at].id);
        list.children[at]?.scrollIntoView({ block: 'nearest' });
    };
    const show = (all, sentence) => {
        found = once(all);
        list.replaceChildren(...found.map(({ group, words, href }, i) => {
            const item = node('li', { id: `found-${i}`, onclick: () => of.go(href) }, node('b', { textContent: words }), node('span', { textContent: group }));
            item.setAttribute('role', 'option');
            return item;
        }));
        said.textContent = sentence;
        mark(found.length > 0 ? 0 : -1);
    };
    const look = async () => {
        const mine = ++asked;
        const search = field.value.trim();
        const here = onThisPage(search, of.links, of.words.here);
        const there = await of.ask(search);
        // What was asked before and comes later is not shown.
        if (mine !== asked) {
            return;
        }
        const all = [...here, ...there ?? []];
        show(all, there === null ? of.words.away : all.length === 0 ? of.words.none : '');
    };
    field.addEventListener('input', () => {
        clearTimeout(waits);
        waits = setTimeout(look, WAIT_MS);
    });
    field.addEventListener('keydown', (event) => {
        if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
            event.preventDefault();
            mark(step(at, event.key === 'ArrowDown' ? 1 : -1, found.length));
        } else if (event.key === 'Enter' && found[at]) {
            event.preventDefault();
            of.go(found[at].href);
        }
    });
    dialog.addEventListener('click', (event) => event.target === dialog && dialog.close());

    return {
        open() {
            if (!dialog.open) {
                dialog.showModal();
            }
            field.value = '';
            field.focus();
            look();
        },
    };
};
