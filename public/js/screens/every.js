// Keys that work on every page, and the sheet that lists them.

import { isAnythingKept } from '../offline/kept.js';
import { areSingleKeysOn, setSingleKeys } from '../shared/single-keys.js';

const typing = (element) => element instanceof HTMLElement
    && (element.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(element.tagName));

// Where a client's pages stand side by side the open one is among those that are seen.
const tab = document.querySelector('.rail-client [aria-current]');
const strip = tab?.closest('.rail-client');
if (strip) {
    strip.scrollLeft = tab.offsetLeft - (strip.clientWidth - tab.offsetWidth) / 2;
}

const sheet = document.getElementById('keys');
document.querySelectorAll('[data-open="keys"]').forEach((button) => button.addEventListener('click', () => sheet?.showModal()));

const layoutWords = () => JSON.parse(document.getElementById('layout-words').content.textContent);
let finder = null;
const find = async () => {
    const [{ askAt, makeFinder }, { find: words, asks }] = [await import('./parts/finder.js'), layoutWords()];
    finder ??= makeFinder({
        words,
        links: [...document.querySelectorAll('.rail-client a[href]')],
        go: (href) => location.assign(href),
        ask: askAt(asks),
    });
    finder.open();
};
document.querySelectorAll('[data-open="find"]').forEach((button) => button.addEventListener('click', find));

const tour = async (again) => {
    const { showTour, wasSeen } = await import('./parts/tour.js');
    if (again || !wasSeen()) {
        showTour(layoutWords().tour);
    }
};
sheet?.querySelector('[data-tour]').addEventListener('click', () => {
    sheet.close();
    tour(true);
});
if (document.querySelector('[data-first-run]')) {
    tour(false);
}
const singleKeys = sheet?.querySelector('[data-single-keys]');
if (singleKeys) {
    singleKeys.checked = areSingleKeysOn();
    singleKeys.addEventListener('change', () => setSingleKeys(singleKeys.checked));
}

const handed = document.querySelectorAll('.handed-link');
if (handed.length > 0) {
    import('./parts/handed-link.js').then(({ handOverAll }) => handOverAll(handed));
}

document.addEventListener('keydown', (event) => {
    if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'k' && sheet) {
        event.preventDefault();
        find();
        return;
    }
    if (event.ctrlKey || event.metaKey || event.altKey || typing(event.target) || document.querySelector('dialog[open]') || !areSingleKeysOn()) {
        return;
    }
    if (event.key === '?' && sheet) {
        event.preventDefault();
        sheet.showModal();
        return;
    }
    if (event.key === 'k' && sheet) {
        event.preventDefault();
        find();
        return;
    }
    const search = document.querySelector('[data-search]');
    if (event.key === '/' && search) {
        event.preventDefault();
        search.focus();
        return;
    }
    const link = document.querySelector(`[data-key="${CSS.escape(event.key)}"]`);
    if (link) {
        event.preventDefault();
        link.click();
    }
});

// What is wrong is read out and reached first.
document.querySelector('[data-errors]')?.focus();

// What was done and is not with the salon yet goes out from whatever page comes next, and is in sight on each.
const line = document.querySelector('[data-waiting-line]');
if (line !== null && (isAnythingKept() || document.querySelector('[data-keeps]') !== null)) {
    const { showMine } = await import('../offline/show-mine.js');
    showMine(line);
}
// Signing out, and going to another salon: what is kept of this one's clients goes, what waits does not.
for (const form of document.querySelectorAll('form[data-sign-out]')) {
    form.addEventListener('submit', async (event) => {
        event.preventDefault();
        const { leave } = await import('../offline/sign-out.js');
        leave(form, line, event.submitter);
    });
}
