/**
 * Links: where each place stands, and what its address carries. Whatever is about a rig says which, or that it
 * is the one in hand: a link that says neither does not compile.
 */

/** The places by name, and where each stands. */
export const PATHS = {
  yard: '/',
  road: '/walk',
  trouble: '/trouble',
  lights: '/lights',
  kit: '/kit',
  plan: '/plan',
  bench: '/bench',
  sheet: '/sheet',
  logbook: '/logbook',
  end: '/end',
  finding: '/finding',
  papers: '/papers',
  rig: '/rig',
  survey: '/survey',
  rules: '/rules',
  identify: '/identify',
  parts: '/parts',
  money: '/money',
  order: '/to-order',
  figures: '/figures',
  practice: '/practice',
  setup: '/setup',
  keep: '/keep',
} as const;

export type PlaceName = keyof typeof PATHS;

/** What an address carries beside the rig; what is undefined is left out. */
type Carried = Readonly<Record<string, string | number | undefined>>;

/** Marks that lists of work are read by stay as they are. */
const written = (value: string | number) =>
  encodeURIComponent(value).replaceAll('%3A', ':').replaceAll('%2C', ',');

function address(place: PlaceName, carried: Carried): string {
  const told = Object.entries(carried).flatMap(([key, value]) =>
    value === undefined ? [] : [`${key}=${written(value)}`],
  );
  return told.length > 0 ? `${PATHS[place]}?${told.join('&')}` : PATHS[place];
}

/** The address of a place about a rig, with what else it is about; without a rig it is about the one in hand. */
export const to = (place: PlaceName, rig: string | undefined, more: Carried = {}): string =>
  address(place, { rig, ...more });

/** The address of a card, or of its sheet typed in; the card knows its rig. */
export const toCard = (run: string, more: Carried = {}): string => address('bench', { run, ...more });

/** Some work, as an address carries it: `repack:1L`, `tire-rotate:1L:2L`, `hub-renew:1L:fitted`. */
interface Work {
  readonly routine: string;
  readonly place: string;
  readonly with?: string | undefined;
  readonly races?: string | undefined;
}

/** The address of the Bench, or of its sheet for paper, with some work chosen. */
export const toWork = (
  rig: string,
  jobs: readonly Work[],
  { on = 'bench', ...more }: { readonly on?: 'bench' | 'sheet'; readonly road?: 1 | undefined } = {},
): string =>
  to(on, rig, {
    jobs: jobs.map((job) => [job.routine, job.place, job.with ?? job.races ?? []].flat().join(':')).join(','),
    ...more,
  });
