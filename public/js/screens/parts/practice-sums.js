// What the practice chair reckons on the page: how likely things are said to be, and what today's wash takes; the numbers come from the server.

/**
 * @param {number[]} weights how likely each is thought beside the others, 0 or more
 * @returns {number[]} whole percent, of 100 together; all 0 where nothing is thought likely
 */
export const percents = (weights) => {
    const all = weights.reduce((sum, weight) => sum + weight, 0);
    if (all === 0) {
        return weights.map(() => 0);
    }
    const exact = weights.map((weight) => 100 * weight / all);
    const shares = exact.map(Math.floor);
    const order = exact.map((share, i) => [share - Math.floor(share), i]).sort(([one], [other]) => other - one);
    for (let left = 100 - shares.reduce((sum, share) => sum + share, 0), i = 0; left > 0; left--, i++) {
        shares[order[i][1]]++;
    }

    return shares;
};

/**
 * @param {{ adds: Record<string, number>, prices: Record<string, number> }} sum minutes and prices of one thing more
 * @param {Record<string, string>} typed fields of the form
 * @returns {{ minutes: number, price: number }}
 */
export const washCost = ({ adds, prices }, typed) => {
    const mask = Number(String(typed.mask_minutes ?? '').replace(',', '.')) || 0;
    const clarifies = ['clarifying', 'chelating'].includes(typed.cleanse);
    const minutes = adds.plain
        + (typed.passes === '2' ? adds.pass : 0)
        + (typed.pre_wash ? adds['pre-wash'] : 0)
        + (typed.protein ? adds[typed.protein] : 0)
        + (typed.cleanse === 'scalp-care' ? adds['scalp-care'] : 0)
        + (mask > 0 ? mask - adds['rinse-out'] : 0);
    const price = (mask > 0 ? prices.mask : 0)
        + (typed.protein ? prices[typed.protein] : 0)
        + (clarifies ? prices.clarifying : 0)
        + (typed.cleanse === 'co-wash' ? prices['co-wash'] : 0);

    return { minutes, price: Math.round(100 * price) / 100 };
};
