// A key for one act: what is sent twice under it is done once.

/** @returns {string} 32 hexadecimal digits; also over plain HTTP, where a browser has no randomUUID */
export const newKey = () => Array.from(crypto.getRandomValues(new Uint8Array(16)), (byte) => byte.toString(16).padStart(2, '0')).join('');
