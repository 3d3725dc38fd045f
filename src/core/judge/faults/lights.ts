import { sideOfLamp, type Cell, type Lamp, type Pattern, type Shows, type Sight, type Wiring } from './lamps';

/** What can be wrong, by its kind. */
export type FaultKind =
  | 'bulb-running'
  | 'bulb-bright'
  | 'bulb-brake'
  | 'bulb-turn'
  | 'bulb-both'
  | 'bulb-single'
  | 'socket'
  | 'ground'
  | 'ground-shared'
  | 'branch-running'
  | 'branch-bright'
  | 'fuse-running'
  | 'pin-running'
  | 'pin-bright'
  | 'tow-bright'
  | 'tow-brake'
  | 'plug'
  | 'crossed'
  | 'unknown';

type End = 'left' | 'right';

/** One thing that can be wrong, at a lamp, on a side, or for all. */
export interface Fault {
  readonly id: string;
  readonly kind: FaultKind;
  readonly at?: Lamp | undefined;
  readonly side?: End | undefined;
  /** How often it is met, against the others. */
  readonly weight: number;
  /** What it does to a cell; nothing where it leaves it alone. */
  readonly does: (cell: Cell) => Exclude<Sight, 'ok'> | undefined;
}

const isRunning = (shows: Shows) => shows === 'running' || shows === 'braked';
const isBright = (shows: Shows) => !isRunning(shows);

function ofEnd(side: End, wiring: Wiring): readonly Fault[] {
  const here = ({ lamp }: Cell) => lamp === side;
  const onSide = ({ lamp }: Cell) => sideOfLamp(lamp) === side;
  const when = (holds: (cell: Cell) => boolean, sight: 'out' | 'dim' | 'wrong') => (cell: Cell) =>
    holds(cell) ? sight : undefined;
  const make = (kind: FaultKind, weight: number, does: Fault['does'], at?: Lamp): Fault => ({
    id: `${kind}@${at ?? side}`,
    kind,
    ...(at ? { at } : {}),
    side,
    weight,
    does,
  });
  const running = ({ shows }: Cell) => isRunning(shows);
  const bright = ({ shows }: Cell) => isBright(shows);
  return [
    make(
      'bulb-running',
      6,
      when((cell) => here(cell) && running(cell), 'out'),
      side,
    ),
    ...(wiring === 'shared'
      ? [
          make(
            'bulb-bright',
            6,
            when((cell) => here(cell) && bright(cell), 'out'),
            side,
          ),
        ]
      : [
          make(
            'bulb-brake',
            5,
            when((cell) => here(cell) && cell.shows === 'brake', 'out'),
            side,
          ),
          make(
            'bulb-turn',
            5,
            when((cell) => here(cell) && bright(cell) && cell.shows !== 'brake', 'out'),
            side,
          ),
        ]),
    make('bulb-both', 2, when(here, 'out'), side),
    make('socket', 4, when(here, 'dim'), side),
    make('ground', 8, when(onSide, 'dim')),
    make(
      'branch-running',
      3,
      when((cell) => onSide(cell) && running(cell), 'out'),
    ),
    make(
      'branch-bright',
      3,
      when((cell) => here(cell) && bright(cell), 'out'),
    ),
    make(
      'pin-bright',
      4,
      when((cell) => here(cell) && bright(cell), 'out'),
    ),
    make(
      'tow-bright',
      3,
      when((cell) => here(cell) && bright(cell), 'out'),
    ),
  ];
}

/** Everything that is reckoned with on a rig with these lamps. */
export function faultsOf(lamps: readonly Lamp[], wiring: Wiring): readonly Fault[] {
  const all = (kind: FaultKind, weight: number, does: Fault['does']): Fault => ({
    id: kind,
    kind,
    weight,
    does,
  });
  const singles = lamps
    .filter((lamp) => lamp !== 'left' && lamp !== 'right')
    .map((lamp): Fault => ({
      id: `bulb-single@${lamp}`,
      kind: 'bulb-single',
      at: lamp,
      weight: 5,
      does: (cell) => (cell.lamp === lamp ? 'out' : undefined),
    }));
  const running = ({ shows }: Cell) => (isRunning(shows) ? ('out' as const) : undefined);
  return [
    ...ofEnd('left', wiring),
    ...ofEnd('right', wiring),
    ...singles,
    all('ground-shared', 7, () => 'dim'),
    // A ground that carries the running lamps alone, and gives way once the brake lamps draw through it as well.
    {
      ...all('ground-shared', 7, ({ shows }) => (shows === 'braked' ? 'dim' : undefined)),
      id: 'ground-shared-braked',
    },
    all('fuse-running', 5, running),
    all('pin-running', 5, running),
    all('tow-brake', 4, ({ shows }) => (shows === 'brake' ? 'out' : undefined)),
    all('plug', 4, () => 'out'),
    all('crossed', 1, ({ shows }) => (shows.startsWith('turn') ? 'wrong' : undefined)),
  ];
}

