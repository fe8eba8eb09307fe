// The season as a picture to work in: a wash day follows finger or arrow keys, and what it would come to is said before it is let go.

import { mine } from '../offline/mine.js';
import { handle, transmit } from '../shared/transport.js';
import { sayOthers, words } from '../shared/words.js';

const root = document.querySelector('[data-plan]');
const picture = root.querySelector('svg');
const says = root.querySelector('[data-says]');
const keys = root.querySelector('[data-keys]');
const keep = root.querySelector('[data-keep]');
const room = JSON.parse(root.dataset.room);
const acts = JSON.parse(root.dataset.acts);
const dayWidth = Number(root.dataset.day);
const known = new Map();
const queue = mine();

/** How far a mask is drawn out, upwards or downwards. */
const PIXELS_A_STEP = 12;
const MINUTES_A_STEP = 5;
/** A finger that lies still moves by as much. */
const TAP_PIXELS = 6;

let chosen = null;
let wanted = null;

const say = (sentence, wrong = false) => {
    says.textContent = sentence;
    says.classList.toggle('is-wrong', wrong);
};
const stoneOf = (date) => picture.querySelector(`[data-stone="${date}"]`);
const placeOf = (stone) => Number(/translate\(([\d.-]+)/.exec(stone.getAttribute('transform'))[1]);
const put = (stone, x) => stone.setAttribute('transform', stone.getAttribute('transform').replace(/translate\([\d.-]+/, `translate(${x.toFixed(1)}`));
const home = new Map([...picture.querySelectorAll('[data-stone]')].map((stone) => [stone.dataset.stone, placeOf(stone)]));

/** Asks what an act would come to; only the last one asked is said. */
const preview = async (act) => {
    wanted = act;
    keep.disabled = true;
    const key = JSON.stringify(act);
    if (!known.has(key)) {
        say(words('plan-works-out'));
        const answer = await transmit(root.dataset.preview, act);
        const failed = (sentence) => wanted === act && say(sentence, true);
        handle(answer, {
            ...sayOthers(failed),
            taken: ({ told }) => known.set(key, { says: told.words, ok: true, broken: told.broken.length > 0 }),
            refused: ({ sentence }) => known.set(key, { says: sentence, ok: false }),
        });
        if (!known.has(key)) {
            return;
        }
    }
    if (wanted === act) {
        const { says: sentence, ok, broken } = known.get(key);
        say(sentence, !ok || broken);
        keep.disabled = !ok;
    }
};
const putBack = () => {
    if (chosen) {
        put(stoneOf(chosen), home.get(chosen));
    }
    wanted = null;
    keep.disabled = true;
};
const choose = (date) => {
    if (chosen !== date) {
        putBack();
        chosen = date;
        picture.querySelectorAll('[data-stone]').forEach((stone) => {
            stone.classList.toggle('is-chosen', stone.dataset.stone === date);
            stone.setAttribute('aria-pressed', String(stone.dataset.stone === date));
        });
    }
    keys.hidden = date === null;
    if (date === null) {
        return;
    }
    const does = acts[date] ?? [];
    const has = { mask: does.includes('mask'), protein: does.some((one) => one.endsWith('protein')), clarifying: does.includes('clarifying') };
    keys.querySelectorAll('[data-row]').forEach((row) => { row.hidden = !has[row.dataset.row]; });
    keys.querySelectorAll('[data-do="strength"]').forEach((button) => { button.hidden = does.includes(button.dataset.value); });
};
const moveBy = (days) => {
    const [least, most] = room[chosen];
    const to = Math.max(least, Math.min(most, days));
    put(stoneOf(chosen), home.get(chosen) + to * dayWidth);
    if (to === 0) {
        wanted = null;
        keep.disabled = true;
        say(words('plan-back'));
        return;
    }
    preview({ date: chosen, act: 'move', value: String(to) });
};
const moved = () => (wanted?.act === 'move' ? Number(wanted.value) : 0);
const stretched = () => (wanted?.act === 'mask' ? Number(wanted.value) : 0);
const stretchBy = (minutes) => {
    put(stoneOf(chosen), home.get(chosen));
    if (minutes === 0) {
        wanted = null;
        keep.disabled = true;
        say(words('plan-as-long'));
        return;
    }
    preview({ date: chosen, act: 'mask', value: String(minutes) });
};

let doing = false;
const doIt = async () => {
    if (doing || wanted === null) {
        return;
    }
    doing = true;
    const { says: label } = known.get(JSON.stringify(wanted));
    const { key, sent } = queue.add({
        address: root.dataset.act,
        subject: root.dataset.of,
        label,
        act: { fields: { ...wanted, seen: root.dataset.seen } },
        change: location.pathname,
    });
    await sent;
    doing = false;
    const refused = queue.refused().find((record) => record.key === key);
    if (refused !== undefined) {
        // What was refused was looked at on this page: it says why, and nothing of it is kept.
        await queue.drop(key);
        putBack();
        say(refused.sentence, true);
    } else if (queue.waiting().some((record) => record.key === key)) {
        wanted = null;
        keep.disabled = true;
        say(words('plan-waits'));
    } else {
        location.reload();
    }
};
// Taken in later, the plan is another one.
queue.on('answered', ({ address }, { answer }) => address === root.dataset.act && answer === 'taken' && !doing && location.reload());

picture.querySelectorAll('[data-stone]').forEach((stone) => {
    const date = stone.dataset.stone;
    let from = null;
    stone.addEventListener('pointerdown', (event) => {
        choose(date);
        stone.setPointerCapture(event.pointerId);
        from = { x: event.clientX, y: event.clientY, isDragged: false };
    });
    stone.addEventListener('pointermove', (event) => {
        if (from === null) {
            return;
        }
        const [across, up] = [event.clientX - from.x, from.y - event.clientY];
        from.isDragged ||= Math.hypot(across, up) > TAP_PIXELS;
        if (!from.isDragged) {
            return;
        }
        // Along the line is another day; upwards a longer mask, downwards a shorter one.
        if (Math.abs(up) > Math.abs(across) && (acts[date] ?? []).includes('mask')) {
            const minutes = Math.round(up / PIXELS_A_STEP) * MINUTES_A_STEP;
            if (minutes !== stretched()) {
                stretchBy(minutes);
            }
            return;
        }
        const days = Math.round(across * (1000 / picture.clientWidth) / dayWidth);
        if (days !== moved()) {
            moveBy(days);
        }
    });
    stone.addEventListener('pointerup', () => {
        // A tap chooses; it does nothing that was only looked at.
        const dragged = from !== null && from.isDragged && wanted !== null;
        from = null;
        if (dragged && !keep.disabled) {
            doIt();
        } else if (dragged) {
            // Let go before it could be said what it comes to: it waits to be confirmed.
            keep.focus();
        }
    });
    stone.addEventListener('pointercancel', () => { from = null; putBack(); });
    stone.addEventListener('focus', () => choose(date));
    stone.addEventListener('keydown', (event) => {
        const step = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
        if (step !== undefined) {
            event.preventDefault();
            moveBy(moved() + step);
        } else if (event.key === 'Enter' || event.key === ' ') {
            event.preventDefault();
            if (!keep.disabled) {
                doIt();
            }
        } else if (event.key === 'Escape') {
            putBack();
            say(words('plan-left'));
        }
    });
});
keys.querySelectorAll('[data-do]').forEach((button) => button.addEventListener('click', () => {
    if (button.dataset.do === 'move') {
        moveBy(moved() + Number(button.dataset.value));
        return;
    }
    if (button.dataset.do === 'mask') {
        // Pressed again, a mask grows by as much again.
        stretchBy(stretched() + Number(button.dataset.value));
        return;
    }
    put(stoneOf(chosen), home.get(chosen));
    preview({ date: chosen, act: button.dataset.do, value: button.dataset.value });
}));
keep.addEventListener('click', doIt);
root.querySelector('[data-back]').addEventListener('click', () => {
    putBack();
    say(words('plan-left'));
});
document.addEventListener('keydown', (event) => {
    if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z' || ['INPUT', 'TEXTAREA', 'SELECT'].includes(event.target.tagName)) {
        return;
    }
    event.preventDefault();
    root.querySelector(event.shiftKey ? '[data-redo-button]' : '[data-undo-button]').click();
});
