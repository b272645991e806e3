/**
 * What keeps the application open without its server: the service worker, all
 * pictures, and every screen's code fetched before it is asked for.
 */

/** The cache that the service worker takes pictures from (scripts/offline.mjs). */
const FILES = 'files';
/** Set once all pictures are kept. */
const MARK = '/pictures/all-kept';
/** Milliseconds after the page is there. */
const AFTER = 4000;
/** Pictures put away at once, so that the page stays free between. */
const AT_ONCE = 40;

const idle = () =>
  new Promise<void>((resolve) => {
    if ('requestIdleCallback' in window) requestIdleCallback(() => resolve(), { timeout: 2000 });
    else setTimeout(resolve, 200);
  });

interface ScreenCode {
  readonly module: string;
  readonly imports?: readonly string[];
}

/**
 * Fetches the code of every screen without running it: a link then needs no server,
 * and a server that is away never takes the page away.
 */
function fetchScreens(): void {
  const { __reactRouterManifest: manifest } = window as {
    __reactRouterManifest?: { readonly routes: Readonly<Record<string, ScreenCode>> };
  };
  const files = Object.values(manifest?.routes ?? {}).flatMap(({ module, imports = [] }) => [
    module,
    ...imports,
  ]);
  for (const file of new Set(files)) {
    const link = document.createElement('link');
    link.rel = 'modulepreload';
    link.href = file;
    document.head.append(link);
  }
}

/** Puts every picture where the service worker finds it. */
async function keepPictures(): Promise<void> {
  const cache = await caches.open(FILES);
  if (await cache.match(MARK)) return;
  const response = await fetch('/all-pictures.json');
  if (!response.ok) return;
  const pictures = Object.entries((await response.json()) as Record<string, string>);
  const headers = { 'Content-Type': 'image/svg+xml' };
  for (let at = 0; at < pictures.length; at += AT_ONCE) {
    await idle();
    await Promise.all(
      pictures
        .slice(at, at + AT_ONCE)
        .map(([path, svg]) => cache.put(path, new Response(svg, { headers }))),
    );
  }
  await cache.put(MARK, new Response('kept'));
}

/** Loads the version that waits; the page begins anew once it is in charge. */
export type LoadNewVersion = () => void;

/**
 * Registers the service worker, and after the page has come to rest keeps what is
 * needed without the server.
 *
 * @param onNewVersion is told when a newer version has come and waits
 */
export async function stayOpen(onNewVersion: (load: LoadNewVersion) => void): Promise<void> {
  await idle();
  fetchScreens();
  // First what the teacher is waiting for.
  await new Promise((resolve) => setTimeout(resolve, AFTER));
  if (!('serviceWorker' in navigator)) return;
  const registration = await navigator.serviceWorker.register('/service-worker.js');
  const offer = (worker: ServiceWorker) =>
    onNewVersion(() => {
      navigator.serviceWorker.addEventListener('controllerchange', () => location.reload(), {
        once: true,
      });
      worker.postMessage({ type: 'SKIP_WAITING' });
    });
  if (registration.waiting && navigator.serviceWorker.controller) offer(registration.waiting);
  registration.addEventListener('updatefound', () => {
    const { installing } = registration;
    installing?.addEventListener('statechange', () => {
      // The first version of all has nothing to wait for.
      if (installing.state === 'installed' && navigator.serviceWorker.controller) offer(installing);
    });
  });
  await navigator.serviceWorker.ready;
  await keepPictures();
}
