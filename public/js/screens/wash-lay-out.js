// A wash day laid out by hand before it begins: what is changed is kept as taps are, without a network too.

import { keepPage } from '../shared/keep-page.js';
import { words } from '../shared/words.js';
import { composer } from './parts/wash-composer.js';
import { afterSending, tapsAnew, washSession } from './parts/wash-session.js';
import { stepsOf } from './parts/wash-steps.js';
import { partsOf } from './parts/wash-time.js';
import { whyBefore } from './parts/wash-why.js';

const POLL_MS = 5000;
const root = document.querySelector('[data-wash]');
const find = (name) => root.querySelector(`[data-${name}]`);
const notice = (sentence) => {
    find('notice').textContent = sentence;
    find('notice').hidden = false;
};
const { plan, address, queue, state, act, overlay } = washSession(root, { show: () => show(), clash: notice, over: () => location.reload() });
const list = composer(find('compose'), { plan, state, act: whyBefore(find('why'), { plan, state, act }) });
const show = () => {
    const now = state();
    const steps = stepsOf(plan, now).filter(({ key }) => now.steps[key].status !== 'skipped');
    const { care, hands, drying } = partsOf(steps);
    const parts = { care: Math.round(care), hands: Math.round(hands), free: Math.round(Math.max(0, care - hands)), drying: Math.round(drying) };
    find('minutes').textContent = words(drying < 1 ? 'compose.minutes' : 'compose.minutes-and-drying', parts);
    list.show();
};

// Beginning sends what is still here first; without a network it cannot begin yet.
afterSending(find('begin'), { queue, address }, () => notice(words('begin-waits')));
overlay();
show();
keepPage('/clients/');
queue.watch(address);
tapsAnew(queue, notice);
queue.send();
setInterval(queue.poll, POLL_MS);
