// This page and its files are kept on the device, so that it opens without a network and where the server is unwell.

/**
 * @param {string} scope the part of the salon whose pages the worker may keep, such as /card/
 * @param {string[]} later addresses of files the page asks for only when somebody wants them
 * @returns {Promise<void>} when the worker was told; nothing where the browser has none, as on plain HTTP
 */
export const keepPage = async (scope, later = []) => {
    if (!('serviceWorker' in navigator)) {
        return;
    }
    // The worker keeps the files of this version; the page says which that is.
    const [, version] = /\/a\/([0-9a-f]+)\//.exec(import.meta.url) ?? [];
    try {
        const registration = await navigator.serviceWorker.register(`/page-worker.js?v=${version}`, { scope });
        const worker = registration.installing ?? registration.waiting ?? registration.active;
        const files = performance.getEntriesByType('resource').map(({ name }) => name).filter((name) => new URL(name).pathname.startsWith('/a/'));
        worker?.postMessage({ page: location.href.replace(/#.*/, ''), files: [...files, ...later] });
    } catch {
        // The page works without; it only cannot be opened again without a network.
    }
};

/** What was kept of a stylist's pages goes when that stylist does. */
export const forgetPages = async () => {
    // The worker may be keeping one at this moment.
    const registrations = await navigator.serviceWorker?.getRegistrations() ?? [];
    registrations.filter(({ scope }) => new URL(scope).pathname === '/clients/').forEach(({ active }) => active?.postMessage({ forgets: true }));
    if ('caches' in globalThis) {
        const names = await caches.keys();
        await Promise.all(names.filter((name) => name.startsWith('nagomi-pages /clients/')).map((name) => caches.delete(name)));
    }
};
