// Keeps pages readable without a network: the home routine on a client's phone, the wash day and the hair tests on a tablet. The
// network comes first, for as long as two seconds; then what is kept, also where the server answers that it is unwell.
// Its own address carries the version of the files, so that new ones bring a new worker: /page-worker.js?v=0123456789ab

const VERSION = new URL(self.location.href).searchParams.get('v');
const SCOPE = new URL(self.registration.scope).pathname;
const PAGES = `nagomi-pages ${SCOPE}`;
const FILES = `nagomi-files ${SCOPE} ${VERSION}`;
const NETWORK_MS = 2000;
const ANSWER_MS = 20000;
/** A stylist's pages are kept for a working day; a client's own home routine stays on that client's phone. */
const KEPT_MS = 12 * 3600 * 1000;
const KEPT_AT = 'X-Kept-At';

/** Pages that are worked on with wet hands or in a bathroom; all others come from the network alone. */
const KEPT = [/^\/card\/[^/]+$/, /^\/clients\/[^/]+\/wash\/[^/]+$/, /^\/clients\/[^/]+\/hair-tests$/];
const isKept = ({ pathname }) => KEPT.some((page) => page.test(pathname));

self.addEventListener('install', () => self.skipWaiting());
self.addEventListener('activate', (event) => event.waitUntil((async () => {
    // Pages stay: until they are opened with a network again they are as good as they were. Of the files, those of before go once
    // no kept page asks for them.
    await self.clients.claim();
    const pages = await (await caches.open(PAGES)).matchAll();
    const asked = (await Promise.all(pages.map((page) => page.text()))).join(' ');
    const names = await caches.keys();
    const gone = names.filter((name) => (name.startsWith(`nagomi-files ${SCOPE} `) && name !== FILES && !asked.includes(`/a/${name.split(' ').at(-1)}/`)) || name.startsWith('nagomi-card'));
    await Promise.all(gone.map((name) => caches.delete(name)));
})()));

/** @returns {Promise<Response>} the same page with when it was kept on it */
const dated = async (answer) => {
    const headers = new Headers(answer.headers);
    headers.set(KEPT_AT, String(Date.now()));
    // It is unpacked by now.
    ['Content-Encoding', 'Content-Length'].forEach((name) => headers.delete(name));
    return new Response(await answer.blob(), { status: answer.status, headers });
};
const isOver = (page) => SCOPE !== '/card/' && !(Math.abs(Date.now() - Number(page.headers.get(KEPT_AT) ?? Number.NaN)) < KEPT_MS);
/** Whatever was kept for longer than a working day is not to be read by whoever finds the tablet. */
const sweep = async () => {
    const store = await caches.open(PAGES);
    const keys = await store.keys();
    await Promise.all(keys.map(async (key) => {
        const page = await store.match(key);
        return page && isOver(page) && store.delete(key);
    }));
    return store;
};

/** Counts up when whoever worked here signs out: what was still under way then is not kept any more. */
let era = 0;
const forget = () => {
    era += 1;
    return caches.delete(PAGES);
};
const put = async (address, answer, since) => {
    const page = await dated(answer);
    if (since === era) {
        await (await caches.open(PAGES)).put(address, page);
    }
};

/** Asked for by the worker, for later: the server's word to the next page, such as what was wrong with a form, is not for this one. */
const QUIETLY = { credentials: 'same-origin', headers: { 'X-Nagomi-Kept': 'yes' } };

const keepPage = async (address) => {
    const since = era;
    const answer = await fetch(address, QUIETLY);
    if (answer.ok && !answer.redirected) {
        await put(address, answer, since);
    }
};
const keepFile = async (store, address) => (await store.match(address)) ?? store.add(address);
// The page that brought this worker was loaded before it: it and its files are kept now.
self.addEventListener('message', (event) => {
    const { page, files, forgets } = event.data ?? {};
    if (forgets === true) {
        event.waitUntil(forget());
        return;
    }
    if (!Array.isArray(files) || !isKept(new URL(page))) {
        return;
    }
    event.waitUntil((async () => {
        const store = await caches.open(FILES);
        await Promise.allSettled([keepPage(page), ...files.map((file) => keepFile(store, file))]);
    })());
});

/** The network for as long as that where something is kept, and what is kept then, or where the server is unwell. */
const soon = async (asking, kept, patienceMs = NETWORK_MS) => {
    if (!kept) {
        return asking;
    }
    const late = new Promise((then) => { setTimeout(then, patienceMs, null); });
    const answer = await Promise.race([asking.catch(() => null), late]);
    return answer === null || answer.status >= 500 ? kept : answer;
};

// The browser's own store of files comes first: there they weigh nothing.
const fileOf = async (request) => soon(fetch(request), await caches.match(request));

const pageOf = async (request, patienceMs) => {
    const since = era;
    const store = await sweep();
    const kept = await store.match(request);
    // What is still under way when the kept one is shown is kept for the next time.
    // Where it comes too late to be shown, it must not take with it what the next page is to be told.
    const asks = kept && patienceMs === NETWORK_MS ? new Request(request.url, { ...QUIETLY, redirect: 'manual' }) : request;
    return soon(fetch(asks).then(async (answer) => {
        if (answer.ok && !answer.redirected) {
            await put(request, answer.clone(), since);
        } else if (answer.status === 404 || answer.status === 410) {
            // Withdrawn or run out: it is not to be read from this device either.
            await store.delete(request);
        }
        return answer;
    }), kept, patienceMs);
};

// A page that follows a form says what became of it, and says it once: the kept one knows nothing of that.
let formIsUnderWay = false;

self.addEventListener('fetch', (event) => {
    const url = new URL(event.request.url);
    if (event.request.mode === 'navigate' && event.request.method !== 'GET') {
        formIsUnderWay = true;
        return;
    }
    if (event.request.method !== 'GET' || url.origin !== self.location.origin) {
        return;
    }
    if (url.pathname.startsWith('/a/')) {
        event.respondWith(fileOf(event.request));
    } else if (event.request.mode === 'navigate' && isKept(url)) {
        event.respondWith(pageOf(event.request, formIsUnderWay ? ANSWER_MS : NETWORK_MS));
        formIsUnderWay = false;
    }
});
