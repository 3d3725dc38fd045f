/** The service worker: after one visit every page opens without a network. */
import { Serwist, type PrecacheEntry, type SerwistGlobalConfig } from 'serwist';

declare global {
  interface ServiceWorkerGlobalScope extends SerwistGlobalConfig {
    __SW_MANIFEST: (string | PrecacheEntry)[];
  }
}
declare const self: ServiceWorkerGlobalScope;

/** Put in by the build: the addresses of the pages, and a name for this build. */
declare const PAGES: readonly string[];
declare const BUILD: string;
/** And what each of them comes to as it was built, as SHA-256: the page, and what the router fetches of it. */
declare const OURS: Readonly<Record<string, { readonly html: string; readonly rsc: string }>>;

/** Where an address that nobody knows leads while there is no network. */
const LOST = '/lost';
const SOFT = `soft-${BUILD}`;

/** A response that takes on the address it is asked under: one that came from the network keeps its own, and the router would lose the query. */
function fresh(response: Response): Response {
  return new Response(response.body, {
    status: response.status,
    statusText: response.statusText,
    headers: response.headers,
  });
}

/** True for what is kept as it was built: nothing else is served from the cache while there is a network. */
async function isOurs(kept: Response, hash: string | undefined): Promise<boolean> {
  const digest = await crypto.subtle.digest('SHA-256', await kept.clone().arrayBuffer());
  return btoa(String.fromCharCode(...new Uint8Array(digest))) === hash;
}

/** Keeps one page as the router fetches it; tells whether it was to be had. */
async function keepPage(cache: Cache, page: string): Promise<boolean> {
  const response = await fetch(`${page}?_rsc`, { headers: { RSC: '1' } });
  if (response.ok) await cache.put(page, fresh(response));
  return response.ok;
}

/** Keeps what the router fetches to go from place to place without loading a page anew. */
async function keepSoft(): Promise<void> {
  const cache = await caches.open(SOFT);
  await Promise.all(
    PAGES.map(async (page) => {
      if (!(await keepPage(cache, page))) throw new Error(`${page} was not to be had`);
    }),
  );
}

/** Fetches again what is missing of the soft pages, or all of them; what is there stays. */
async function healSoft(whole = false): Promise<void> {
  const cache = await caches.open(SOFT);
  const kept = new Set((await cache.keys()).map(({ url }) => new URL(url).pathname));
  await Promise.all(PAGES.filter((page) => whole || !kept.has(page)).map((page) => keepPage(cache, page)));
}

/** Fetches again what is missing of what is kept for use without a network, or all of it where something of it may be damaged. */
async function heal(whole = false): Promise<void> {
  const cache = await caches.open(serwist.precacheStrategy.cacheName);
  const kept = new Set((await cache.keys()).map(({ url }) => url));
  for (const url of serwist.getPrecachedUrls()) {
    const key = serwist.getPrecacheKeyForUrl(url);
    if (key === undefined || (!whole && kept.has(new URL(key, self.location.href).href))) continue;
    const response = await fetch(url, { cache: 'reload' });
    if (response.ok) await cache.put(key, fresh(response));
  }
  await healSoft(whole);
}

self.addEventListener('message', (event) => {
  const { type, whole } = (event.data ?? {}) as { type?: unknown; whole?: unknown };
  // Without a network it heals at the next chance.
  if (type === 'HEAL') event.waitUntil(heal(whole === true).catch(() => undefined));
});

async function dropOldSoft(): Promise<void> {
  const names = await caches.keys();
  await Promise.all(
    names.filter((name) => name.startsWith('soft-') && name !== SOFT).map((name) => caches.delete(name)),
  );
}

self.addEventListener('install', (event) => event.waitUntil(keepSoft()));
self.addEventListener('activate', (event) =>
  event.waitUntil(dropOldSoft().then(() => heal().catch(() => undefined))),
);
/** True for a share as the system sends it: a page opened anew, from nowhere. A form on some page has a page it comes from, or a frame it stands in. */
function isShare({ mode, destination, referrer }: Request): boolean {
  return mode === 'navigate' && destination === 'document' && referrer === '';
}

