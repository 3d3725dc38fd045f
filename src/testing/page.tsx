import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import './matchers';
import Dexie from 'dexie';
import { IDBFactory } from 'fake-indexeddb';
import { Suspense, use, type ComponentType } from 'react';
import { createRoot, type Root } from 'react-dom/client';
import { toast } from 'sonner';
import { AppShell } from '@/features/shell';
import { setPreferences, YardProvider, type Preferences } from '@/store';
import { takeNotes } from '@/ui/toast-queue';
import { saved } from './browser';
import { Locator, pressed, typed, until } from './locator';
import { usePathname } from './next/navigation';
import { PAGES } from './pages';

jest.setTimeout(60_000);

const loaded = new Map<string, Promise<ComponentType>>();

/** A page, loaded once a file of tests. */
function pageAt(path: string): Promise<ComponentType> {
  const load = PAGES[path];
  if (!load) throw new Error(`No page at ${path}`);
  const before = loaded.get(path);
  if (before) return before;
  const page = load().then((module) => module.default);
  loaded.set(path, page);
  return page;
}

function Here() {
  const Page = use(pageAt(usePathname()));
  return <Page />;
}

function Application() {
  return (
    <YardProvider>
      <AppShell>
        <Suspense>
          <Here />
        </Suspense>
      </AppShell>
    </YardProvider>
  );
}

let root: Root | undefined;

/** Draws it where nothing is told what to wait for: what comes late is drawn when it comes, as on a device. */
function draw(): void {
  const place = document.body.appendChild(document.createElement('div'));
  root = createRoot(place);
  root.render(<Application />);
}

/** Closes the window. */
function close(): void {
  // Notes of a window are gone with it.
  toast.dismiss();
  root?.unmount();
  root = undefined;
  document.body.replaceChildren();
}

/** A file that was saved. */
interface Download {
  readonly suggestedFilename: () => string;
  readonly path: () => Promise<string>;
}

const body = new Locator(() => [document.body], 'the page');

/** The application in one window, as the browser tests speak of it. */
export const page = {
  getByRole: body.getByRole.bind(body),
  getByText: body.getByText.bind(body),
  getByLabel: body.getByLabel.bind(body),
  getByTitle: body.getByTitle.bind(body),
  locator: body.locator.bind(body),
  url: () => window.location.href,

  /** Opens an address anew, as after the tab was closed. */
  goto: async (to: string): Promise<void> => {
    close();
    window.history.replaceState(null, '', to);
    await pageAt(window.location.pathname);
    draw();
    await until(() => {
      if (document.querySelector('main')?.childElementCount === 0) throw new Error('Nothing is drawn');
    });
  },
  reload: (): Promise<void> =>
    page.goto(`${window.location.pathname}${window.location.search}${window.location.hash}`),

  goBack: async (): Promise<void> => {
    const left = window.location.href;
    window.history.back();
    await until(() => {
      if (window.location.href === left) throw new Error(`Still at ${left}`);
    });
  },

  keyboard: { press: pressed, type: typed },

  /** Does on the page what a script does before it is opened. */
  addInitScript: <A,>(work: (given: A) => void, given?: A): Promise<void> =>
    Promise.resolve(work(given as A)),
  evaluate: <T, A>(work: (given: A) => T, given?: A): Promise<T> => Promise.resolve(work(given as A)),

  /** The next file that is handed out to be saved. */
  waitForEvent: async (_: 'download'): Promise<Download> => {
    const before = saved.length;
    const { name, blob } = await until(() => {
      const file = saved[before];
      if (!file) throw new Error('No file was saved');
      return file;
    });
    return {
      suggestedFilename: () => name,
      path: async () => {
        const path = join(mkdtempSync(join(tmpdir(), 'yardline-')), name);
        writeFileSync(path, new Uint8Array(await blob.arrayBuffer()));
        return path;
      },
    };
  },
};
export type TestPage = typeof page;

/** Gives what follows a device with nothing on it. */
export function anotherDevice(): void {
  close();
  localStorage.clear();
  sessionStorage.clear();
  takeNotes();
  saved.length = 0;
  window.history.replaceState(null, '', '/');
  setPreferences({ yard: 'own' });
  // What the last one still has open stays its own.
  Dexie.dependencies.indexedDB = new IDBFactory();
  globalThis.indexedDB = Dexie.dependencies.indexedDB;
}

beforeEach(anotherDevice);
afterEach(close);

/** Sets this device as its owner likes it. */
export const like = (preferences: Partial<Preferences>): void => setPreferences(preferences);
