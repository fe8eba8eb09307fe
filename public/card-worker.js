// Keeps the home card readable without a network. It serves /card/ and the files of that page, nothing else.

const STORE = 'nagomi-card-2';
const FILES = ['/css/app.css', '/assets/bulma.min.css', '/assets/mark.svg', '/js/card.js', '/js/key.js'];

self.addEventListener('install', (event) => event.waitUntil(caches.open(STORE).then((store) => store.addAll(FILES)).then(() => self.skipWaiting())));
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim().then(async () => {
    // The page that brought this worker was loaded before it: it is kept now, so that its next opening needs no network.
    const store = await caches.open(STORE);
    const pages = await self.clients.matchAll({ type: 'window' });
    await Promise.allSettled(pages.filter((page) => new URL(page.url).pathname.startsWith('/card/')).map((page) => store.add(page.url)));
})));

self.addEventListener('fetch', (event) => {
    const url = new URL(event.request.url);
    const page = url.pathname.startsWith('/card/');
    if (event.request.method !== 'GET' || url.origin !== self.location.origin || !(page || url.pathname.startsWith('/assets/') || FILES.includes(url.pathname))) {
        return;
    }
    event.respondWith((async () => {
        const store = await caches.open(STORE);
        try {
            const answer = await fetch(event.request);
            if (answer.ok) {
                await store.put(event.request, answer.clone());
            } else if (page && answer.status === 404) {
                // Withdrawn or run out: it is not to be read from this phone either.
                await store.delete(event.request);
            }
            return answer;
        } catch (wrong) {
            const kept = await store.match(event.request);
            if (kept) {
                return kept;
            }
            throw wrong;
        }
    })());
});
