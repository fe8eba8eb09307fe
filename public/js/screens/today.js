// The day: a better order is put in place of the first, the picture opens at now, and clients are given places on it.

import { handle, OUTCOMES, transmit } from '../shared/transport.js';
import { dragged } from './parts/dragging.js';
import { makeBoard } from './parts/hands-board.js';
import { makePanel } from './parts/placing-panel.js';
import { makePlacing } from './parts/placing.js';

const LOOKS_FOR_MS = 20000;
const PLACED = '[data-places-of]';
const BEFORE_NOW_PX = 90;

/** The picture as it stands now, and the placing on it; null on a day that has gone by or on which nobody works. */
let stands = null;

const openAtNow = (figure) => {
    if (figure.dataset.now !== undefined) {
        figure.querySelector('[data-scroll]').scrollLeft = figure.querySelector('[data-extent]').getBoundingClientRect().width * Number(figure.dataset.now) / 100 - BEFORE_NOW_PX;
    }
};

const begin = (source) => stands.placing.begin(source.dataset.placesOf, source);

/** For the page as it came, and for the better order that takes its place. */
const setUp = () => {
    const [figure, form] = ['hands', 'placing'].map((name) => document.querySelector(`[data-${name}]`));
    stands = null;
    if (figure === null) {
        return;
    }
    openAtNow(figure);
    if (form === null) {
        return;
    }
    const [board, panel] = [makeBoard(figure), makePanel(form)];
    const placing = makePlacing({ figure, panel, board, address: figure.dataset.places });
    stands = { figure, form, board, placing };
    // How somebody is moved is of use where somebody can be.
    document.querySelector('[data-hint]').hidden = figure.querySelector(PLACED) === null;
    figure.addEventListener('click', (event) => {
        if (placing.isOpen()) {
            event.preventDefault();
            placing.pointed(board.at(event));
        }
    });
    form.querySelectorAll('[data-step]').forEach((button) => button.addEventListener('click', () => placing.moved(Number(button.dataset.step))));
    form.querySelector('[data-other]').addEventListener('click', () => placing.handed());
    form.querySelector('[data-leave]').addEventListener('click', placing.leave);
    form.addEventListener('submit', placing.settled);
    document.querySelectorAll(`${PLACED}:not(.hands-head)`).forEach((link) => link.addEventListener('click', (event) => {
        event.preventDefault();
        figure.scrollIntoView({ block: 'start' });
        begin(link);
    }));
};

/** A bar is held where it was taken hold of. */
let offsetMinutes = 0;
const point = (event) => {
    const at = stands.board.at(event);
    return at && { user: at.user, minute: at.minute - offsetMinutes };
};
const letGo = () => stands?.figure.classList.remove('is-held');

const KEYS = {
    ArrowLeft: ({ moved }) => moved(-1), ArrowRight: ({ moved }) => moved(1), ArrowUp: ({ handed }) => handed(-1),
    ArrowDown: ({ handed }) => handed(1), Escape: ({ leave }) => leave(),
};
const pressed = async (event) => {
    const source = event.target.closest?.(PLACED);
    if (stands === null || KEYS[event.key] === undefined) {
        return;
    }
    const { placing, form, figure } = stands;
    if (placing.isOpen() && (form.contains(event.target) || figure.contains(event.target))) {
        event.preventDefault();
        KEYS[event.key](placing);
    } else if (source && event.key !== 'Escape' && !placing.isOpen()) {
        event.preventDefault();
        await begin(source);
        placing.confirm().focus();
    }
};

setUp();
if (stands !== null) {
    addEventListener('keydown', pressed);
    dragged(PLACED, {
        begin: (source, event) => {
            const [at, begins] = [stands.board.at(event), Number(source.dataset.begins ?? Number.NaN)];
            offsetMinutes = at !== null && Number.isFinite(begins) ? at.minute - begins : 0;
            stands.figure.classList.add('is-held');
            begin(source);
        },
        over: (event) => stands.placing.pointed(point(event)),
        drop: (event) => {
            letGo();
            stands.placing.pointed(point(event));
            stands.placing.confirm().focus();
        },
        cancel: () => {
            letGo();
            stands.placing.leave();
        },
    });
    // Another page asked for a client to be placed here.
    const asked = new URLSearchParams(location.search);
    if (asked.has('booking') || asked.has('head')) {
        asked.delete('date');
        stands.figure.scrollIntoView({ block: 'start' });
        stands.placing.begin(asked.toString());
    }
}

const day = document.querySelector('[data-thoroughly]');
if (day !== null) {
    const answer = await transmit(day.dataset.thoroughly, {}, { method: 'GET', deadlineMs: LOOKS_FOR_MS });
    handle(answer, {
        // Without an answer the day that is shown stands.
        ...Object.fromEntries(OUTCOMES.map((outcome) => [outcome, () => null])),
        taken: ({ told }) => {
            const better = new DOMParser().parseFromString(told.page, 'text/html').querySelector('[data-day]');
            // Nothing moves under a finger or a cursor; whoever is in it sees the better order on the next look.
            if (better && !stands?.placing.isOpen() && !day.contains(document.activeElement)) {
                day.replaceChildren(...better.childNodes);
                setUp();
            }
        },
    });
}
