// Sentences come from the salon's language files; a page carries those its scripts say.

const all = () => JSON.parse(document.getElementById('offline-words')?.content.textContent || '{}');
let kept = null;

/**
 * @param {string} name
 * @param {Object<string, string|number>} parts what stands for :name in the sentence
 * @returns {string} the sentence; the name itself where the page carries none, so that it is seen to be missing
 */
export const words = (name, parts = {}) => {
    kept ??= all();
    return Object.entries(parts).reduce((sentence, [part, value]) => sentence.replaceAll(`:${part}`, String(value)), kept[name] ?? name);
};

/** @returns {string} `name-one` for one thing, `name` for any other number of them, with :count */
export const counted = (name, count, parts = {}) => words(count === 1 ? `${name}-one` : name, { ...parts, count });

/** For tests and for pages whose words come later. */
export const forgetWords = () => { kept = null; };

/** @returns {Object<string, function({sentence: string}): void>} says each outcome but `taken` in its own words */
export const sayOthers = (say) => Object.fromEntries(['refused', 'sign-in', 'gone', 'busy', 'no-network', 'too-old']
    .map((outcome) => [outcome, ({ sentence }) => say(outcome === 'refused' && sentence !== '' ? sentence : words(outcome))]));
