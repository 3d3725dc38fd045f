import { toSI } from '@/core/base';
import { sampleModel } from '@/core/testing/arbitraries';
import { Deck, devicePosition, instrumentNow, type Instrument, type Told } from '.';
import { liveAt } from './live';
import { simulatedTrailer } from './simulated';

const psi = (value: number) => toSI(value, 'psi');
const about = { model: sampleModel({ axles: 2 }), target: () => undefined, morning: () => undefined };
const NOTHING = { position: 0, instrument: 0 };

function hand(reads: Instrument['reads'] = ['pressure']) {
  let say: (told: Told) => void = () => undefined;
  const stopped = jest.fn();
  const instrument: Instrument = {
    id: 'hand',
    named: { name: 'By hand' },
    reads,
    start: (tell) => {
      say = tell;
      return stopped;
    },
  };
  const tell = (what: 'pressure' | 'distance', value: number, at: number) =>
    say({
      told: 'sample',
      sample: { what, place: what === 'pressure' ? '1L' : 'rig', value, at, from: instrument.named },
    });
  return { instrument, tell, say: (told: Told) => say(told), stopped };
}

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

test('what an instrument reads is there for the fields of its rig alone, by its name', () => {
  const deck = new Deck(() => Date.now());
  const { instrument, tell } = hand();
  deck.attend('rig-1', 'trip-1', about, NOTHING);
  deck.connect(instrument);
  const now = Date.now();
  tell('pressure', psi(66), now);
  tell('pressure', psi(66), now + 1);
  jest.advanceTimersByTime(300);
  expect(liveAt('rig-1', 'pressure', '1L')).toEqual({
    value: psi(66),
    quality: 'good',
    from: { name: 'By hand' },
  });
  expect(liveAt('rig-2', 'pressure', '1L')).toBeUndefined();
});

test('miles go on from what was counted before; another trip begins anew and stops what was at work', () => {
  const deck = new Deck(() => 0);
  const { instrument, tell, stopped } = hand(['distance']);
  deck.attend('rig-1', 'trip-1', about, { position: 0, instrument: 5_000 });
  deck.connect(instrument);
  for (const [value, at] of [
    [100, 0],
    [120, 1_000],
    [900, 2_000],
  ] as const)
    tell('distance', value, at);
  const { meter, base } = deck.state();
  expect(meter && base.instrument + meter.last - meter.first).toBe(5_780);
  deck.attend('rig-1', 'trip-2', about, NOTHING);
  expect(stopped).toHaveBeenCalled();
  expect(deck.state()).toMatchObject({ connected: [], meter: undefined });
});

test('one that is lost is told, and back once it tells again; one that ended has ended', () => {
  const deck = new Deck(() => 0);
  const { instrument, tell, say } = hand();
  deck.attend('rig-1', 'trip-1', about, NOTHING);
  deck.connect(instrument);
  say({ told: 'failed', why: 'lost' });
  expect(deck.state().connected[0]?.state).toBe('lost');
  tell('pressure', psi(60), 1);
  expect(deck.state().connected[0]?.state).toBe('on');
  say({ told: 'end' });
  expect(deck.state().connected[0]?.state).toBe('ended');
  deck.disconnect('hand');
  expect(deck.state().connected).toEqual([]);
});

test('the instruments’ clock runs on from the last figure as the device’s does', () => {
  expect(instrumentNow({ heard: undefined }, 500)).toBe(500);
  expect(instrumentNow({ heard: { at: 90_000, came: 400 } }, 500)).toBe(90_100);
});

test('a simulated trailer stands while it is held, then all its instruments tell', () => {
  const deck = new Deck(() => Date.now());
  deck.attend('rig-1', 'trip-1', about, NOTHING);
  const trailer = simulatedTrailer({ seed: 1, ends: ['1L', '1R', '2L', '2R'], cold: () => psi(65) }, 0, 150);
  trailer.hold(true);
  trailer.setPace(30);
  for (const one of trailer.instruments) deck.connect(one);
  jest.advanceTimersByTime(5_000);
  expect(deck.state().watch.heard['torque@rig']).toBeDefined();
  const stood = deck.state().meter;
  expect((stood?.last ?? 0) - (stood?.first ?? 0)).toBeLessThan(50);
  trailer.hold(false);
  jest.advanceTimersByTime(30_000);
  const { meter, track } = deck.state();
  expect(meter && meter.last - meter.first).toBeGreaterThan(5_000);
  expect(track.distance / (meter?.last ?? 1)).toBeGreaterThan(0.9);
  for (const { id } of trailer.instruments) deck.disconnect(id);
});

describe('the device’s position', () => {
  const told: Told[] = [];
  const watch = (then: (ok: PositionCallback, no: PositionErrorCallback) => void) => {
    told.length = 0;
    const clearWatch = jest.fn();
    const watchPosition = (ok: PositionCallback, no?: PositionErrorCallback | null) => {
      then(ok, no ?? (() => undefined));
      return 7;
    };
    const stop = devicePosition({ watchPosition, clearWatch } as unknown as Geolocation).start((one) =>
      told.push(one),
    );
    return { stop, clearWatch };
  };
  const failed = (code: number) => ({ code, PERMISSION_DENIED: 1 }) as GeolocationPositionError;

  test('a fix, a refusal, a tunnel, and no position at all', () => {
    const coords = { latitude: 47, longitude: -91, accuracy: 6, speed: null };
    const { stop, clearWatch } = watch((ok) => ok({ timestamp: 5, coords } as GeolocationPosition));
    expect(told).toEqual([{ told: 'fix', fix: { at: 5, lat: 47, lon: -91, accuracy: 6 } }]);
    stop();
    expect(clearWatch).toHaveBeenCalledWith(7);
    watch((_, no) => no(failed(1)));
    expect(told).toEqual([{ told: 'failed', why: 'refused' }]);
    watch((_, no) => no(failed(2)));
    expect(told).toEqual([{ told: 'failed', why: 'lost' }]);
    told.length = 0;
    devicePosition(undefined).start((one) => told.push(one));
    expect(told).toEqual([{ told: 'failed', why: 'none' }]);
  });
});
