// What is typed under Hair tests and not taken in yet. It stays on this device and with the salon, field by field: what another tablet
// of the same stylist typed comes in here, what is typed here stays.

import { handle, transmit } from '../../shared/transport.js';

const KEPT = /^(raw|zones|skip|taps|unit)\[|^(zone|date)$/;
const TYPED = /^(raw|zones|skip|taps)\[/;
const TELL_MS = 600;
const ASK_MS = 2000;

/** @returns {Object<string, string>} what is filled in, by the name of its field */
export const collected = (form) => Object.fromEntries([...new FormData(form)].filter(([name, value]) => KEPT.test(name) && value !== '' && !(value === '0' && name.endsWith('[snapped]'))));
export const hasTyped = (fields) => Object.keys(fields).some((name) => TYPED.test(name));
/** @returns {string[]} names of the fields that differ */
export const differing = (one, other) => [...new Set([...Object.keys(one), ...Object.keys(other)])].filter((name) => (one[name] ?? '') !== (other[name] ?? ''));

/**
 * What another device typed, on top of what is here: a field that was changed here meanwhile stays as it is here.
 *
 * @param {{fields: object, acked: object, theirs: object}} of here now, as the salon knew it from here, from elsewhere
 * @returns {{set: Object<string, string>, acked: object}} what is to be put in, and what the salon knows now
 */
export const merged = ({ fields, acked, theirs }) => {
    const set = Object.fromEntries(Object.entries(theirs).filter(([name, value]) => (fields[name] ?? '') === (acked[name] ?? '') && (fields[name] ?? '') !== value));
    return { set, acked: { ...acked, ...theirs } };
};

/** @returns {{base: number, changed: Object<string, string>}} what the salon has not heard from here yet; an empty value empties */
export const toTell = ({ fields, acked, revision }) => ({
    base: revision,
    changed: Object.fromEntries(differing(fields, acked).map((name) => [name, fields[name] ?? ''])),
});

/**
 * What an answer comes to: what another device typed comes in, what is typed here stays.
 *
 * @param {{fields: object, acked: object, revision: number}} here as it is now, with what was typed since asking
 * @param {Object<string, string>} sent what was told with the question
 * @param {{revision: number, theirs: Object<string, string>}} answer
 * @returns {{set: Object<string, string>, acked: object, revision: number}} what is to be put in, and what the salon knows now
 */
export const afterAnswer = ({ fields, acked, revision }, sent, answer) => {
    // Thrown away on another device, or emptied there.
    const gone = answer.revision === 0 && revision > 0 ? Object.fromEntries(Object.keys(acked).map((name) => [name, ''])) : {};
    const { set, acked: known } = merged({ fields, acked: { ...acked, ...sent }, theirs: { ...gone, ...answer.theirs } });
    return { set, acked: Object.fromEntries(Object.entries(known).filter(([, value]) => value !== '')), revision: answer.revision };
};

/** Puts values where they belong; an empty one empties. */
export const put = (form, fields) => {
    for (const [name, value] of Object.entries(fields)) {
        const found = [...form.elements].filter((field) => field.name === name);
        if (found.length === 0 && name.includes('[timed][') && value !== '') {
            document.dispatchEvent(new CustomEvent('nagomi:timed', { detail: { name, value } }));
        }
        found.forEach((field) => {
            if (field.type === 'radio' || field.type === 'checkbox') {
                field.checked = field.value === value;
            } else if (field.type !== 'hidden' || name.startsWith('taps[')) {
                field.value = value;
                // The numbers were typed in this unit: they stay as they are, only the labels follow.
                if (name.startsWith('unit[')) {
                    form.querySelectorAll(`[data-unit-of="${name.slice(5, -1)}"]`).forEach((unit) => { unit.textContent = value; });
                }
            }
        });
    }
};

/** The draft as this device keeps it: what stands there, and what of it the salon is known to have. */
const makeKept = (key, broken) => ({
    read() {
        try {
            return JSON.parse(localStorage.getItem(key) ?? 'null');
        } catch {
            return null;
        }
    },
    write(fields, acked, revision) {
        try {
            if (hasTyped(fields)) {
                localStorage.setItem(key, JSON.stringify({ fields, acked, revision }));
            } else {
                localStorage.removeItem(key);
            }
        } catch {
            broken();
        }
    },
    forget: () => localStorage.removeItem(key),
});

/**
 * Where to begin: what the salon has, with what was changed here and not told yet on top of it. A page that was kept says what the salon
 * had when it was opened; what this device has heard since is later.
 *
 * @param {{fields: object, acked: object, revision: number}|null} local
 * @param {{fields: object, revision: number}|null} server
 * @returns {{fields: Object<string, string>|null, acked: object, revision: number}} fields: null where nothing was typed
 */
export const begin = (local, server) => {
    const heard = [{ acked: local?.acked ?? {}, revision: local?.revision ?? 0 }, { acked: server?.fields ?? {}, revision: server?.revision ?? 0 }];
    const { acked, revision } = heard[0].revision > heard[1].revision ? heard[0] : heard[1];
    const changed = local === null ? [] : differing(local.fields, local.acked ?? {});
    const fields = { ...acked, ...Object.fromEntries(changed.map((name) => [name, local.fields[name] ?? ''])) };
    return { fields: hasTyped(fields) ? fields : null, acked, revision };
};

/** @returns {FormData} the whole form, with the names of what changed since that revision */
const bodyOf = (form, base, names) => {
    const body = new FormData(form);
    ['_method', '_act'].forEach((name) => body.delete(name));
    body.set('base', String(base));
    body.delete('changed[]');
    // An empty list is told as one, or it would be taken for all there is.
    (names.length > 0 ? names : ['']).forEach((name) => body.append('changed[]', name));
    return body;
};

/**
 * @param {HTMLFormElement} form with data-draft, data-draft-to and data-kept
 * @param {{owner: string, visit: object, changed: function(): void, told: function(object): void, taken: function(string): void, broken: function(): void}} on
 */
export const makeDraft = (form, on) => {
    const kept = makeKept(`nagomi-bench ${on.owner} ${form.dataset.draft}`, on.broken);
    const start = begin(kept.read(), JSON.parse(form.dataset.kept ?? 'null'));
    let { acked, revision } = start;
    let timer = null;
    let asking = false;
    let waits = false;
    let isOver = false;

    const keep = () => kept.write(collected(form), acked, revision);
    const forget = () => {
        clearTimeout(timer);
        waits = false;
        isOver = true;
        kept.forget();
    };
    const hear = (answer, sent) => {
        if (isOver) {
            return; // Asked before the visit was saved: kept now, it would be offered as typed and not saved.
        }
        if (answer.taken !== null) {
            forget();
            on.taken(answer.taken);
            return;
        }
        let set = {};
        ({ set, acked, revision } = afterAnswer({ fields: collected(form), acked, revision }, sent, answer));
        on.visit.share(answer.visit);
        put(form, set);
        if (Object.keys(set).length > 0) {
            on.changed();
        }
        if (answer.tests !== undefined) {
            on.told(answer);
        }
        keep();
    };
    const tell = async (isOnlyAsking = false) => {
        if (!form.dataset.draftTo) {
            return;
        }
        if (asking) {
            waits ||= ! isOnlyAsking; // What was typed meanwhile is told of as soon as the salon has answered.
            return;
        }
        const { base, changed } = toTell({ fields: collected(form), acked, revision });
        const names = Object.keys(changed);
        if (isOnlyAsking && names.length > 0) {
            return; // They are told of in a moment.
        }
        asking = true;
        waits = false;
        const answer = await transmit(form.dataset.draftTo, bodyOf(form, base, names), { method: 'PUT' });
        asking = false;
        const later = () => {};
        handle(answer, {
            taken: ({ told }) => hear(told, changed),
            // The form says what is wrong when it is sent; what waits for a network or a sign-in stays here.
            refused: later, 'sign-in': later, gone: later, busy: later, 'no-network': later, 'too-old': later,
        });
        if (waits) {
            await tell();
        }
    };

    return {
        forget,
        tell,
        /** @returns {object|null} what was typed before, here and elsewhere */
        restored: () => start.fields,
        typed() {
            isOver = false;
            keep();
            clearTimeout(timer);
            timer = setTimeout(tell, TELL_MS);
        },
        /** Asks now and then whether another device typed something. */
        follow: () => setInterval(() => document.visibilityState === 'visible' && tell(true), ASK_MS),
    };
};
