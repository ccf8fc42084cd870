/*
 * Pages that were seen stay readable where there is no network: the stove, cooks under way, plans, the shelf, evenings. The network is
 * asked first, always; what it gave last is what there is without it. Nothing is sent from here: entries wait in the page's own outbox.
 */
const PAGES = 'gradior-pages-1';
const FILES = 'gradior-files-1';
const WITHOUT = '/offline.html';
const KEPT = [
  /^\/$/,
  /^\/cooks\/[0-9a-f-]{36}$/,
  /^\/plans\/[0-9a-f-]{36}$/,
  /^\/sauces\/[0-9a-f-]{36}(\/plan)?$/,
  /^\/shelf$/,
  /^\/evenings\/[0-9a-f-]{36}$/,
];
const SHIPPED = /^\/(css|js|fonts|webjars)\/|^\/favicon\.svg$/;

self.addEventListener('install', (event) => {
  self.skipWaiting();
  event.waitUntil(caches.open(FILES).then((files) => files.addAll([WITHOUT, '/css/bootstrap.css', '/css/gradior.css', '/favicon.svg'])));
});

self.addEventListener('activate', (event) => {
  const old = async () => {
    for (const name of await caches.keys()) if (![PAGES, FILES].includes(name)) await caches.delete(name);
    await self.clients.claim();
  };
  event.waitUntil(old());
});

/** From the network, and kept; as it was last where there is none. */
async function first(request, store, keeps) {
  try {
    const answer = await fetch(request);
    if (keeps && answer.ok && !answer.redirected) {
      const kept = answer.clone();
      caches.open(store).then((cache) => cache.put(request.url.split('#')[0], kept));
    }
    // What is gone is not shown again.
    if (keeps && answer.status === 404) caches.open(store).then((cache) => cache.delete(request.url.split('#')[0]));
    return answer;
  } catch (away) {
    const kept = await caches.match(request.url.split('#')[0], { ignoreVary: true });
    if (kept) return kept;
    if (request.mode !== 'navigate') throw away;
    return (await caches.match(WITHOUT)) ?? Response.error();
  }
}

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (request.method !== 'GET' || url.origin !== self.location.origin) return;
  if (request.mode === 'navigate')
    event.respondWith(
      first(
        request,
        PAGES,
        KEPT.some((path) => path.test(url.pathname)),
      ),
    );
  else if (SHIPPED.test(url.pathname)) event.respondWith(first(request, FILES, true));
});
