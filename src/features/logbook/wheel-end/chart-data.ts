import { DAY_MS, formatNumber, fromSI, toSI, unitFor, type Instant, type UnitSystem } from '@/core/base';
import type { EndPlayWindow } from '@/core/figures';
import { routineDef, WORKS } from '@/core/rules';
import type { Trend, WorkDone } from '@/core/judge';
import { capital, day, measure, readingName, small, workTitle } from '@/text';

/** One reading as it is drawn: x in ms or in the owner's miles, y in the owner's unit. */
export interface Dot {
  readonly x: number;
  readonly y: number;
  /** Told when it is pointed at or reached by keys. */
  readonly label: string;
  /** Less sure than the others. */
  readonly hollow?: boolean;
}

/** A line across: where something begins to be watched, due or stop, or what it should be. */
export interface Limit {
  readonly y: number;
  readonly label: string;
  readonly kind: 'target' | 'soon' | 'due';
}

/** A chart as data, in the owner's units. */
export interface ChartData {
  readonly by: 'time' | 'distance';
  readonly unit: string;
  readonly xUnit: string | undefined;
  readonly dots: readonly Dot[];
  readonly limits: readonly Limit[];
  /** Work done, along x. */
  readonly works: readonly { readonly x: number; readonly label: string }[];
  /** The line the readings lie along. */
  readonly line: readonly (readonly [number, number])[];
  /** What is usual here, from and to. */
  readonly band: readonly [number, number] | undefined;
  readonly decimals: number;
}

const ms = (at: Instant) => Date.parse(at);
const degrees = (kelvins: number, system: UnitSystem) => {
  const unit = unitFor('temperature', system);
  return fromSI(kelvins, unit) - fromSI(0, unit);
};
/** A depth in thirty-seconds of an inch, or in mm. */
const depth = (metres: number, system: UnitSystem) =>
  system === 'us' ? fromSI(metres, 'in') * 32 : fromSI(metres, 'mm');
const depthUnit = (system: UnitSystem) => (system === 'us' ? '/32 in' : 'mm');

const OPENS = WORKS.filter((work) => routineDef(work).opensHub);

/** Work that has to do with what a chart shows; the rest would only stand in its way. */
const MATTERS: Readonly<Partial<Record<Trend['kind'], ReadonlySet<string>>>> = {
  heat: new Set([...OPENS, 'grease', 'brake-adjust']),
  strokes: new Set([...OPENS, 'grease']),
  play: new Set(OPENS),
};

function marked(kind: Trend['kind'], works: readonly WorkDone[]): ChartData['works'] {
  const byEntry = new Map<string, { x: number; label: string }>();
  for (const { entry, at, routine } of works.filter((work) => MATTERS[kind]?.has(work.routine))) {
    const had = byEntry.get(entry);
    const label = small(workTitle(routine));
    if (!had) byEntry.set(entry, { x: ms(at), label: capital(label) });
    else if (!had.label.toLowerCase().includes(label)) had.label += `, ${label}`;
  }
  return [...byEntry.values()];
}