/** What is shared to the application is laid by for the page that shows it before anything is taken in (`features/files/arrivals.ts`); what was shared before and never looked at is gone. */
async function takeShared(request: Request): Promise<Response> {
  if (!isShare(request))
    return new Response('Nothing was taken: this did not come from the share sheet of this device.', {
      status: 403,
      headers: { 'Content-Type': 'text/plain; charset=utf-8' },
    });
  await caches.delete('shared');
  const cache = await caches.open('shared');
  const files = (await request.formData()).getAll('files');
  // An album calls many of its pictures alike.
  for (const [i, file] of files.entries())
    if (file instanceof File)
      await cache.put(
        `/shared/${Date.now()}-${i}/${encodeURIComponent(file.name)}`,
        new Response(file, { headers: { 'Content-Type': file.type } }),
      );
  return Response.redirect('/keep?shared', 303);
}

self.addEventListener('fetch', (event) => {
  const { request } = event;
  if (request.method === 'POST' && new URL(request.url).pathname === '/shared')
    event.respondWith(takeShared(request));
});

self.addEventListener('fetch', (event) => {
  const url = new URL(event.request.url);
  const soft =
    event.request.headers.get('RSC') === '1' && !event.request.headers.has('next-router-segment-prefetch');
  if (url.origin !== self.location.origin || !soft || !PAGES.includes(url.pathname)) return;
  event.respondWith(
    caches
      .open(SOFT)
      .then((cache) => cache.match(url.pathname))
      .then(async (kept) => {
        if (kept && (await isOurs(kept, OURS[url.pathname]?.rsc))) return fresh(kept);
        event.waitUntil(healSoft(kept !== undefined).catch(() => undefined));
        return fetch(event.request);
      }),
  );
});

/** A page as it is kept; one that is missing or not ours is fetched anew. Without a network it is what there is, as long as it can be ours. */
async function pageOf(request: Request, path: string): Promise<Response> {
  const cache = await caches.open(serwist.precacheStrategy.cacheName);
  const key = serwist.getPrecacheKeyForUrl(path) ?? path;
  const kept = await cache.match(key);
  if (kept && (await isOurs(kept, OURS[path]?.html))) return kept;
  try {
    const response = await fetch(request);
    if (response.ok && (await isOurs(response, OURS[path]?.html)))
      await cache.put(key, fresh(response.clone()));
    return response;
  } catch {
    const text = await kept?.clone().text();
    if (kept && text?.includes('/_next/static/')) return kept;
    return (await serwist.matchPrecache(LOST)) ?? Response.error();
  }
}

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const url = new URL(request.url);
  const page = request.mode === 'navigate' && request.method === 'GET' && PAGES.includes(url.pathname);
  if (page && url.origin === self.location.origin) event.respondWith(pageOf(request, url.pathname));
});

const serwist: Serwist = new Serwist({
  precacheEntries: self.__SW_MANIFEST,
  precacheOptions: {
    cleanURLs: false,
    ignoreURLParametersMatching: [/^(?!_rsc$)/],
    // A worker reads the address it was asked under, part behind the hash included; a kept response has its own.
    plugins: [
      {
        handlerWillRespond: ({ request, response }) =>
          Promise.resolve(request.destination === 'worker' ? fresh(response) : response),
      },
    ],
  },
  clientsClaim: true,
  // A newer version waits until its reader says so: a card in hand is never reloaded away.
  skipWaiting: false,
  runtimeCaching: [
    {
      matcher: ({ request }) => request.mode === 'navigate',
      handler: async ({ request }): Promise<Response> => {
        try {
          return await fetch(request);
        } catch {
          return (await serwist.matchPrecache(LOST)) ?? Response.error();
        }
      },
    },
  ],
});
serwist.addEventListeners();
