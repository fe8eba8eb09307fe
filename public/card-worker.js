// Keeps the home routine readable without a network. It serves /card/ and the files of that page, nothing else.
// Its own address carries the version of those files, so that new ones bring a new worker: /card-worker.js?v=0123456789ab

const VERSION = new URL(self.location.href).searchParams.get('v');
const STORE = `nagomi-card ${VERSION}`;
const FILES = ['css/app.css', 'assets/bulma.css', 'assets/mark.svg', 'js/screens/home-routine.js', 'js/shared/act-key.js', 'js/shared/clock.js', 'js/shared/one-at-a-time.js', 'js/shared/units.js'].map((file) => `/a/${VERSION}/${file}`);

self.addEventListener('install', (event) => event.waitUntil(caches.open(STORE).then((store) => store.addAll(FILES)).then(() => self.skipWaiting())));
self.addEventListener('activate', (event) => event.waitUntil((async () => {
    // Pages kept with files of before would look for those; both go together.
    const before = (await caches.keys()).filter((name) => name.startsWith('nagomi-card') && name !== STORE);
    await Promise.all(before.map((name) => caches.delete(name)));
    await self.clients.claim();
    // The page that brought this worker was loaded before it: it is kept now, so that its next opening needs no network.
    const store = await caches.open(STORE);
    const pages = await self.clients.matchAll({ type: 'window' });
    await Promise.allSettled(pages.filter((page) => new URL(page.url).pathname.startsWith('/card/')).map((page) => store.add(page.url)));
})()));

const fromNetwork = async (request, store, isPage) => {
    const answer = await fetch(request);
    if (answer.ok) {
        await store.put(request, answer.clone());
    } else if (isPage && answer.status === 404) {
        // Withdrawn or run out: it is not to be read from this phone either.
        await store.delete(request);
    }
    return answer;
};

self.addEventListener('fetch', (event) => {
    const url = new URL(event.request.url);
    const isPage = url.pathname.startsWith('/card/');
    const isFile = url.pathname.startsWith('/a/');
    if (event.request.method !== 'GET' || url.origin !== self.location.origin || !(isPage || isFile)) {
        return;
    }
    event.respondWith((async () => {
        const store = await caches.open(STORE);
        // A file never changes under its address: what is kept is as good as new.
        const kept = isFile ? await store.match(event.request) : undefined;
        if (kept) {
            return kept;
        }
        try {
            return await fromNetwork(event.request, store, isPage);
        } catch (wrong) {
            const page = await store.match(event.request);
            if (page) {
                return page;
            }
            throw wrong;
        }
    })());
});
