// What the wash day shows: the step that is due, how long it takes, what goes on by itself and what comes then.

import { face } from '../../shared/clock.js';
import { draw } from '../../shared/svg.js';
import { words } from '../../shared/words.js';
import { bottleOf, leftAfter, mlOf } from './wash-bottle.js';
import { showLine } from './wash-line.js';
import { doneIn } from './wash-time.js';

const line = (text) => Object.assign(document.createElement('li'), { textContent: text });
const said = (parts) => parts.filter((part) => part !== null).join(', ');
const round = (number) => Math.round(number * 10) / 10;

/** Texts are set only where they changed: what is read aloud is not read twice. */
const set = (place, text) => {
    if (place.textContent !== text) {
        place.textContent = text;
    }
};

const useOf = (step, { name, pumps, care }, { ml, sections, left }) => {
    const use = said([
        words('use', { product: name, ml }),
        step.by_section ? words('use-section', { ml: round(ml / sections) }) : null,
        // A wash day kept from before says a bare number.
        typeof pumps === 'number' && pumps >= 1 ? words('use-presses', { presses: pumps }) : typeof pumps === 'string' ? pumps : null,
        left === null ? null : words('use-left', { ml: left }),
    ]);
    return `${use}. ${care ?? ''}`.trim();
};
const whereOf = (step, place, all) => (step === null ? words('through') : said([
    words('where', { place, all }),
    step.water ? words('water', { water: step.water }) : null,
    step.heat ? words('heat') : null,
    step.tool ? words(step.tool) : null,
]));

/**
 * @param {function(string): HTMLElement} find
 * @param {{plan: object, state: object, step: object|null, running: object[]}} of
 */
export const showStep = (find, { plan, state, step, running }) => {
    const index = step === null ? state.order.length : state.order.indexOf(step.key);
    const bottle = step === null ? null : bottleOf(step, state.steps[step.key]);
    const holds = step !== null && !step.beside && running.some(({ leftSeconds }) => leftSeconds > 0);
    const then = state.order.slice(index + 1).filter((key) => state.steps[key].status === 'open').slice(0, 4);
    set(find('where'), whereOf(step, index + 1, state.order.length));
    set(find('label'), step?.label ?? words('washed'));
    // What no bottle does is said where its name would stand.
    find('bottle').hidden = bottle === null && !step?.missing;
    set(find('use'), bottle === null ? step?.missing ?? '' : useOf(step, bottle, {
        ml: mlOf(step, state.steps[step.key]), sections: step.sections ?? plan.sections, left: leftAfter(plan, state, step),
    }));
    find('watch').replaceChildren(...(step?.watch ?? []).map(line));
    set(find('keys').querySelector('[data-do="done"]'), step === null ? words('end') : words(holds ? 'done-early' : 'done'));
    find('next').replaceChildren(...then.map((key) => plan.steps.find((one) => one.key === key)).map((one) => line(
        said([one.label, one.hands_on_minutes >= 1 ? words('minutes', { minutes: Math.round(one.hands_on_minutes) }) : null]),
    )));
    find('finish').querySelector('button').classList.toggle('is-strong', step === null);
};

const usualOf = (step) => (step.by_section && step.sections > 1
    ? words('usual-section', { minutes: round(step.hands_on_minutes / step.sections), all: Math.max(1, Math.round(step.hands_on_minutes)) })
    : words('usual', { minutes: Math.max(1, Math.round(step.hands_on_minutes)) }));

/** Whether hands rest; what is on goes on. */
export const showPause = (find, isResting) => {
    set(find('pause'), words(isResting ? 'resume' : 'pause'));
    find('pause').setAttribute('aria-pressed', String(isResting));
    find('clock').classList.toggle('is-resting', isResting);
};

/** What is kept here and not at the salon yet. */
export const showKept = (find, count) => set(find('kept'), count === 0 ? '' : words(count === 1 ? 'kept-one' : 'kept', { count }));

