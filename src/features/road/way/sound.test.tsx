/** @jest-environment jsdom */
// Each test loads the module anew, and React with it: what a device allows is remembered for as long as the page lives.
type State = 'running' | 'suspended' | 'interrupted';

/** An audio context as a browser has one: it may refuse to run, and tells when its state changes. */
class FakeContext extends EventTarget {
  static readonly made: FakeContext[] = [];
  static allows = true;
  state: State = 'suspended';
  started = 0;
  currentTime = 0;
  destination = {};
  constructor() {
    super();
    FakeContext.made.push(this);
  }
  resume() {
    if (FakeContext.allows) this.go('running');
    return FakeContext.allows ? Promise.resolve() : new Promise<void>(() => undefined);
  }
  go(state: State) {
    this.state = state;
    this.dispatchEvent(new Event('statechange'));
  }
  createOscillator() {
    const start = () => (this.started += 1);
    return { type: '', frequency: { value: 0 }, connect: (to: unknown) => to, start, stop: () => undefined };
  }
  createGain() {
    const gain = { setValueAtTime: () => undefined, exponentialRampToValueAtTime: () => undefined };
    return { gain, connect: () => undefined };
  }
}

async function shown(mayTap = true) {
  jest.resetModules();
  FakeContext.made.length = 0;
  const { act } = jest.requireActual<typeof import('react')>('react');
  const { createRoot } = jest.requireActual<typeof import('react-dom/client')>('react-dom/client');
  const { SoundNote } = jest.requireActual<typeof import('./sound-note')>('./sound-note');
  const sounds = jest.requireActual<typeof import('./sound')>('./sound');
  const box = document.createElement('div');
  await act(async () => createRoot(box).render(<SoundNote mayTap={mayTap} />));
  const tap = () =>
    act(async () => {
      const done = sounds.tryOut();
      await jest.advanceTimersByTimeAsync(1_500);
      await done;
    });
  return { box, tap, act, ...sounds };
}

beforeEach(() => {
  jest.useFakeTimers();
  FakeContext.allows = true;
  Object.assign(globalThis, { AudioContext: FakeContext, IS_REACT_ACT_ENVIRONMENT: true });
});
afterEach(() => jest.useRealTimers());

test('not tried yet it says so; tried in a tap it sounds and says nothing more', async () => {
  const { box, tap, sound, isHeard } = await shown();
  expect(box.textContent).toContain('Alarms make no sound before one is tried.');
  await tap();
  expect([box.textContent, isHeard()]).toEqual(['', true]);
  expect(FakeContext.made).toHaveLength(1);
  sound();
  // One soft tone that tried it, three of the alarm.
  expect(FakeContext.made[0]?.started).toBe(4);
});

test('a device that refuses is told, with another try; while it rolls without one', async () => {
  FakeContext.allows = false;
  const { box, tap } = await shown();
  await tap();
  expect(box.textContent).toContain('Alarms make no sound on this device as it is');
  expect(box.querySelector('button')?.textContent).toBe('Try the sound again');
  FakeContext.allows = true;
  await tap();
  expect(box.textContent).toBe('');
  const rolling = await shown(false);
  expect(rolling.box.querySelector('button')).toBeNull();
});

test('a call that takes the sound away is told, and that it is back', async () => {
  const { box, tap, act } = await shown();
  await tap();
  await act(async () => FakeContext.made[0]?.go('interrupted'));
  expect(box.textContent).toContain('no sound');
  await act(async () => FakeContext.made[0]?.go('running'));
  expect(box.textContent).toBe('');
});

test('without any sound at all nothing throws', async () => {
  Object.assign(globalThis, { AudioContext: undefined });
  const { tap, sound, isHeard } = await shown();
  await tap();
  expect(() => sound()).not.toThrow();
  expect(isHeard()).toBe(false);
});
