// Asking the server for something small without leaving the page.

import { newKey } from './act-key.js';

const token = () => document.querySelector('meta[name="csrf-token"]')?.content ?? '';

/** @returns {Promise<Response>} rejects where there is no network */
export const ask = (address, body, method = 'POST') => {
    const isForm = body instanceof FormData || body instanceof URLSearchParams;
    // A form carries its own key, the same each time it is sent.
    const key = isForm && body.has('_act') ? {} : { 'X-Act-Key': newKey() };
    return fetch(address, {
        method: 'POST',
        headers: {
            Accept: 'application/json',
            'X-CSRF-TOKEN': token(),
            'X-Requested-With': 'XMLHttpRequest',
            ...key,
            ...(method === 'POST' ? {} : { 'X-HTTP-Method-Override': method }),
            ...(isForm ? {} : { 'Content-Type': 'application/json' }),
        },
        body: isForm ? body : JSON.stringify(body ?? {}),
        redirect: 'follow',
    });
};

/** @returns {Promise<string>} the first sentence an answer has to say */
export const sentence = async (answer) => {
    try {
        const told = await answer.json();
        return Object.values(told.errors ?? {})[0]?.[0] ?? told.message ?? '';
    } catch {
        return '';
    }
};
