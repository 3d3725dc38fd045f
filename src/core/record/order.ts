import { doneKey, workOf, type OrderBody, type OrderState, type RigState, type WorkBody } from '../log';
import type { WheelEnd } from '../rig';
import type { Job } from '../routine';
import type { NewEntry, NewId } from './new-entry';
import { photoEntry, type PhotoSize } from './photo';

/** An order to a shop: what it is asked, and its findings that wait for it from now on. */
export function orderEntries(
  told: OrderBody,
  rig: Pick<RigState, 'findings'>,
  newId: NewId,
): readonly NewEntry[] {
  return [
    { kind: 'order', id: newId(), body: told },
    ...told.findings.flatMap((finding): NewEntry[] =>
      rig.findings[finding]
        ? [
            {
              kind: 'finding.waits',
              body: { finding, who: told.shop, ...(told.booked && { booked: told.booked }) },
            },
          ]
        : [],
    ),
  ];
}

/** What came back of an order. */
export interface OrderCameBack {
  readonly order: OrderState;
  /** What was really done. */
  readonly done: readonly Job[];
  /** Wheels that were off, by whatever work. */
  readonly wheelsOff: readonly WheelEnd[];
  /** Findings that are put right. */
  readonly closed: readonly string[];
  readonly cost?: WorkBody['cost'];
  readonly note?: string | undefined;
  /** Pictures by the finding they show; under nothing those of the order itself. */
  readonly photos: readonly { readonly of: string | undefined; readonly photo: PhotoSize }[];
}

/** An order that came back: its work, the checks that a shop's work opens, the findings it put right, and its pictures. */
export function orderBackEntries(
  { order, done, wheelsOff, closed, cost, note, photos }: OrderCameBack,
  rig: Pick<RigState, 'findings'>,
  newId: NewId,
): readonly NewEntry[] {
  const work = newId();
  const jobs = [...done];
  const standing = closed.filter((id) => rig.findings[id]);
  const said = note?.trim();
  return [
    ...(jobs.length > 0
      ? [
          {
            kind: 'work' as const,
            id: work,
            body: {
              ...workOf(jobs),
              ...(cost && { cost }),
              note: [`By ${order.shop}`, said].filter(Boolean).join(': ').slice(0, 2000),
            },
          },
        ]
      : []),
    ...(wheelsOff.length > 0
      ? [{ kind: 'event' as const, body: { what: 'shop' as const, places: [...wheelsOff] } }]
      : []),
    ...standing.map((finding): NewEntry => ({
      kind: 'finding.closed',
      body:
        jobs.length > 0
          ? { finding, work, jobs }
          : { finding, how: `By ${order.shop}${said ? `: ${said}` : ''}`.slice(0, 500) },
    })),
    // What is not put right waits for that shop no more.
    ...order.findings.flatMap((finding): NewEntry[] =>
      rig.findings[finding]?.waits?.who === order.shop && !standing.includes(finding)
        ? [{ kind: 'finding.waits', body: { finding } }]
        : [],
    ),
    {
      kind: 'order.back',
      body: {
        order: order.id,
        ...(jobs.length > 0 && { work }),
        ...(said && { note: said.slice(0, 2000) }),
      },
    },
    ...photos.map(({ of, photo }) =>
      photoEntry(photo, (of && rig.findings[of]?.place) || 'rig', { of: of ?? order.id }),
    ),
  ];
}

/** How an order stands against what was done since: jobs done meanwhile, and findings that are open no more. */
export function orderStands(
  order: OrderState,
  rig: Pick<RigState, 'lastDone' | 'findings'>,
): { readonly doneSince: readonly Job[]; readonly gone: readonly string[] } {
  return {
    doneSince: (order.jobs ?? []).filter(({ routine, place }) => {
      const last = rig.lastDone[doneKey(routine, place)];
      return last !== undefined && last.at > order.at;
    }),
    gone: order.findings.filter((id) => !rig.findings[id]),
  };
}
