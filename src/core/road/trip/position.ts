import type { Fix } from './sample';

/** A device's position made miles: how far it has come (m), and what the next fix is held against. */
export interface Track {
  readonly distance: number;
  /** How it moves by now (m/s). */
  readonly speed: number;
  /** Fixes that were no use: too vague, or too far off to be true. */
  readonly refused: number;
  readonly state: Filter | undefined;
}

/** Position and speed of a smoothed track in meters east and north of where it began, and how sure of them (a Kalman filter of constant speed, the same both ways). */
interface Filter {
  readonly at: number;
  readonly origin: { readonly lat: number; readonly lon: number };
  readonly x: number;
  readonly y: number;
  readonly vx: number;
  readonly vy: number;
  readonly p: readonly [number, number, number];
  /** The last place that counted. */
  readonly counted: { readonly x: number; readonly y: number };
  readonly moving: boolean;
  /** Fixes in a row that say it is setting off. */
  readonly setting: number;
  /** Fixes in a row that disagree with where it should be. */
  readonly astray: number;
}

/** A track before its first fix. */
export const NO_TRACK: Track = { distance: 0, speed: 0, refused: 0, state: undefined };

const EARTH = 6_371_000;
/** A fix vaguer than this (m) says nothing of the road. */
const VAGUE = 60;
/** Nobody tows faster (m/s). */
const FASTEST = 50;
/** How hard a trailer is turned or braked (m/s²), as noise of the filter. */
const JERKY = 4;
/** A break longer than this (s) is a tunnel: the way through it is the straight one, since nobody saw another. */
const BREAK = 12;
/** It moves from this speed on (m/s), and stands below that. */
const SETS_OFF = 2;
const STANDS = 0.7;
/** To set off it has to come so many times as far as a fix may be off, and so far (m), for so many fixes in a row. */
const SURE = 4;
const LEAST = 35;
const LASTING = 5;
/** So many fixes in a row away from where it should be are right, and the filter is not. */
const ASTRAY = 4;
/** A step of the sum (m): shorter ones would count the noise. */
const STEP = 25;

/** Meters east and north of an origin. */
function flat({ lat, lon }: Fix, origin: Filter['origin']): { readonly x: number; readonly y: number } {
  const rad = Math.PI / 180;
  return {
    x: (lon - origin.lon) * rad * EARTH * Math.cos(origin.lat * rad),
    y: (lat - origin.lat) * rad * EARTH,
  };
}

const usable = ({ lat, lon, accuracy }: Fix) =>
  [lat, lon, accuracy].every(Number.isFinite) &&
  Math.abs(lat) <= 90 &&
  Math.abs(lon) <= 180 &&
  accuracy > 0 &&
  accuracy <= VAGUE;

function begin(fix: Fix): Filter {
  const variance = fix.accuracy ** 2;
  return {
    at: fix.at,
    origin: { lat: fix.lat, lon: fix.lon },
    x: 0,
    y: 0,
    vx: 0,
    vy: 0,
    p: [variance, 0, 25],
    counted: { x: 0, y: 0 },
    moving: false,
    setting: 0,
    astray: 0,
  };
}

/** The filter after a fix that it believes. */
function follow(before: Filter, fix: Fix, at: { readonly x: number; readonly y: number }): Filter {
  const dt = (fix.at - before.at) / 1000;
  const [a, b, c] = before.p;
  const q = JERKY ** 2;
  const pa = a + 2 * dt * b + dt * dt * c + (q * dt ** 4) / 4;
  const pb = b + dt * c + (q * dt ** 3) / 2;
  const pc = c + q * dt * dt;
  const s = pa + fix.accuracy ** 2 / 4;
  const [k, kv] = [pa / s, pb / s];
  const [px, py] = [before.x + before.vx * dt, before.y + before.vy * dt];
  const [ex, ey] = [at.x - px, at.y - py];
  return {
    ...before,
    at: fix.at,
    x: px + k * ex,
    y: py + k * ey,
    vx: before.vx + kv * ex,
    vy: before.vy + kv * ey,
    p: [(1 - k) * pa, (1 - k) * pb, pc - kv * pb],
    astray: 0,
  };
}

const between = (one: { x: number; y: number }, other: { x: number; y: number }) =>
  Math.hypot(one.x - other.x, one.y - other.y);

/** The track after a fix: noise, tunnels and stops add no miles. Fixes that run backwards in time are left out. */
export function track(before: Track, fix: Fix): Track {
  const refused = { ...before, refused: before.refused + 1 };
  if (!usable(fix)) return refused;
  const { state } = before;
  if (!state) return { ...before, state: begin(fix) };
  const dt = (fix.at - state.at) / 1000;
  if (dt <= 0) return refused;
  const at = flat(fix, state.origin);
  if (dt > BREAK) {
    // Out of the tunnel: straight through, where that was possible; standing in it adds nothing.
    const way = between(at, state.counted);
    const went = way / dt <= FASTEST && way > Math.max(LEAST, SURE * fix.accuracy) ? way : 0;
    const next = begin(fix);
    return {
      ...before,
      distance: before.distance + went,
      speed: 0,
      state: { ...next, moving: went > 0 && way / dt > SETS_OFF },
    };
  }
  const expected = { x: state.x + state.vx * dt, y: state.y + state.vy * dt };
  if (between(at, expected) > Math.max(4 * fix.accuracy, FASTEST * dt)) {
    // A fix from somewhere else; if it stays there, that is where it is, and nobody knows by which way.
    if (state.astray + 1 < ASTRAY) return { ...refused, state: { ...state, astray: state.astray + 1 } };
    return { ...refused, state: begin(fix) };
  }
  const next = follow(state, fix, at);
  const speed = fix.speed !== undefined && fix.speed >= 0 ? fix.speed : Math.hypot(next.vx, next.vy);
  const away = between(next, state.counted);
  const goes = speed > SETS_OFF && away > Math.max(LEAST, SURE * fix.accuracy);
  const setting = goes ? state.setting + 1 : 0;
  const moving = state.moving ? speed > STANDS : setting >= LASTING;
  // Standing, the place that counts follows the drift without its length being counted.
  if (!moving) {
    const stopped = state.moving ? away : 0;
    return {
      ...before,
      distance: before.distance + stopped,
      speed: 0,
      state: { ...next, moving, setting, ...(state.moving && { counted: { x: next.x, y: next.y } }) },
    };
  }
  if (away < STEP) return { ...before, speed, state: { ...next, moving } };
  return {
    ...before,
    distance: before.distance + away,
    speed,
    state: { ...next, moving, counted: { x: next.x, y: next.y } },
  };
}
