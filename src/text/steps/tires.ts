import type { HouseRules, ThreadState } from '@/core/rules';
import type { UnitSystem } from '@/core/base';
import type { RigModel } from '@/core/rig';
import { factText, factWords } from '../facts';
import { targetWords } from '../target';
import { boltsText, torqueText, type StepTexts } from './setting';

/** What a tire is set to cold, or that nobody told. */
function targetText(model: RigModel, house: HouseRules, system: UnitSystem): string {
  const target = targetWords(model, house, system);
  return target ? `Target: ${target}.` : 'No target is known here yet: read it off the placard.';
}

/** What goes on threads that are left so. */
function filmWords(threads: ThreadState | undefined): string {
  return threads === 'treated'
    ? 'Then a thin film of anti-seize on the threads only: this wheel has greased threads, and is torqued to the lowered figure.'
    : 'Then wipe them dry, old grease and anti-seize off: this wheel is torqued to the dry figure.';
}

function filmWhy(threads: ThreadState | undefined): string {
  return threads === 'treated'
    ? 'The same torque on greased threads stretches a stud by a quarter to a half more.'
    : 'The torque of the manual is meant for dry threads.';
}

/** Tires, lugs and threads. */
export const TIRES: StepTexts<
  | 'pressure'
  | 'look-tire'
  | 'look-spare'
  | 'swap-tire'
  | 'rotate'
  | 'set-pressure'
  | 'adapter-torque'
  | 'check-lugs'
  | 'threads'
  | 'dress-threads'
> = {
  pressure: ({ at, model, house, system }) => ({
    short: 'Cold pressure',
    title: `Cold pressure of ${at}`,
    how: `Parked three hours, or towed ${system === 'us' ? 'under a mile' : 'less than 1.5 km'}. ${targetText(model, house, system)} Write down what it stood at, and what it was set to; leave the second empty where nothing was changed. A warm tire is never let down.`,
    caution: 'Stand aside while a tire fills.',
  }),
  'look-tire': ({ at }) => ({
    short: 'Inspect tire',
    title: `Inspect the tire of ${at}`,
    how: 'Cuts, bulges, nails, cracks between tread blocks and on the wall, valve stem and cap. Tread at three points across: inner, middle, outer. The code on the wall, last four digits.',
    why: 'Three depths say more than one: wear on an edge is the axle, wear in the middle is air.',
  }),
  'look-spare': ({ model, system }) => ({
    short: 'Inspect spare',
    title: 'Is the spare fit to carry?',
    how: `Pressure, wall, tread, valve, age by its code. It must be of the same size and load range${model.tires?.size ? ` (${factWords('tireSize', model.tires.size, system)})` : ''}.`,
    why: 'Better known before the wheel is off.',
    caution: 'A rotted spare goes no farther than the next tire shop, slowly.',
  }),
  'swap-tire': ({ at, model, system, has }) => ({
    short: at.startsWith('S') ? 'New tire' : 'Other wheel',
    title: at.startsWith('S')
      ? `New tire on the rim of ${at}`
      : has('tire-change')
        ? `Bring the spare to ${at}`
        : `Bring the new tire to ${at}`,
    how: `Trailer-rated, size${model.tires?.size ? ` ${factWords('tireSize', model.tires.size, system)}` : ' as on the placard'}, load range ${model.tires?.loadRange ? factWords('loadRange', model.tires.loadRange, system) : 'no lower than on the placard'}. Read its code before it is on. A center cap comes over from the old wheel.`,
    why: 'All tires on an axle are alike, and are replaced in pairs.',
  }),
  rotate: ({ at, mate }) => ({
    short: 'Change places',
    title: mate ? `Swap the wheels of ${mate} and ${at}` : 'Swap the two wheels',
    how: 'Both lie side by side on the ground. Each goes where the other was; look at both inner walls while they lie there.',
    why: 'The log moves their age and miles along with them.',
    caution: 'Lift with the legs; a heavy wheel is rolled, not carried.',
  }),
  'set-pressure': ({ at, model, house, system, step }) => ({
    short: 'Set pressure',
    title: step.phase === 'open' ? `Fill the tire for ${at} before it goes on` : `Set the pressure of ${at}`,
    how: `Cold. ${targetText(model, house, system)} Cap back on the valve.`,
    caution: 'Stand aside while a tire fills.',
  }),
  'adapter-torque': ({ at, step, system, model }) => ({
    short: 'Adapter nuts',
    title: `Torque the adapter nuts of ${at}`,
    how: `${boltsText(step, "the adapter's maker", system)}, in a star, hub held. Then check that no hub stud stands out beyond the face of the adapter${model.wheels.adapter?.circle ? `; the wheel's own circle is ${factText('adapterCircle', model.wheels.adapter.circle, system)}` : ''}.`,
    why: 'They loosen unseen behind the wheel: these are nuts with a record of their own.',
  }),
  'check-lugs': ({ at, model, system, step }) => ({
    short: 'Check torque',
    title: `Check the lug torque of ${at}`,
    how: `Tire on the ground. Wrench at ${torqueText(model, system, step.threads)}, every nut in a star. It clicks without moving, or it moves: say which.`,
    why: 'A nut that moves has settled, or is trying to tell you something. Twice in a row is a finding.',
    caution: 'Hold the wrench square to the nut; a nut loose by hand means look at studs and holes.',
  }),
  'dress-threads': ({ at, model, step }) => ({
    short: 'Brush the threads',
    title: `Brush the stud threads of ${at}`,
    how: `All ${model.wheels.studs}, and the nuts. ${filmWords(step.threads)}`,
    why: filmWhy(step.threads),
    caution: 'Nothing on the cone or its seat.',
  }),
  threads: ({ at, model, step }) => ({
    short: 'Threads',
    title:
      step.phase === 'open'
        ? `Clean all ${model.wheels.studs} threads of ${at}`
        : `Threads of ${at}, one nut at a time`,
    how: `${step.phase === 'open' ? 'Brush each thread clean, look at it.' : `One nut off, thread brushed and checked, nut started by hand and snugged; then the next. All ${model.wheels.studs}.`} ${filmWords(step.threads)}`,
    why: filmWhy(step.threads),
    ...(step.phase !== 'open' && { caution: 'Never two nuts off at once. This is a refit: rechecks open.' }),
  }),
};
