import type { Instant } from '../../base';

/** A point of a recorded track: degrees, height (m) and time where they were recorded. */
export interface TrackPoint {
  readonly lat: number;
  readonly lon: number;
  readonly height?: number | undefined;
  readonly at?: Instant | undefined;
}

/** What a recorded track comes to: length and climb (m), stops, how long they took (min), and what was left out. */
export interface TrackRead {
  readonly distance: number;
  readonly climbed: number | undefined;
  readonly stops: number;
  readonly stopped: number;
  readonly started: Instant | undefined;
  readonly ended: Instant | undefined;
  /** Stretches that nobody towed: the receiver had lost its way. */
  readonly jumps: number;
}

const EARTH = 6_371_000;
/** Nobody tows faster (m/s), and no two points without times lie further apart (m). */
const FASTEST = 50;
const APART = 5000;
/** Within so far (m) for so long (ms) it stood. */
const STOOD = 60;
const STOP = 5 * 60_000;
/** Height has to rise so far (m) to be a climb: receivers see hills where there are none. */
const HILL = 8;

/** The way between two points over the ground (m). */
function between(a: TrackPoint, b: TrackPoint): number {
  const rad = Math.PI / 180;
  const dLat = (b.lat - a.lat) * rad;
  const dLon = (b.lon - a.lon) * rad;
  const h = Math.sin(dLat / 2) ** 2 + Math.cos(a.lat * rad) * Math.cos(b.lat * rad) * Math.sin(dLon / 2) ** 2;
  return 2 * EARTH * Math.asin(Math.min(1, Math.sqrt(h)));
}

const isPoint = ({ lat, lon }: TrackPoint) => Math.abs(lat) <= 90 && Math.abs(lon) <= 180;

/** Reads a track as a trip: jumps are left out and counted, standing about adds nothing to its length. */
export function readTrack(told: readonly TrackPoint[]): TrackRead {
  const points = told.filter(isPoint);
  let distance = 0;
  let jumps = 0;
  let climbed = 0;
  let stops = 0;
  let stopped = 0;
  const [first] = points;
  let last = first;
  let anchor = first;
  let low = first?.height;
  const ms = (point: TrackPoint | undefined) => (point?.at === undefined ? undefined : Date.parse(point.at));
  const leave = (until: TrackPoint) => {
    const [from, to] = [ms(anchor), ms(until)];
    if (from !== undefined && to !== undefined && to - from >= STOP) {
      stops += 1;
      stopped += (to - from) / 60_000;
    }
  };
  for (const point of points.slice(1)) {
    if (!last || !anchor) break;
    const way = between(last, point);
    const [from, to] = [ms(last), ms(point)];
    const timed = from !== undefined && to !== undefined;
    const jump = timed ? way > FASTEST * Math.max(1, (to - from) / 1000) + STOOD : way > APART;
    if (jump) jumps += 1;
    // What lies near where it stood is the receiver's wandering; it counts once it is left.
    const off = between(anchor, point);
    if (jump || off > STOOD) {
      if (!jump) distance += off;
      leave(last);
      anchor = point;
    }
    if (point.height !== undefined) {
      low = Math.min(low ?? point.height, point.height);
      if (point.height - low >= HILL) {
        climbed += point.height - low;
        low = point.height;
      }
    }
    last = point;
  }
  const end = points.at(-1);
  return {
    distance,
    climbed: points.some(({ height }) => height !== undefined) ? climbed : undefined,
    stops,
    stopped: Math.round(stopped),
    started: first?.at,
    ended: end?.at,
    jumps,
  };
}
