import type { Instant } from '@/core/base';
import { ASKS, type AnswerTo, type AskName, type AskOf } from './asks';
import { deskFor, type Desk } from './desk';
import { prepareDemo } from './demo';
import { newMark } from './ids';
import { Keeper, type Surroundings } from './keeper';
import { LONG } from './long';
import { YARD_NAMES, type YardName } from './names';
import { dexiePort } from './port';
import type { Shown } from './shown';

/** How a desk is opened. */
export interface Opening extends Pick<Surroundings, 'version'> {
  readonly yard: YardName;
  readonly now: Instant;
}

/** A yard that answers. */
export interface Served {
  /** When the demo was first opened; none in one's own yard. */
  readonly opened: Instant | undefined;
  readonly answer: <K extends AskName>(
    name: K,
    ask: AskOf<K>,
    told: (share: number) => void,
  ) => Promise<AnswerTo<K>>;
  readonly close: () => void;
}

type Work = (desk: Desk, ask: unknown, told: (share: number) => void) => unknown;

/** What answers an ask; what takes long is fetched when it is first asked for, so that opening does not wait for it. */
async function workFor(name: AskName): Promise<Work> {
  const all = LONG.has(name) ? (await import('./long-asks')).LONG_ASKS : ASKS;
  return (all as unknown as Readonly<Record<AskName, Work>>)[name];
}

/** Opens a yard and answers for it. With `show` it tells of every change; without, it reads the log as it is asked. */
export async function serve(
  { yard, now, version }: Opening,
  warn: (message: string) => void,
  gone: (reason: string) => void,
  show?: (shown: Shown) => void,
): Promise<Served> {
  const port = dexiePort(YARD_NAMES[yard]);
  const opened = yard === 'demo' ? await prepareDemo(port, now) : undefined;
  const keeper = new Keeper(port, {
    version,
    warn,
    now,
    mark: newMark,
    gone,
    takesSimulated: yard === 'demo',
  });
  const desk = deskFor(keeper);
  const stop = show ? await keeper.open(show) : () => undefined;
  return {
    opened,
    answer: async (name, ask, told) =>
      (await (
        await workFor(name)
      )(desk, ask, told)) as AnswerTo<typeof name>,
    close: () => {
      stop();
      port.close();
    },
  };
}
