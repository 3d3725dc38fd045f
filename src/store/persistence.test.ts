import { askToKeep, storageState } from './persistence';

/** A browser's storage as far as it is asked. */
function browser(storage: object | undefined): void {
  Object.defineProperty(globalThis, 'navigator', {
    value: storage === undefined ? {} : { storage },
    configurable: true,
  });
}

test('a browser that keeps things already is not asked again', async () => {
  const persist = jest.fn(() => Promise.resolve(true));
  browser({ persist, persisted: () => Promise.resolve(true) });
  expect(await askToKeep()).toBe(true);
  expect(persist).not.toHaveBeenCalled();
});

test('one that does not is asked, and may say no', async () => {
  browser({ persist: () => Promise.resolve(false), persisted: () => Promise.resolve(false) });
  expect(await askToKeep()).toBe(false);
});

test('one that cannot be asked is not', async () => {
  browser(undefined);
  expect(await askToKeep()).toBe(false);
  expect(await storageState()).toEqual({ kept: false, used: undefined, quota: undefined });
});

test('what is used and what there is are told as the browser tells them', async () => {
  browser({
    persisted: () => Promise.resolve(true),
    estimate: () => Promise.resolve({ usage: 200_000, quota: 10_000_000_000 }),
  });
  expect(await storageState()).toEqual({ kept: true, used: 200_000, quota: 10_000_000_000 });
});

test('asked once a visit, however much is written', async () => {
  const persist = jest.fn(() => Promise.reject(new Error('not now')));
  browser({ persist, persisted: () => Promise.resolve(false) });
  await jest.isolateModulesAsync(async () => {
    const { askToKeepOnce } = await import('./persistence');
    askToKeepOnce();
    askToKeepOnce();
    await new Promise((resolve) => setTimeout(resolve, 0));
  });
  expect(persist).toHaveBeenCalledTimes(1);
});
