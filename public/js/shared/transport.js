// The one way a script asks the salon for something. Whatever happens, there is an answer, and it is one of seven.

import { newKey } from './act-key.js';
import { measure } from './salon-clock.js';

/** What can become of asking. Whoever asks deals with each: `handle` sees to it. */
export const OUTCOMES = Object.freeze(['taken', 'refused', 'sign-in', 'gone', 'busy', 'no-network', 'too-old']);

/** Counts up when pages of before cannot talk to the salon any more; the server knows the least it understands. */
export const PROTOCOL = 2;

const DEADLINE_MS = 8000;

/** @typedef {{outcome: string, told: any, sentence: string, status: number|null, waitMs: number|null}} Answer */

const meta = (name) => document.querySelector(`meta[name="${name}"]`);

const sentenceOf = (told) => Object.values(told?.errors ?? {})[0]?.[0] ?? (typeof told?.message === 'string' ? told.message : '');

const OF_STATUS = { 401: 'sign-in', 404: 'gone', 408: 'busy', 410: 'gone', 419: 'sign-in', 425: 'busy', 426: 'too-old', 429: 'busy' };
const outcomeOf = (response, told) => {
    if (response.ok) {
        // A page instead of an answer: of signing in, or of whoever stands between the device and the salon.
        const isAnswer = told !== null && typeof told === 'object';
        return isAnswer ? 'taken' : response.redirected && new URL(response.url).pathname === '/sign-in' ? 'sign-in' : 'busy';
    }
    return OF_STATUS[response.status] ?? (response.status >= 400 && response.status < 500 ? 'refused' : 'busy');
};

const secondsToWait = (response) => {
    const seconds = Number(response.headers.get('Retry-After') ?? Number.NaN);
    return Number.isFinite(seconds) ? Math.min(seconds, 300) * 1000 : null;
};

/** One request and one answer, within a deadline that also holds for an answer cut in the middle. */
const once = async (address, init, deadlineMs) => {
    const stop = new AbortController();
    const timer = setTimeout(() => stop.abort(), deadlineMs);
    const from = performance.now();
    try {
        const response = await fetch(address, { ...init, signal: stop.signal, redirect: 'follow', cache: 'no-store' });
        measure(Number(response.headers.get('X-Nagomi-Time') ?? Number.NaN), performance.now() - from);
        const text = response.status === 204 ? '{}' : await response.text();
        let told = null;
        try {
            told = JSON.parse(text);
        } catch {
            // No answer of the salon's.
        }
        const outcome = outcomeOf(response, told);
        return { outcome, told: outcome === 'taken' ? told : null, sentence: sentenceOf(told), errors: told?.errors ?? null, status: response.status, waitMs: secondsToWait(response) };
    } catch {
        return { outcome: 'no-network', told: null, sentence: '', errors: null, status: null, waitMs: null };
    } finally {
        clearTimeout(timer);
    }
};

/** After signing in elsewhere this page's token is stale: it is fetched anew, for the one whose page this is and nobody else. */
const freshToken = async (deadlineMs) => {
    const { told } = await once('/token', { headers: { Accept: 'application/json' } }, deadlineMs);
    if (typeof told?.token !== 'string' || String(told.stylist) !== meta('stylist')?.content) {
        return false;
    }
    meta('csrf-token')?.setAttribute('content', told.token);
    // The page's own forms were made with the old one.
    document.querySelectorAll('input[name="_token"]').forEach((field) => { field.value = told.token; });
    return true;
};

/**
 * @param {string} address
 * @param {object|FormData|URLSearchParams} body
 * @param {{method?: string, deadlineMs?: number, key?: string}} how key: of the act, where it is sent more than once
 * @returns {Promise<Answer>} never rejects
 */
export const transmit = async (address, body, { method = 'POST', deadlineMs = DEADLINE_MS, key: given = null } = {}) => {
    const isForm = body instanceof FormData || body instanceof URLSearchParams;
    // A form carries its own key, the same each time it is sent.
    const key = isForm && body.has('_act') ? null : given ?? newKey();
    const stylist = meta('stylist')?.content ?? null;
    const init = () => ({
        method: method === 'GET' ? 'GET' : 'POST',
        headers: {
            Accept: 'application/json',
            'X-CSRF-TOKEN': meta('csrf-token')?.content ?? '',
            'X-Requested-With': 'XMLHttpRequest',
            'X-Nagomi-Protocol': String(PROTOCOL),
            ...(stylist === null ? {} : { 'X-Nagomi-Stylist': stylist }),
            ...(key === null ? {} : { 'X-Act-Key': key }),
            ...(method === 'POST' || method === 'GET' ? {} : { 'X-HTTP-Method-Override': method }),
            ...(isForm ? {} : { 'Content-Type': 'application/json' }),
        },
        ...(method === 'GET' ? {} : { body: isForm ? body : JSON.stringify(body ?? {}) }),
    });
    const answer = await once(address, init(), deadlineMs);
    return answer.status === 419 && await freshToken(deadlineMs) ? once(address, init(), deadlineMs) : answer;
};

/**
 * Deals with an answer. A caller that forgot one of the outcomes is told so at once, whichever came.
 *
 * @template T
 * @param {Answer} answer
 * @param {Object<string, function(Answer): T>} handlers one for each outcome
 * @returns {T}
 */
export const handle = (answer, handlers) => {
    const missing = OUTCOMES.filter((outcome) => typeof handlers[outcome] !== 'function');
    if (missing.length > 0) {
        throw new TypeError(`Nobody deals with: ${missing.join(', ')}.`);
    }
    return handlers[answer.outcome](answer);
};
