import { isWheelEnd, type Place } from '../rig';
import { LEFTS_OF_A_TIRE, troubleAbout } from '../rules';
import { evidenceOf } from './evidence';
import type { FindingState, PartState, RigState } from './state';

/** What a finding rests on that is about the tire itself: it goes where the tire goes. */
const OF_A_TIRE: ReadonlySet<string> = new Set([
  'tire-wall',
  'tread',
  'tread-object',
  'valve',
  'wear',
  'pressure',
  'driven-low',
  'tread-inner',
  'tread-middle',
  'tread-outer',
  'leak',
  'came-off',
]);
const READ_ON_A_TIRE = ['pressure', 'tread-inner', 'tread-middle', 'tread-outer'] as const;

/** True for a finding about the tire that sits at its place. */
export function isOfTire({ of }: Pick<FindingState, 'of'>): boolean {
  if (of === undefined) return false;
  if ('left' in of) return LEFTS_OF_A_TIRE.has(of.left);
  if ('trouble' in of) return OF_A_TIRE.has(troubleAbout(of.trouble, of.because)?.what ?? '');
  return OF_A_TIRE.has(evidenceOf(of)) || 'tireCode' in of;
}

type Carried = Pick<RigState, 'findings' | 'read' | 'shelved'>;

/** The tires of those parts that came to another place. */
function moved(
  before: RigState['parts'],
  after: RigState['parts'],
  touched: readonly string[],
): readonly { was: PartState | undefined; is: PartState }[] {
  return touched.flatMap((id) => {
    const [was, is] = [before[id], after[id]];
    return is?.kind === 'tire' && was?.at !== is.at ? [{ was, is }] : [];
  });
}

const onRig = (at: PartState['at'] | undefined): at is Place =>
  at !== undefined && at !== 'shelf' && at !== 'gone';

/** What goes along when tires among the parts that were touched change places: their findings and what was last read of them; on the shelf they keep their findings, and one that is gone takes them along. */
export function carriedAlong(
  rig: Pick<RigState, 'parts'> & Carried,
  parts: RigState['parts'],
  touched: readonly string[],
): Partial<Carried> {
  const moves = moved(rig.parts, parts, touched);
  if (moves.length === 0) return {};
  const findings = { ...rig.findings };
  const read = { ...rig.read };
  const shelved = { ...rig.shelved };
  const at = (place: Place) =>
    Object.values(rig.findings).filter((one) => one.place === place && isOfTire(one));
  for (const { was } of moves) {
    if (!was || !onRig(was.at)) continue;
    for (const { id } of at(was.at)) delete findings[id];
    for (const what of READ_ON_A_TIRE) delete read[`${what}@${was.at}`];
  }
  for (const { was, is } of moves) {
    const own = was && onRig(was.at) ? at(was.at) : (rig.shelved[is.id] ?? []);
    delete shelved[is.id];
    if (is.at === 'shelf') {
      if (own.length > 0) shelved[is.id] = own;
    } else if (onRig(is.at)) {
      for (const one of own) findings[one.id] = { ...one, place: is.at };
      for (const what of READ_ON_A_TIRE) {
        const last = was && onRig(was.at) ? rig.read[`${what}@${was.at}`] : undefined;
        if (last) read[`${what}@${is.at}`] = last;
      }
    }
  }
  return { findings, read, shelved };
}

/** True where a rig that carries spares has one that may be trusted: neither flat, worn nor past its age as far as it is known. */
export function hasUsableSpare(rig: Pick<RigState, 'findings'>, spares: readonly Place[]): boolean {
  return spares.some(
    (place) =>
      !isWheelEnd(place) &&
      !Object.values(rig.findings).some(
        (one) => one.place === place && one.verdict !== 'watch' && isOfTire(one),
      ),
  );
}
