// The wash day as a line: hands below, what goes on by itself above, now between what is done and what is to come.

import { draw } from '../../shared/svg.js';
import { words } from '../../shared/words.js';

const WIDTH = 1130;
const HANDS_Y = 44;
const WAITS_Y = 14;
const LABELS_Y = 88;
const THICK = 24;
const MINUTE_MS = 60000;
/** Steps whose name stands under the line. */
const NAMED = ['take-down', 'pre-wash', 'detangle', 'cleanse', 'protein', 'conditioner', 'mask', 'style', 'dry', 'trim'];
const LETTER = 7.2;

/** When what a step put on came off: with the first step after it that had to wait for it, where that is done. */
const takenOffMs = (day, state, i) => {
    const off = state.steps[day[i].key].status === 'done' ? day.slice(i + 1).find((later) => !later.beside && state.steps[later.key].status === 'done') : undefined;
    return off === undefined ? Infinity : Date.parse(state.steps[off.key].at);
};

/**
 * When each step was and will be.
 *
 * @param {object[]} day its steps in order, those that are skipped left out
 * @returns {{step: object, is: string, fromMs: number, untilMs: number, onUntilMs: number|null}[]}
 */
export const laidOnTime = (day, state, beganMs, nowMs) => {
    let atMs = beganMs;
    let open = [];
    let isFirst = true;
    return day.map((step, i) => {
        const of = state.steps[step.key];
        if (!step.beside && of.status === 'open') {
            atMs = Math.max(atMs, ...open);
        }
        open = step.beside ? open : [];
        const isNow = of.status === 'open' && isFirst;
        const fromMs = of.status === 'done' ? Math.min(atMs, Date.parse(of.at)) : isNow ? atMs : Math.max(atMs, nowMs);
        const untilMs = of.status === 'done' ? Date.parse(of.at) : Math.max(fromMs + step.hands_on_minutes * MINUTE_MS, isNow ? nowMs : 0);
        isFirst = isFirst && of.status !== 'open';
        atMs = Math.max(atMs, untilMs);
        const onUntilMs = step.waiting_minutes > 0 ? Math.max(untilMs, Math.min(untilMs + step.waiting_minutes * MINUTE_MS, takenOffMs(day, state, i))) : null;
        open = onUntilMs === null ? open : [...open, onUntilMs];
        return { step, is: of.status === 'done' ? 'done' : isNow ? 'now' : 'open', fromMs, untilMs, onUntilMs };
    });
};

/** @param {SVGElement} place */
export const showLine = (place, { day, state, beganMs, nowMs }) => {
    const steps = laidOnTime(day.filter(({ key, after_client: after }) => !after && state.steps[key].status !== 'skipped'), state, beganMs, nowMs);
    const endMs = Math.max(nowMs, ...steps.map(({ untilMs, onUntilMs }) => onUntilMs ?? untilMs));
    const x = (ms) => Math.round(10 * WIDTH * (ms - beganMs) / Math.max(MINUTE_MS, endMs - beganMs)) / 10;
    const bar = (from, until, y, name) => draw('rect', { x: x(from), y, width: Math.max(2, x(until) - x(from) - 2), height: THICK, rx: 5, class: name });
    const named = steps.filter(({ step }) => NAMED.includes(step.kind)).map(({ step, fromMs, is }) => {
        const name = words(`line.${step.kind}`);
        const at = Math.min(x(fromMs), WIDTH - name.length * LETTER);
        return { name, is, at, until: at + name.length * LETTER + 12 };
    });
    // Where two names would stand on one another, the step at hand keeps its own, and else the one that was first.
    const kept = named.filter(({ is }) => is === 'now');
    named.filter(({ is }) => is !== 'now').forEach((one) => {
        if (kept.every(({ at, until }) => one.at >= until || one.until <= at)) {
            kept.push(one);
        }
    });
    const labels = kept.map(({ name, is, at }) => draw('text', { x: at, y: LABELS_Y, class: is === 'now' ? 'is-now' : '' }, name));
    place.setAttribute('viewBox', `0 0 ${WIDTH} 96`);
    place.replaceChildren(
        ...steps.filter(({ onUntilMs }) => onUntilMs !== null).map(({ untilMs, onUntilMs, is }) => bar(untilMs, onUntilMs, WAITS_Y, `line-waits is-${is}`)),
        ...steps.filter(({ fromMs, untilMs }) => untilMs > fromMs).map(({ fromMs, untilMs, is }) => bar(fromMs, untilMs, HANDS_Y, `line-hands is-${is}`)),
        draw('line', { x1: x(nowMs), x2: x(nowMs), y1: 4, y2: 76, class: 'line-now' }),
        ...labels,
    );
};