/** The chart of a trend; undefined where there is nothing to draw. */
export function chartOf(
  trend: Trend,
  about: {
    readonly works: readonly WorkDone[];
    readonly target: number | undefined;
    readonly window: EndPlayWindow | undefined;
    readonly now: Instant;
  },
  system: UnitSystem,
): ChartData | undefined {
  const { works, target, window, now } = about;
  const said = (at: Instant, figure: string) => `${day(at, now)}: ${figure}`;
  const base = {
    by: 'time',
    xUnit: undefined,
    works: marked(trend.kind, works),
    line: [],
    band: undefined,
  } as const;
  switch (trend.kind) {
    case 'leak': {
      const pressure = (value: number) => fromSI(value, unitFor('pressure', system));
      const dots = trend.brought.map(({ point, value, asRead }) => ({
        x: ms(point.at),
        y: pressure(value),
        label: said(
          point.at,
          `${measure(point.value, 'pressure', system, 1)} read${asRead ? ', air not known' : `, ${measure(value, 'pressure', system, 1)} at 70 °F (21 °C)`}`,
        ),
        hollow: asRead,
      }));
      const last = dots[dots.length - 1];
      const { rate, level } = trend;
      const perDay = rate === undefined ? 0 : pressure(rate) / 30;
      const today = ms(now);
      return dots.length < 2 || !last
        ? undefined
        : {
            ...base,
            unit: unitFor('pressure', system),
            dots,
            works: [],
            limits: [
              ...(target === undefined
                ? []
                : [{ y: pressure(target), label: 'target', kind: 'target' as const }]),
              ...(trend.limit === undefined
                ? []
                : [{ y: pressure(trend.limit), label: 'due', kind: 'due' as const }]),
            ],
            line:
              level === undefined || trend.status === 'few'
                ? []
                : [
                    [today - 45 * DAY_MS, pressure(level) + 45 * perDay],
                    [today, pressure(level)],
                    [today + 30 * DAY_MS, pressure(level) - 30 * perDay],
                  ],
            decimals: 0,
          };
    }
    case 'heat':
      return trend.overs.length < 2
        ? undefined
        : {
            ...base,
            unit: unitFor('temperature', system),
            dots: trend.overs.map(({ point, mate, over }) => ({
              x: ms(point.at),
              y: degrees(over, system),
              label: said(
                point.at,
                `${measure(point.value, 'temperature', system)}, its mate ${measure(mate, 'temperature', system)}`,
              ),
            })),
            limits: [
              { y: degrees(25 / 1.8, system), label: 'watch', kind: 'soon' },
              { y: degrees(40 / 1.8, system), label: 'due', kind: 'due' },
            ],
            band:
              trend.usual === undefined || trend.scatter === undefined
                ? undefined
                : [
                    degrees(trend.usual - trend.scatter, system),
                    degrees(trend.usual + trend.scatter, system),
                  ],
            decimals: 0,
          };
    case 'wear':
      return trend.dots.length < 2
        ? undefined
        : {
            ...base,
            by: 'distance',
            xUnit: unitFor('distance', system),
            unit: depthUnit(system),
            works: [],
            dots: trend.dots.map(({ point, x, y }) => ({
              x: fromSI(x, unitFor('distance', system)),
              y: depth(y, system),
              label: said(
                point.at,
                `${formatNumber(depth(y, system), 1)}${system === 'us' ? '' : ' '}${depthUnit(system)} at ${measure(x, 'distance', system)}`,
              ),
            })),
            limits: [
              { y: depth(2 * trend.limit, system), label: 'watch', kind: 'soon' },
              { y: depth(trend.limit, system), label: 'due', kind: 'due' },
            ],
            decimals: system === 'us' ? 0 : 1,
          };
    case 'strokes':
      return trend.points.length < 2
        ? undefined
        : {
            ...base,
            unit: 'strokes',
            dots: trend.points.map((point) => ({
              x: ms(point.at),
              y: point.value,
              label: said(point.at, `${point.value} strokes`),
            })),
            limits: [],
            decimals: 0,
          };
    case 'play': {
      const length = (value: number) => fromSI(value, unitFor('length', system));
      return trend.points.length < 2
        ? undefined
        : {
            ...base,
            unit: unitFor('length', system),
            dots: trend.points.map((point) => ({
              x: ms(point.at),
              y: length(point.value),
              label: said(
                point.at,
                `${small(readingName('end-play'))} ${measure(point.value, 'length', system)}`,
              ),
            })),
            limits: window ? [{ y: length(window.max), label: 'most', kind: 'due' }] : [],
            decimals: system === 'us' ? 3 : 2,
          };
    }
    case 'nuts':
      return undefined;
  }
}

/** A quantity a chart's axis begins and ends at, so that limits are in sight. */
export function reach({ dots, limits, band }: ChartData): readonly [number, number] {
  const ys = [...dots.map(({ y }) => y), ...limits.map(({ y }) => y), ...(band ?? [])];
  const low = Math.min(...ys);
  const high = Math.max(...ys);
  const room = Math.max((high - low) * 0.12, Math.abs(high) * 0.02, toSI(1, 'g'));
  return [low - room, high + room];
}
