// A key for one act: what is sent twice under it is done once.

/** @returns {string} 32 hexadecimal digits; also over plain HTTP, where a browser has no randomUUID */
export const newKey = () => Array.from(crypto.getRandomValues(new Uint8Array(16)), (byte) => byte.toString(16).padStart(2, '0')).join('');

const LETTERS = '0123456789abcdefghjkmnpqrstvwxyz';

/** @returns {string} 26 letters and digits: ten of the time, sixteen of chance, as the salon's own keys are made */
export const newUlid = (nowMs = Date.now()) => {
    const time = Array.from({ length: 10 }, (_, i) => LETTERS[Math.floor(nowMs / 32 ** (9 - i)) % 32]);
    return [...time, ...Array.from(crypto.getRandomValues(new Uint8Array(16)), (byte) => LETTERS[byte % 32])].join('');
};
