import { HOUSE, targetOf, type Entry, type UnreadEntry } from '../log';
import type { Instant } from '../base';
import type { SealedFile } from './sealed';

/** What the files of one device hold that is not here: told before anything of it is written. */
export interface Holds {
  readonly device: string;
  /** When it wrote last. */
  readonly created: Instant;
  /** Its rigs: by name where somebody has told one, with how much of each is new, and whether the rig is here already. */
  readonly rigs: readonly {
    readonly rig: string;
    readonly name: string | undefined;
    readonly here: boolean;
    readonly fresh: number;
  }[];
  /** New entries that are of the whole yard: house rules, supplies, what was let go of. */
  readonly house: number;
  /** How many entries that are here it withdraws or replaces. */
  readonly changes: number;
}

/** What is here already. */
export interface Here {
  readonly entries: readonly Entry[];
  /** Lines here that cannot be read, by id. */
  readonly unread: ReadonlySet<string>;
  /** What each rig here is called. */
  readonly names: Readonly<Record<string, string>>;
}

/** What some sealed files would bring, device by device; one that brings nothing new is left out. */
export function holdsOf(files: readonly SealedFile[], { entries, unread, names }: Here): readonly Holds[] {
  const known = new Set([...entries.map(({ id }) => id), ...unread]);
  const devices = new Map<string, SealedFile[]>();
  for (const file of files) devices.set(file.device, [...(devices.get(file.device) ?? []), file]);
  return [...devices].flatMap(([device, theirs]) => {
    const all = new Map<string, Entry | UnreadEntry>();
    const called = new Map<string, string>();
    for (const one of theirs.flatMap((file) => [...file.entries, ...file.unread])) {
      if (!known.has(one.id)) all.set(one.id, one);
      if ('kind' in one && one.kind === 'rig.setup') called.set(one.rig, one.body.model.name);
    }
    if (all.size === 0) return [];
    const fresh = new Map<string, number>();
    for (const { rig } of all.values()) fresh.set(rig, (fresh.get(rig) ?? 0) + 1);
    const changes = [...all.values()].filter((one) => {
      const target = 'kind' in one ? targetOf(one) : undefined;
      return target !== undefined && known.has(target);
    });
    return [
      {
        device,
        created: theirs.reduce((last, file) => (file.created > last ? file.created : last), ''),
        rigs: [...fresh]
          .filter(([rig]) => rig !== HOUSE)
          .map(([rig, count]) => ({
            rig,
            name: [names[rig], called.get(rig)].find((name) => name !== undefined && name !== ''),
            here: names[rig] !== undefined,
            fresh: count,
          })),
        house: fresh.get(HOUSE) ?? 0,
        changes: changes.length,
      },
    ];
  });
}

/** True for files that speak of no rig that is here, where there is one: they are somebody else's, until their owner says that they are not. */
export function isStrange(files: readonly SealedFile[], here: Pick<Here, 'names'>): boolean {
  const own = Object.keys(here.names);
  const lines = files.flatMap((file) => [...file.entries, ...file.unread]);
  return own.length > 0 && lines.length > 0 && !lines.some(({ rig }) => own.includes(rig));
}
