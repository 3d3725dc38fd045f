import type { UnitSystem } from '@/core/base';
import { partLength } from '../facts';
import { measure } from '../measure';
import type { Axle, LockKind, RigModel } from '@/core/rig';
import type { CardStep, StepId } from '@/core/routine';
import { LINING_MINIMUM, lugTorque, type HouseRules, type ThreadState, type WorkId } from '@/core/rules';

/** A step as it is read on the bench. */
export interface StepWords {
  /** Short, for the grid: `Break nuts loose`. */
  readonly short: string;
  readonly title: string;
  readonly how: string;
  readonly why?: string;
  readonly caution?: string;
}

/** What the words of a step depend on. */
export interface Setting {
  readonly step: CardStep;
  /** The wheel end, or nothing for what is done once. */
  readonly at: string;
  readonly model: RigModel;
  readonly axle: Axle | undefined;
  readonly house: HouseRules;
  readonly system: UnitSystem;
  /** The wheel is off while its hub is greased. */
  readonly bare: boolean;
  /** The wheel that changes places with this one. */
  readonly mate: string | undefined;
  /** The new hub here comes with its races fitted. */
  readonly fitted: boolean;
  /** The whole frame goes onto stands on this card. */
  readonly framed: boolean;
  /** True where some work is on the card at this place. */
  readonly has: (...works: readonly WorkId[]) => boolean;
  /** True where the card has such a step at this place, or once. */
  readonly does: (act: StepId) => boolean;
}

/** Where salt gets that winter roads throw up; nothing where its owner has not said so. */
export const SALTED = ({ environment }: RigModel): string =>
  environment?.roads === 'salted'
    ? ' Salted roads: tap behind brackets and at tube ends, where scale hides.'
    : '';

/** What a mallet does to a cap. */
export const NEVER_ON_ITS_FACE = 'Eyes covered. Never hammer on the face of a cap.';

/** True where there may be a brake: nobody said that there is none. */
export function mayBrake(axle: Axle | undefined): boolean {
  return axle?.brake !== 'none';
}

/** How thin linings may get, by how they are held. */
export function liningWords(lining: Axle['lining'], system: UnitSystem): string {
  const bonded = `${partLength(LINING_MINIMUM.bonded, system)} bonded`;
  const riveted = `${partLength(LINING_MINIMUM.riveted, system)} over the rivets`;
  if (lining === undefined) return `Minimum is ${bonded}, ${riveted}.`;
  return `Minimum here: ${lining === 'riveted' ? riveted : bonded}.`;
}

/** The words of some steps. */
export type StepTexts<K extends StepId> = Readonly<Record<K, (setting: Setting) => StepWords>>;

/** How each lock comes out and goes in. */
const LOCK: Record<LockKind, { out: string; in: string; name: string }> = {
  cotter: {
    name: 'cotter pin',
    out: 'Wipe the nut clean. Straighten the legs of the pin and pull it by its head.',
    in: 'Put a new pin through slot and hole, its head home in the slot. Bend one leg over the spindle end, cut or tuck the other so that nothing touches the cap.',
  },
  keeper: {
    name: 'keeper',
    out: 'Wipe the nut clean. Lift the sheet-metal keeper off the nut; take the pin out first where there is one.',
    in: 'Press the keeper over the nut until its tabs hold on the spindle. It must sit flat; turn it to the next position rather than forcing it.',
  },
  tang: {
    name: 'tang washer',
    out: 'Wipe the nut clean. Bend the raised tang of the washer flat.',
    in: 'Bend one tang up hard against a flat of the nut. A tang that has been bent before and cracks is replaced.',
  },
};

/** The words of an axle's lock, where it is known what locks the nut. */
export function lockOf(axle: Axle | undefined) {
  return axle?.lock && LOCK[axle.lock];
}

/** `left` or `right`, by the code of a wheel end. */
export function sideName(at: string): 'left' | 'right' {
  return at.endsWith('R') ? 'right' : 'left';
}

/** The lug torque as it is set on a wrench, on threads that stand so, or that nobody knows it. */
export function torqueText(model: RigModel, system: UnitSystem, threads: ThreadState | undefined): string {
  const spec = lugTorque(model, threads);
  return spec
    ? `${measure(spec.value, 'torque', system)}, ${threads === 'treated' ? 'greased' : 'dry'} threads`
    : 'the figure of its manual, not known here yet';
}

/** The figure that bolts of their own are brought to, or that it is not set. */
export function boltsText({ torque }: CardStep, maker: string, system: UnitSystem): string {
  return torque?.value === undefined
    ? `To the figure of ${maker}, which is not known here yet`
    : `To ${measure(torque.value, 'torque', system)}`;
}

/** What a new drum is held against, where there is a drum. */
export function drumRules(axle: Axle | undefined): string {
  return axle?.brake === 'electric' || axle?.brake === 'hydraulic-drum'
    ? ' Inside diameter and shoe width. Drums go in axle pairs.'
    : '';
}