/** The clock of the step, and what hands can do while it has to wait. */
export const showTime = (find, { step, state, seconds, running, planned }) => {
    set(find('clock'), step === null ? '' : face(Math.max(0, seconds)));
    set(find('usual'), step === null ? '' : usualOf(step));
    const waits = step === null || step.beside ? [] : running.filter(({ leftSeconds }) => leftSeconds > 0);
    const coming = step === null ? [] : state.order.slice(state.order.indexOf(step.key)).map(planned)
        .map((one) => (state.steps[one.key].status === 'open' ? bottleOf(one, state.steps[one.key])?.name : null)).filter(Boolean);
    const ready = [...new Set(coming)].slice(0, 2).join(` ${words('and')} `);
    find('meanwhile').hidden = waits.length === 0;
    set(find('meanwhile'), waits.length === 0 ? '' : words('meanwhile', {
        time: face(Math.max(...waits.map(({ leftSeconds }) => leftSeconds))),
        ready: ready === '' ? '' : words('have-ready', { products: ready }),
    }));
};

const MINUTE_MS = 60000;
/** The least of a step that is over its time and still goes on. */
const LEAST_LEFT = 0.2;
const clock = (ms, timeZone) => new Date(ms).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit', timeZone }).replace(/^0(?=\d)/, '');
const LIKELY_FOR_MS = 10000;
let likely = { of: null, atMs: 0 };

/** When the day is likely to be done, and by when nine times of ten. */
export const showFinish = (find, { day, state, seconds, running, nowMs, zone, beganMs }) => {
    const of = JSON.stringify([state.order, state.steps]);
    // Drawn a few hundred times: not with every tick.
    if (likely.of === of && nowMs - likely.atMs < LIKELY_FOR_MS) {
        return;
    }
    likely = { of, atMs: nowMs };
    showLine(find('line'), { day, state, beganMs, nowMs });
    const open = day.filter(({ key }) => state.steps[key].status === 'open')
        // What was done of the step that is due is not ahead any more.
        .map((step, i) => (i > 0 ? step : { ...step, hands_on_minutes: Math.max(step.hands_on_minutes * LEAST_LEFT, step.hands_on_minutes - Math.max(0, seconds) / 60) }));
    const { middle, late } = doneIn(open, running.map(({ leftSeconds }) => Math.max(0, leftSeconds / 60)));
    set(find('likely'), open.length === 0 ? '' : words('likely', { time: clock(nowMs + middle * MINUTE_MS, zone), late: clock(nowMs + Math.max(middle, late) * MINUTE_MS, zone) }));
};

/** How far beyond its time something is left on until it is far too long. */
const FAR_TIMES = 2;

/** What comes off the hair again: combs may lie in the disinfectant as long as they like. */
const COMES_OFF = new Set(['pre-wash', 'cleanse', 'protein', 'herb-rinse', 'conditioner', 'mask']);

const RING = 2 * Math.PI * 34;
const ringOf = (share) => {
    const ring = draw('svg', { viewBox: '0 0 80 80', class: 'ring', 'aria-hidden': 'true' });
    ring.append(
        draw('circle', { cx: 40, cy: 40, r: 34, class: 'ring-all' }),
        draw('circle', { cx: 40, cy: 40, r: 34, class: 'ring-left', 'stroke-dasharray': `${RING * Math.min(1, Math.max(0, share))} ${RING}` }),
    );
    return ring;
};

const timerSays = ({ step, leftSeconds, isWorkedUnder }, isFarOver) => {
    if (leftSeconds > 0) {
        return step.label;
    }
    return words(isWorkedUnder ? 'stays-on' : isFarOver ? 'far-over' : 'up', { step: step.label });
};

export const showTimers = (list, running) => list.replaceChildren(...running.map((timer) => {
    const { step, leftSeconds, isWorkedUnder } = timer;
    const allSeconds = step.waiting_minutes * 60;
    const isFarOver = !isWorkedUnder && COMES_OFF.has(step.kind) && leftSeconds < -allSeconds * FAR_TIMES;
    const item = document.createElement('li');
    item.className = leftSeconds > 0 || isWorkedUnder ? '' : isFarOver ? 'is-over' : 'is-up';
    item.append(
        ringOf(leftSeconds / allSeconds),
        Object.assign(document.createElement('b'), { textContent: leftSeconds > 0 ? face(leftSeconds) : isWorkedUnder ? face(0) : words('over', { time: face(leftSeconds) }) }),
        Object.assign(document.createElement('span'), { textContent: timerSays(timer, isFarOver) }),
    );
    return item;
}));