/** How likely each sight is where a fault makes a cell so; eyes and sunlight err. */
const SEEN: Readonly<Record<Sight, Readonly<Record<Sight, number>>>> = {
  ok: { ok: 0.971, dim: 0.02, out: 0.004, wrong: 0.005 },
  dim: { ok: 0.12, dim: 0.56, out: 0.3, wrong: 0.02 },
  out: { ok: 0.02, dim: 0.08, out: 0.88, wrong: 0.02 },
  wrong: { ok: 0.03, dim: 0.03, out: 0.04, wrong: 0.9 },
};

/** A test that parts what is left, with its outcomes. */
export const TESTS = {
  'swap-bulb': ['lights', 'stays-out'],
  'ground-wire': ['better', 'same'],
  'frame-wire': ['better', 'same'],
  'volts-at-lamp': ['there', 'none'],
  'volts-at-socket': ['there', 'none'],
  'clean-plug': ['changes', 'same'],
  'look-socket': ['green', 'bright'],
} as const satisfies Record<string, readonly [string, string]>;
export type TestKind = keyof typeof TESTS;

/** A test at a lamp or for the whole, with what came of it once it was made. */
export interface TestAt {
  readonly test: TestKind;
  readonly side?: End | undefined;
}
export interface TestDone extends TestAt {
  readonly result: string;
}

const BULBS: ReadonlySet<FaultKind> = new Set([
  'bulb-running',
  'bulb-bright',
  'bulb-brake',
  'bulb-turn',
  'bulb-both',
  'bulb-single',
]);
const PLUG: ReadonlySet<FaultKind> = new Set(['pin-running', 'pin-bright', 'plug']);
const BEFORE_PLUG: ReadonlySet<FaultKind> = new Set(['fuse-running', 'tow-bright', 'tow-brake']);
const AT_LAMP: ReadonlySet<FaultKind> = new Set([...BULBS, 'socket', 'ground', 'ground-shared']);

/** Which of its two outcomes a test has where a fault is the cause: the first or the second. */
function outcome({ test, side }: TestAt, fault: Fault): 0 | 1 {
  const first = (holds: boolean): 0 | 1 => (holds ? 0 : 1);
  switch (test) {
    case 'swap-bulb':
      return first(BULBS.has(fault.kind) && (fault.side ?? side) === side);
    case 'ground-wire':
      return first(fault.kind === 'ground' && fault.side === side);
    case 'frame-wire':
      return first(fault.kind === 'ground-shared');
    case 'volts-at-lamp':
      return first(AT_LAMP.has(fault.kind));
    case 'volts-at-socket':
      return first(!BEFORE_PLUG.has(fault.kind));
    case 'clean-plug':
      return first(PLUG.has(fault.kind));
    case 'look-socket':
      return first(fault.kind === 'socket' && fault.side === side);
  }
}

/** A test tells right nine times of ten. */
const TELLS = 0.9;

/** A cause with how sure it is (share of 1). */
export interface Cause {
  /** One fault, or two at once. */
  readonly faults: readonly Fault[];
  readonly sure: number;
}

/** What a pattern comes to. */
export interface Diagnosis {
  readonly status: 'nothing-wrong' | 'found' | 'open';
  /** The likeliest first; small ones left out. */
  readonly causes: readonly Cause[];
  /** How much of it nothing reckoned with explains. */
  readonly unexplained: number;
  /** The test that parts what is left best; none where it is found, or no test parts it. */
  readonly next: TestAt | undefined;
}

interface Weighed {
  readonly faults: readonly Fault[];
  readonly weight: number;
}

const GRAVER: Record<Sight, number> = { ok: 0, dim: 1, wrong: 2, out: 3 };

function sightBy(faults: readonly Fault[], cell: Cell): Sight {
  return faults.reduce<Sight>((worst, fault) => {
    const does = fault.does(cell) ?? 'ok';
    return GRAVER[does] > GRAVER[worst] ? does : worst;
  }, 'ok');
}

/** What is seen of each lamp where some faults are the cause, by an eye that does not err. */
export function patternOf(cells: readonly Cell[], faults: readonly Fault[]): Pattern {
  return cells.map((cell) => ({ ...cell, result: sightBy(faults, cell) }));
}

/** What a test tells where some faults are the cause, made without a slip: of two at once, either may be the one it meets. */
export function testTells(test: TestAt, faults: readonly Fault[]): string {
  return TESTS[test.test][faults.some((fault) => outcome(test, fault) === 0) ? 0 : 1];
}

