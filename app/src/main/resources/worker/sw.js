/*
 * Pages that were seen stay readable where there is no network: the stove, cooks under way, plans, the shelf, evenings. The network is
 * asked first, always; what it gave last is what there is without it. Nothing is sent from here: entries wait in the page's own outbox.
 * Before this the server has written which VERSION it is and which SHIPPED_FILES that has.
 */
/* global VERSION, SHIPPED_FILES */
const PAGES = 'gradior-pages-1';
const FILES_OF = 'gradior-files-';
const FILES = FILES_OF + VERSION;
const WITHOUT = '/offline.html';
const KEPT = [
  /^\/$/,
  /^\/cooks\/[0-9a-f-]{36}$/,
  /^\/plans\/[0-9a-f-]{36}$/,
  /^\/sauces\/[0-9a-f-]{36}(\/plan)?$/,
  /^\/shelf$/,
  /^\/evenings\/[0-9a-f-]{36}$/,
];
const FINGERPRINTED = /^\/files\/[^/]+\//;
const SHIPPED = /^\/(css|js|fonts|webjars)\/|^\/favicon\.svg$/;

self.addEventListener('install', (event) => {
  self.skipWaiting();
  const all = [WITHOUT, '/css/bootstrap.css', '/css/gradior.css', '/favicon.svg', ...SHIPPED_FILES];
  event.waitUntil(caches.open(FILES).then((files) => files.addAll(all)));
});

self.addEventListener('activate', (event) => {
  const old = async () => {
    const names = await caches.keys();
    // The version before stays: a page that was kept of it asks for its files, until it is seen anew.
    const files = names.filter((name) => name.startsWith(FILES_OF)).slice(-2);
    for (const name of names) if (![PAGES, FILES, ...files].includes(name)) await caches.delete(name);
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

/** What is under a fingerprint never changes: once had, nobody is asked for it. */
async function kept(request) {
  const had = await caches.match(request.url, { ignoreVary: true });
  if (had) return had;
  const current = new RegExp(`^/files/${VERSION}/`).test(new URL(request.url).pathname);
  return first(request, FILES, current);
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
  else if (FINGERPRINTED.test(url.pathname)) event.respondWith(kept(request));
  else if (SHIPPED.test(url.pathname)) event.respondWith(first(request, FILES, true));
});
