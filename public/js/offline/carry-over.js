// What a page of before kept in its own way comes into the one queue, once.

/**
 * @param {object} queue
 * @param {string} name under which it was kept
 * @param {function(object): object} recordOf what the queue keeps, with the key it always had
 */
export const carryOver = async (queue, name, recordOf) => {
    let kept;
    try {
        kept = JSON.parse(localStorage.getItem(name) ?? '[]');
    } catch {
        return;
    }
    if (!Array.isArray(kept) || kept.length === 0) {
        return;
    }
    const isKept = await Promise.all(kept.map((one) => queue.add(recordOf(one)).kept));
    if (isKept.every(Boolean)) {
        localStorage.removeItem(name);
    }
};
