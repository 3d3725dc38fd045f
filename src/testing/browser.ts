/** What pages ask of a browser and jsdom has not: nothing is laid out, no sound comes, files are kept in memory. */

/** Files that were handed out to be saved, the newest last. */
export const saved: { readonly name: string; readonly blob: Blob }[] = [];

const blobs = new Map<string, Blob>();
let made = 0;
URL.createObjectURL = (blob: Blob) => {
  const url = `blob:page/${(made += 1)}`;
  blobs.set(url, blob);
  return url;
};
URL.revokeObjectURL = (url: string) => void blobs.delete(url);
const follow = HTMLAnchorElement.prototype.click;
HTMLAnchorElement.prototype.click = function click() {
  const blob = blobs.get(this.href);
  if (blob && this.download) saved.push({ name: this.download, blob });
  else follow.call(this);
};

class Watches {
  observe = () => undefined;
  unobserve = () => undefined;
  disconnect = () => undefined;
  takeRecords = () => [];
}
Object.assign(globalThis, { ResizeObserver: Watches, IntersectionObserver: Watches });

/** A desk by default. */
window.matchMedia = (media: string) =>
  Object.assign(new EventTarget(), {
    matches: media.includes('min-width'),
    media,
    onchange: null,
    addListener: () => undefined,
    removeListener: () => undefined,
  });

Object.assign(Element.prototype, {
  scrollIntoView: () => undefined,
  scrollTo: () => undefined,
  setPointerCapture: () => undefined,
  releasePointerCapture: () => undefined,
  hasPointerCapture: () => false,
});
window.scrollTo = () => undefined;

// Drawings and words are what they are at once: no picture is painted.
window.requestAnimationFrame = (draw) => window.setTimeout(() => draw(performance.now()), 0);
window.cancelAnimationFrame = (id) => window.clearTimeout(id);

/** What the server hands out: the demo's log, and no picture. */
globalThis.fetch = async (asked) => {
  const { pathname } = new URL(String(asked), window.location.href);
  if (pathname !== '/demo/log.json') return new Response('', { status: 404 });
  const { GET } = await import('@/app/demo/log.json/route');
  return GET();
};

/** A list draws what is in sight by how high its rows are: each has some height. */
Object.defineProperties(HTMLElement.prototype, {
  offsetHeight: { configurable: true, get: () => 40 },
  offsetWidth: { configurable: true, get: () => 300 },
});
