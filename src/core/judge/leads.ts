import { lastDoneOf, type Evidence, type RigState } from '../log';
import { toSI } from '../base';
import type { HouseRules, JudgedReading, RoutinePlace, Subject } from '../rules';
import { aboutOf } from './cures';

/** Where the cause of a trouble may lie, by the trade's experience. */
export type LeadCode =
  | 'seal-land'
  | 'line-behind'
  | 'over-greased'
  | 'vent'
  | 'nut-tight'
  | 'brake-drags'
  | 'bearing-going'
  | 'grease-short'
  | 'axle-bent'
  | 'axle-square'
  | 'overload'
  | 'low-pressure'
  | 'high-pressure'
  | 'bearing-loose'
  | 'balance'
  | 'nail'
  | 'valve-leak'
  | 'bead'
  | 'faces-dirty'
  | 'wrong-nuts'
  | 'studs-stretched'
  | 'nut-loose'
  | 'bearing-worn'
  | 'ground'
  | 'plug-pins'
  | 'dry-pivot'
  | 'water-in'
  | 'mate';

/** A lead, and whether the record of this rig speaks for it. */
export interface Lead {
  readonly code: LeadCode;
  readonly because?: 'just-opened' | 'purged' | 'never-greased' | 'launched' | 'treated' | undefined;
}

/** Miles after opening a hub within which its heat points to its nut (m). */
const JUST_OPENED = toSI(300, 'mi');

type Known = Pick<RigState, 'lastDone' | 'distance' | 'launches'>;

/** A hub at a place was opened within a few hundred miles. */
function justOpened(rig: Known, place: RoutinePlace): boolean {
  return (['repack', 'hub-service'] as const).some((routine) => {
    const mark = lastDoneOf(rig, routine, place);
    return mark !== undefined && rig.distance - mark.distance < JUST_OPENED;
  });
}

const lead = (code: LeadCode, because?: Lead['because']): Lead => (because ? { code, because } : { code });

/** Troubles that lead the same way. */
const SAME: Readonly<Partial<Record<Subject | JudgedReading, Subject>>> = {
  'grease-back': 'seal',
  'hub-temp': 'hub-hand',
  pressure: 'valve',
  'set-rock': 'rock',
  'set-spin': 'spin',
  'play-dialed': 'rock',
};

/** Where to look for the cause of a finding, what the record speaks for first. */
export function leadsFor(
  of: Evidence | undefined,
  place: RoutinePlace,
  rig: Known,
  house: Pick<HouseRules, 'grease' | 'threads'>,
): readonly Lead[] {
  const about = aboutOf(of);
  if (!about) return [];
  const { what: told, grade } = about;
  const opened = justOpened(rig, place);
  const leads = ((): readonly Lead[] => {
    switch (SAME[told] ?? told) {
      case 'seal':
        return [
          lead('seal-land'),
          lead('line-behind'),
          lead('over-greased', house.grease === 'purge' ? 'purged' : undefined),
          lead('vent'),
        ];
      case 'hub-hand':
        return [
          lead('nut-tight', opened ? 'just-opened' : undefined),
          lead('brake-drags'),
          lead('bearing-going'),
          lead('grease-short', lastDoneOf(rig, 'grease', place) ? undefined : 'never-greased'),
          lead('mate'),
        ];
      case 'wear':
        if (grade === 'one-side') return [lead('axle-bent'), lead('axle-square'), lead('overload')];
        if (grade === 'edges') return [lead('low-pressure'), lead('overload')];
        if (grade === 'middle') return [lead('high-pressure')];
        return [lead('bearing-loose'), lead('balance'), lead('axle-bent')];
      case 'valve':
        return [lead('nail'), lead('valve-leak'), lead('bead')];
      case 'lug-move':
        return [
          lead('faces-dirty'),
          lead('wrong-nuts'),
          lead('studs-stretched', house.threads === 'anti-seize' ? 'treated' : undefined),
        ];
      case 'rock':
        return [lead('nut-loose', opened ? 'just-opened' : undefined), lead('bearing-worn')];
      case 'spin':
        return [lead('bearing-going'), lead('brake-drags')];
      case 'old-grease':
        return [lead('water-in', rig.launches > 0 ? 'launched' : undefined), lead('seal-land')];
      case 'lamp':
        return [lead('ground'), lead('plug-pins')];
      case 'pivot':
        return [lead('dry-pivot'), lead('overload')];
      default:
        return [];
    }
  })();
  return [...leads].sort((a, b) => Number(b.because !== undefined) - Number(a.because !== undefined));
}