function likelihood(faults: readonly Fault[], pattern: Pattern, tests: readonly TestDone[]): number {
  const seen = pattern.reduce((p, cell) => p * SEEN[sightBy(faults, cell)][cell.result], 1);
  return tests.reduce((p, done) => {
    const says = TESTS[done.test].findIndex((word) => word === done.result);
    // Of two faults at once, either may be the one a test meets.
    const fits = faults.some((fault) => outcome(done, fault) === says);
    return p * (fits ? TELLS : 1 - TELLS);
  }, seen);
}

/** Two things at once are so much rarer than one. */
const BOTH = 0.25;
/** Something nobody reckoned with, against one ordinary fault. */
const UNHEARD_OF = 3;
const SURE_ENOUGH = 0.8;
const WORTH_SAYING = 0.04;

const sides = ['left', 'right'] as const;

/** Every test that can be made, the easier ones first. */
export function testsFor(lamps: readonly Lamp[]): readonly TestAt[] {
  const there = sides.filter((side) => lamps.includes(side));
  return [
    ...there.map((side): TestAt => ({ test: 'swap-bulb', side })),
    ...there.map((side): TestAt => ({ test: 'look-socket', side })),
    ...there.map((side): TestAt => ({ test: 'ground-wire', side })),
    { test: 'frame-wire' },
    { test: 'clean-plug' },
    ...there.map((side): TestAt => ({ test: 'volts-at-lamp', side })),
    { test: 'volts-at-socket' },
  ];
}

const entropy = (shares: readonly number[]) =>
  shares.reduce((sum, share) => (share > 0 ? sum - share * Math.log2(share) : sum), 0);

/** What a test would tell on the whole (bits). */
function gain(test: TestAt, causes: readonly Weighed[], total: number): number {
  const halves: [number[], number[]] = [[], []];
  for (const { faults, weight } of causes) {
    const says = faults.some((fault) => outcome(test, fault) === 0) ? 0 : 1;
    const p = weight / total;
    halves[says].push(p * TELLS);
    halves[1 - says]?.push(p * (1 - TELLS));
  }
  const before = entropy(causes.map(({ weight }) => weight / total));
  return halves.reduce((left, shares) => {
    const sum = shares.reduce((a, b) => a + b, 0);
    return sum > 0 ? left - sum * entropy(shares.map((share) => share / sum)) : left;
  }, before);
}

const LEAST_GAIN = 0.08;

/**
 * From which lamps failed at what, and what tests have told, to the likeliest causes and the test that parts
 * them best (handbook 4.9): every single fault and every two at once weighed by how often they are met.
 */
export function diagnoseLights(
  lamps: readonly Lamp[],
  wiring: Wiring,
  pattern: Pattern,
  tests: readonly TestDone[] = [],
): Diagnosis {
  if (pattern.every(({ result }) => result === 'ok'))
    return { status: 'nothing-wrong', causes: [], unexplained: 0, next: undefined };
  const faults = faultsOf(lamps, wiring);
  const sum = faults.reduce((total, { weight }) => total + weight, 0);
  const singles = faults.map((fault): Weighed => ({
    faults: [fault],
    weight: fault.weight * likelihood([fault], pattern, tests),
  }));
  const pairs = faults.flatMap((a, i) =>
    faults.slice(i + 1).map((b): Weighed => ({
      faults: [a, b],
      weight: ((a.weight * b.weight) / sum) * BOTH * likelihood([a, b], pattern, tests),
    })),
  );
  const sights = 4;
  const odd = UNHEARD_OF * (1 / sights) ** pattern.length * 0.5 ** tests.length;
  const weighed = [...singles, ...pairs];
  const total = weighed.reduce((all, { weight }) => all + weight, odd);
  const causes = weighed
    .map(({ faults: of, weight }) => ({ faults: of, sure: weight / total }))
    .filter(({ sure }) => sure >= WORTH_SAYING)
    .sort((a, b) => b.sure - a.sure);
  const found = (causes[0]?.sure ?? 0) >= SURE_ENOUGH;
  const made = new Set(tests.map(({ test, side }) => `${test} ${side ?? ''}`));
  const likely = weighed.filter(({ weight }) => weight / total > 0.01);
  const best = testsFor(lamps)
    .filter(({ test, side }) => !made.has(`${test} ${side ?? ''}`))
    .map((test) => ({
      test,
      told: gain(
        test,
        likely,
        likely.reduce((all, one) => all + one.weight, 0),
      ),
    }))
    // Of tests that tell alike, the easier one, which stands first.
    .reduce<{ test: TestAt; told: number } | undefined>(
      (top, next) => (!top || next.told > top.told + 0.03 ? next : top),
      undefined,
    );
  return {
    status: found ? 'found' : 'open',
    causes,
    unexplained: odd / total,
    next: !found && best && best.told >= LEAST_GAIN ? best.test : undefined,
  };
}
