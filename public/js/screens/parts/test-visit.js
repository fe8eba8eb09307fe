// The key a visit is taken in under. Two devices at one client share it; two visits never do, not even on a page that was kept.

import { newUlid } from '../../shared/act-key.js';

const USED = 'nagomi-visits';
const MOST = 60;

const used = () => {
    try {
        return JSON.parse(localStorage.getItem(USED) ?? '[]');
    } catch {
        return [];
    }
};

export const makeVisit = (field) => {
    const renew = () => { field.value = newUlid(); };
    if (used().includes(field.value)) {
        renew();
    }
    return {
        /** The other device's, where there is one and it is not over. */
        share(key) {
            if (key && !used().includes(key)) {
                field.value = key;
            }
        },
        over() {
            try {
                localStorage.setItem(USED, JSON.stringify([...used(), field.value].slice(-MOST)));
            } catch {
                // A page that was kept makes its key anew all the same: its worker's copy is not opened twice without a network.
            }
        },
    };
};
