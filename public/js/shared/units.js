// Units of measure. The salon's server hands out the factors; none is written here.

/** @typedef {{size: number, zero: number}} Unit one of it is `size` of the book's unit, counted from `zero` */

/**
 * @param {number} value
 * @param {Unit} from
 * @param {Unit} to
 * @returns {number} the same measure in the other unit
 */
export const convert = (value, from, to) => ((value - from.zero) * from.size) / to.size + to.zero;

/** @returns {number} rounded to as many decimals, without zeros at the end */
export const rounded = (value, decimals) => Number(value.toFixed(decimals));

/** @returns {number|null} the number somebody typed, with a comma or a point; null where it is none */
export const typedNumber = (text) => {
    const plain = text.trim().replace(',', '.');
    return plain === '' || !Number.isFinite(Number(plain)) ? null : Number(plain);
};

/**
 * @param {string|undefined} json the units of a page by their sign, as `data-units` carries them
 * @returns {{inBook: function(number, string): number, fromBook: function(number, string): number, convert: function(number, string, string): number}} all by sign; a sign nobody knows is the book's own
 */
export const unitsOf = (json) => {
    const units = JSON.parse(json ?? '{}');
    const book = { size: 1, zero: 0 };
    const of = (sign) => units[sign] ?? book;
    return {
        inBook: (value, sign) => convert(value, of(sign), book),
        fromBook: (value, sign) => convert(value, book, of(sign)),
        convert: (value, from, to) => convert(value, of(from), of(to)),
    };
};
