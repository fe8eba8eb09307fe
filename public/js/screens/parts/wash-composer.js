// The steps of a wash day as a list to change, before it begins and while it runs: put in, take out, do again, earlier, later, other minutes,
// tool, heat, sections, amount and bottle.

import { words } from '../../shared/words.js';
import { bottleOf, mlOf } from './wash-bottle.js';
import { stepsOf } from './wash-steps.js';

const element = (tag, { on = {}, ...about } = {}, ...inside) => {
    const made = Object.assign(document.createElement(tag), about);
    Object.entries(on).forEach(([event, does]) => made.addEventListener(event, does));
    made.append(...inside.filter((one) => one !== null));
    return made;
};
const button = (text, does, className = 'button is-small') => element('button', { type: 'button', className, textContent: text, on: { click: does } });

/** The groups in which steps are offered, by their kind. */
const GROUPS = {
    'before-water': ['take-down', 'pre-wash', 'part'],
    detangling: ['detangle'],
    water: ['wet-through', 'cleanse', 'check-stripping', 'rinse'],
    treatments: ['protein', 'herb-rinse', 'conditioner', 'mask'],
    after: ['squeeze', 'wrap', 'leave-in', 'seal', 'scalp-oil', 'mist'],
    styling: ['style', 'dry', 'feel-dry', 'break-cast', 'trim'],
};
const LIMITS = { hands: [0, 240, 1], on: [0, 720, 1], sections: [1, 16, 1], mm: [1, 1000, 1], ml: [0, 1000, 5] };
const rounded = (number) => Math.round(number * 10) / 10;
const unique = () => Math.random().toString(36).slice(2, 8);

/** What a step can be done once more as: the same thing of the palette, else one of its kind. */
const templateOf = (plan, step) => {
    const palette = plan.palette ?? [];
    const alike = palette.filter(({ kind, books }) => kind === step.kind && books?.kind === step.books?.kind && books?.cleanse === step.books?.cleanse);
    return alike.find(({ label }) => label === step.label) ?? alike[0] ?? null;
};

const about = (step, of) => [
    step.hands_on_minutes >= 0.5 ? words('compose.hands', { minutes: Math.round(step.hands_on_minutes) }) : null,
    step.waiting_minutes > 0 ? words('compose.on', { minutes: Math.round(step.waiting_minutes) }) : null,
    typeof step.sections === 'number' && step.by_section ? words('compose.sections', { count: step.sections }) : null,
    step.tool ? words(step.tool) : null,
    step.heat ? words('heat') : null,
    step.books?.millimetres ? words('compose.mm', { mm: step.books.millimetres }) : null,
    bottleOf(step, of) === null ? null : words('compose.bottle', { name: bottleOf(step, of).name, ml: mlOf(step, of) }),
].filter((part) => part !== null).join(' · ');

const stepper = (name, value, does) => {
    const [least, most, by] = LIMITS[name];
    const to = (next) => does(Math.min(most, Math.max(least, rounded(next))));
    return element('div', { className: 'stepper', role: 'group', ariaLabel: words(`compose.set.${name}`) },
        element('span', { textContent: words(`compose.set.${name}`) }),
        button('−', () => to(value - by), 'button'),
        element('output', { textContent: words(`compose.value.${name}`, { value: rounded(value) }) }),
        button('+', () => to(value + by), 'button'));
};
const choices = (name, options, chosen, does) => element('div', { className: 'stepper', role: 'group', ariaLabel: words(`compose.set.${name}`) },
    element('span', { textContent: words(`compose.set.${name}`) }),
    ...options.map(([value, text]) => {
        const choice = button(text, () => does(value), `button${value === chosen ? ' is-strong' : ''}`);
        choice.setAttribute('aria-pressed', String(value === chosen));
        return choice;
    }));

