// One line that says what waits, what was refused and why nothing gets through, and a list behind it. Everything stays until the
// salon has answered for it or somebody says so here.

import { counted, words } from '../shared/words.js';

const node = (name, attributes = {}, ...children) => {
    const made = Object.assign(document.createElement(name), attributes);
    made.append(...children);
    return made;
};

/** @returns {{text: string, isWrong: boolean}|null} what the line says; null where there is nothing to say */
export const lineOf = ({ waiting, refused, trouble, why, network }) => {
    if (trouble === 'too-old') {
        return { text: words('too-old'), isWrong: true };
    }
    const parts = [];
    if (why !== null) {
        parts.push(words(`storage-${why}`));
    }
    if (refused > 0) {
        parts.push(counted('refused-here', refused));
    }
    if (waiting > 0) {
        const because = trouble === 'sign-in' ? 'signed-out' : { away: 'away', busy: 'unwell' }[network] ?? null;
        parts.push(because === null ? counted('waits', waiting) : `${words(because)} ${counted('waits', waiting)}`);
    } else if (trouble === 'sign-in') {
        parts.push(words('signed-out'));
    }
    return parts.length === 0 ? null : { text: parts.join(' '), isWrong: refused > 0 || trouble !== null || why !== null };
};

const item = (queue, record, { show, close }) => {
    const button = (name, does) => node('button', { type: 'button', className: 'button', textContent: words(name), onclick: async () => {
        await does();
        show();
    } });
    const keys = [button(record.state === 'refused' ? 'again' : 'send-now', () => queue.again(record.key)), button('drop', () => queue.drop(record.key))];
    if (record.change !== null && record.state === 'refused') {
        keys.splice(1, 0, node('a', { className: 'button', href: `${record.change}#act-${record.key}`, textContent: words('change'), onclick: close }));
    }
    return node(
        'li',
        { className: record.state === 'refused' ? 'is-wrong' : '' },
        node('b', { textContent: record.subject === '' ? record.label : `${record.subject}: ${record.label}` }),
        node('p', { textContent: record.state === 'refused' ? record.sentence || words('refused') : words('waits-here') }),
        node('div', { className: 'objects' }, ...keys),
    );
};

/** Below this, what is being sent is not worth a line: it would only flicker. */
const PATIENCE_MS = 1500;

/**
 * @param {object} queue
 * @param {HTMLElement} line with [data-says] and [data-look]
 */
export const showStatus = (queue, line) => {
    const list = node('ul', { className: 'waiting-list' });
    const dialog = node(
        'dialog',
        { className: 'keys waiting' },
        node('h2', { textContent: words('title') }),
        list,
        node('button', { type: 'button', className: 'button is-strong', textContent: words('close'), onclick: () => dialog.close() }),
    );
    document.body.append(dialog);
    let since = null;
    let drawn = null;
    const show = () => {
        const [waiting, refused] = [queue.waiting(), queue.refused()];
        since = waiting.length === 0 ? null : since ?? performance.now();
        const settled = since !== null && (queue.state.network !== 'there' || queue.state.trouble !== null || performance.now() - since > PATIENCE_MS);
        const says = lineOf({ trouble: queue.state.trouble, why: queue.state.why, network: queue.state.network, waiting: settled ? waiting.length : 0, refused: refused.length });
        line.hidden = says === null;
        const text = says?.text ?? '';
        const place = line.querySelector('[data-says]');
        // A line that says the same anew is read aloud anew.
        if (place.textContent !== text) {
            place.textContent = text;
        }
        line.classList.toggle('is-wrong', says?.isWrong ?? false);
        line.querySelector('[data-look]').hidden = waiting.length + refused.length === 0;
        line.querySelector('[data-reload]').hidden = queue.state.trouble !== 'too-old';
        const listed = JSON.stringify([...refused, ...waiting].map(({ key, state, sentence }) => [key, state, sentence]));
        // What a finger or the keyboard is on must not be drawn anew under it.
        if (dialog.open && listed !== drawn) {
            drawn = listed;
            list.replaceChildren(...[...refused, ...waiting].map((record) => item(queue, record, { show, close: () => dialog.close() })));
            if (waiting.length + refused.length === 0) {
                dialog.close();
            }
        }
    };
    line.querySelector('[data-look]').addEventListener('click', () => {
        dialog.showModal();
        show();
    });
    line.querySelector('[data-reload]').addEventListener('click', () => location.reload());
    queue.on('changed', show);
    setInterval(show, 500);
    show();
};
