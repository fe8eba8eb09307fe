// A wash day between this tablet and the salon: what was tapped counts here at once, and at the salon as soon as it is there.

import { onChange } from '../../offline/change.js';
import { mine } from '../../offline/mine.js';
import { salonTimeOf, stamp } from '../../shared/salon-clock.js';
import { words } from '../../shared/words.js';
import { tapped } from './wash-machine.js';
import { stepOf } from './wash-steps.js';

/** A page that was kept says where the day stood when it was opened; the salon's last word may be later. */
const latest = (page, name) => {
    try {
        const last = JSON.parse(localStorage.getItem(name) ?? 'null');
        return last !== null && last.revision > page.revision ? last : page;
    } catch {
        return page;
    }
};

/**
 * @param {HTMLElement} root
 * @param {{show: function(): void, clash: function(string): void, over: function(): void}} on `over` when it ended or is gone
 */
export const washSession = (root, on) => {
    const plan = JSON.parse(root.dataset.plan);
    const address = root.dataset.acts;
    const kept = `nagomi-told ${root.dataset.wash}`;
    const palette = (plan.palette ?? []).map(({ key }) => key);
    const queue = mine();
    let told = latest(JSON.parse(root.dataset.told), kept);
    /** Taps the salon's last word does not hold yet, by key. */
    const beyond = new Map();
    const clashes = new Set(told.refused.map(({ key }) => key));
    const state = () => [...beyond.values()].reduce((all, act) => tapped(all, act), { ...told, palette });
    const planned = (key) => (key === null ? null : stepOf(plan, state(), key));
    const labelOf = (kind, step, value = {}) => `${planned(step)?.label ?? words(`compose.palette.${value.of ?? step}`)}, ${words(`kinds.${kind}`)}`;
    const act = (kind, step, value = {}) => {
        queue.add({ address, subject: root.dataset.of, label: labelOf(kind, step, value), act: { kind, step, value, ...stamp() }, change: location.pathname });
    };
    /** What was tapped is shown until the salon's word holds it, whichever tab sent it. */
    const overlay = () => {
        queue.waiting(address).filter(({ key }) => !beyond.has(key)).forEach(({ key, act: sent }) => {
            beyond.set(key, { ...sent, at: new Date(salonTimeOf(sent)).toISOString(), device: queue.device });
        });
        const refused = new Set(queue.refused().map(({ key }) => key));
        [...beyond.keys()].filter((key) => refused.has(key)).forEach((key) => beyond.delete(key));
    };
    const hear = (answer) => {
        if (answer === null || answer.steps === undefined || answer.finished) {
            localStorage.removeItem(kept);
            on.over();
            return;
        }
        told = answer;
        try {
            localStorage.setItem(kept, JSON.stringify({ steps: told.steps, order: told.order, pauses: told.pauses, refused: told.refused, revision: told.revision }));
        } catch {
            // Only a page opened again without a network would miss it.
        }
        const open = new Set(queue.waiting(address).map(({ key }) => key));
        [...beyond.keys()].filter((key) => !open.has(key)).forEach((key) => beyond.delete(key));
        const clash = told.refused.filter(({ key }) => !clashes.has(key)).at(-1);
        told.refused.forEach(({ key }) => clashes.add(key));
        if (clash) {
            on.clash(words('clash', { step: planned(clash.step)?.label ?? words('a-step'), says: clash.says, by: clash.by }));
        }
        on.show();
    };
    queue.on('told', (from, answer) => from === address && hear(answer));
    queue.on('changed', () => {
        overlay();
        on.kept?.(queue.waiting(address).length);
        on.show();
    });
    return { plan, address, queue, state, planned, act, overlay };
};

/** A form that goes to the salon only after all that is kept here; without a network it waits, and says so. */
export const afterSending = (form, { queue, address }, waits) => form.addEventListener('submit', async (event) => {
    event.preventDefault();
    await queue.send();
    if (queue.waiting(address).length === 0) {
        form.submit();
    } else {
        waits();
    }
});

/** A tap that was refused is made anew on the step it belongs to: here it says which, and why. */
export const tapsAnew = (queue, notice) => onChange(queue, async ({ key, label, sentence }) => {
    notice(words('tap-anew', { what: label, says: sentence }));
    await queue.drop(key);
});