/** All that can be said of one step. */
const controls = (plan, step, of, set, change) => {
    const first = bottleOf(step, of);
    const bottles = [step.product, ...step.others ?? []].filter((one, i, all) => one && all.findIndex((other) => other?.id === one.id) === i);
    return [
        stepper('hands', step.hands_on_minutes, (hands) => set({ hands })),
        step.waiting_minutes > 0 || step.books?.minutes !== undefined && step.kind !== 'detangle' ? stepper('on', step.waiting_minutes, (on) => set({ on })) : null,
        typeof step.sections === 'number' ? stepper('sections', step.sections, (sections) => set({ sections })) : null,
        step.books?.millimetres === undefined || step.kind !== 'trim' ? null : stepper('mm', step.books.millimetres, (mm) => set({ mm })),
        step.tool ? choices('tool', ['fingers', 'comb', 'brush'].map((tool) => [tool, words(tool)]), step.tool, (tool) => set({ tool })) : null,
        step.kind === 'mask' && plan.bears_heat !== false ? choices('heat', [[false, words('compose.without')], [true, words('heat')]], step.heat, (heat) => set({ heat })) : null,
        first === null ? null : stepper('ml', mlOf(step, of), (ml) => change('amount', { ml })),
        bottles.length < 2 ? null : choices('bottle', bottles.map(({ id, name }) => [id, name]), first?.id, (product) => change('bottle', { product, instead_of: first?.id ?? null, why: 'chosen' })),
    ].filter((one) => one !== null);
};

/**
 * @param {HTMLElement} place
 * @param {{plan: object, state: function(): object, act: function(string, string, object): void}} of `act` asks why where a rule would be broken
 * @returns {{show: function(): void}}
 */
export const composer = (place, { plan, state, act }) => {
    let opened = null;
    let adding = null;
    const drawn = { of: null };
    const open = (key) => {
        [opened, adding] = [opened === key ? null : key, null];
        show();
    };
    const moved = (key, by) => {
        const { order } = state();
        const others = order.filter((other) => other !== key);
        const at = order.indexOf(key) + by;
        if (at >= 0 && at <= others.length) {
            act('move', key, { after: at === 0 ? null : others[at - 1] });
        }
    };
    const put = (of, after) => {
        const key = `${of}-${unique()}`;
        [opened, adding] = [key, null];
        act('add', key, { of, after });
    };
    const palette = (after) => element('div', { className: 'palette' }, ...Object.entries(GROUPS).map(([group, kinds]) => {
        const steps = (plan.palette ?? []).filter(({ kind }) => kinds.includes(kind));
        return steps.length === 0 ? null : element('fieldset', {}, element('legend', { textContent: words(`compose.group.${group}`) }),
            ...steps.map((step) => button(words(`compose.palette.${step.key}`), () => put(step.key, after), 'button')));
    }), button(words('compose.close'), () => { adding = null; show(); }));
    const panel = (step, of) => {
        const template = templateOf(plan, step);
        return element('div', { className: 'compose-panel' },
            ...controls(plan, step, of, (value) => act('set', step.key, value), (kind, value) => act(kind, step.key, value)),
            element('div', { className: 'row' },
                button(words('compose.earlier'), () => moved(step.key, -1), 'button'),
                button(words('compose.later'), () => moved(step.key, 1), 'button'),
                template === null ? null : button(words('compose.again'), () => put(template.key, step.key), 'button'),
                button(words('compose.out'), () => act('skip', step.key, {}), 'button')));
    };
    const row = (step, i, of) => {
        const isOpen = of.status === 'open';
        const isOpened = opened === step.key && isOpen;
        const head = element('button', { type: 'button', className: 'compose-step', ariaExpanded: String(isOpened), disabled: !isOpen, on: { click: () => open(step.key) } },
            element('b', { textContent: String(i + 1) }),
            element('span', {}, element('strong', { textContent: step.label }), element('small', { textContent: about(step, of) })),
            of.status === 'open' ? null : element('em', { textContent: words(`compose.is.${of.status}`) }));
        head.dataset.step = step.key;
        return element('li', { className: `is-${of.status}` },
            head,
            of.status === 'skipped' ? button(words('compose.back'), () => act('back', step.key, {})) : null,
            isOpened ? panel(step, of) : null,
            isOpened ? button(words('compose.add'), () => { adding = step.key; show(); }, 'button compose-add') : null,
            isOpened && adding === step.key ? palette(step.key) : null);
    };
    const show = () => {
        const now = state();
        const wanted = JSON.stringify([now.steps, now.order, opened, adding]);
        if (wanted === drawn.of) {
            return;
        }
        drawn.of = wanted;
        const focused = document.activeElement;
        const at = place.contains(focused) ? [...place.querySelectorAll('button')].indexOf(focused) : -1;
        place.replaceChildren(...stepsOf(plan, now).map((step, i) => row(step, i, now.steps[step.key])));
        if (at >= 0) {
            // What was focused was drawn anew.
            ([...place.querySelectorAll('button')][at] ?? place.querySelector('button'))?.focus({ preventScroll: true });
        }
    };
    return { show };
};
