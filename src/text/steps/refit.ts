import type { Axle, RigModel } from '@/core/rig';
import { torqueWords } from './torque';
import type { StepTexts } from './setting';

/** How a brake is tried with its wheel in the air, by one person where that can be (handbook 4.5). */
function brakeTest(axle: Axle | undefined, { actuator }: RigModel): string {
  if (axle?.brake === 'electric')
    return 'Tow vehicle plugged in again. Have someone work the controller lever, or pull the breakaway pin for a moment, while you turn the wheel forward. Pin straight back in.';
  if (actuator === 'surge')
    return 'Hitched. Set the emergency lever of the actuator by its cable: the wheel must not turn by hand. Let the lever go: it must turn free.';
  return 'Have someone apply the brake while you turn the wheel forward, then let it go.';
}

/** Refit: from the wheel on to the chocks away. */
export const REFIT: StepTexts<
  | 'wheel-on'
  | 'hand-start'
  | 'torque'
  | 'last-spin'
  | 'brake-adjust'
  | 'brake-test'
  | 'lower'
  | 'cover-on'
  | 'open-rechecks'
  | 'tighten-hard'
  | 'unchock'
> = {
  'wheel-on': ({ at }) => ({
    short: 'Wheel on',
    title: `Wheel onto ${at}`,
    how: 'Wipe both faces clean, wheel and hub. Roll the wheel onto a bar under it, lean it in, lift with the bar, twist to find the studs.',
    why: 'Dirt between the faces lets the torque go in the first hour on the road.',
    caution: 'Lift with the legs; a heavy wheel is rolled and levered, not carried.',
  }),
  'hand-start': ({ at, model }) => ({
    short: 'Nuts by hand',
    title: `Start all ${model.wheels.studs} nuts on ${at} by hand`,
    how: 'Cone side in, several turns each with bare fingers, before any is tightened.',
    why: 'A nut that will not start by hand is crossing its thread.',
    caution: 'A stud sheared or a nut that galls: stop, and report which.',
  }),
  torque: torqueWords,
  'last-spin': ({ at }) => ({
    short: 'Last spin',
    title: `Spin ${at} once more, everything closed`,
    how: 'Wheel on, cap on, still in the air. It turns free, nothing rubs or scrapes.',
    caution: 'Fingers clear of wheel and fender.',
  }),
  'brake-adjust': ({ at }) => ({
    short: 'Adjust brake',
    title: `Adjust the brake of ${at}`,
    how: 'Turn the star wheel through its slot, holding the lever off if there is one, until the wheel just drags all around. Then back until the rub is light and even. Plug back in the slot.',
    why: 'Shoes that stand off brake late or not at all. Compare with the wheel across the axle: even drag.',
  }),
  'brake-test': ({ at, axle, model }) => ({
    short: 'Brake test',
    title: `Test the brake of ${at}: stops, and lets go`,
    how: brakeTest(axle, model),
    why: 'A brake that was worked on is not a brake until it has stopped a wheel and released it.',
    caution:
      model.actuator === 'surge'
        ? 'Fingers clear of wheel and fender. Nobody pushes on the tongue while a wheel is up.'
        : 'Fingers clear of wheel and fender.',
  }),
  lower: ({ at }) => ({
    short: 'Down',
    title: `Let ${at} down`,
    how: 'Take the weight on the jack, stand out, look under, down slowly, jack out.',
    caution: 'Nobody reaches under while it comes down.',
  }),
  'cover-on': ({ at }) => ({
    short: 'Cover on',
    title: `Wheel cover back on ${at}`,
    how: 'With its hidden screw, if it has one; center cap as well. Or leave it off until the last recheck, so that the nuts can be seen: then skip this.',
  }),
  'open-rechecks': ({ at }) => ({
    short: 'Rechecks open',
    title: `Rechecks for ${at} open now`,
    how: 'The distance counts from this refit. They come due on the Yard as you log trips. Have socket and torque wrench on board.',
    why: 'Wheels settle early on the road, aluminum ones more.',
  }),
  'tighten-hard': ({ at }) => ({
    short: 'Tighten hard',
    title: `Tighten ${at} hard, in a star`,
    how: 'With bar and socket, every nut, twice aaround the star. Your house rule goes on from here: slowly to the next safe place, and there to its torque.',
    why: 'Until it is torqued, the Yard keeps this wheel open.',
    caution: 'Never jumped on and never finished by a machine: studs stretch. Keep out of the traffic.',
  }),
  unchock: ({ model }) => ({
    short: 'Chocks away',
    title: 'Chocks away, tools counted',
    how: `${model.kind === 'rv' && model.gear?.stabilizers !== false ? 'Stabilizers up, chocks' : 'Chocks'} in, tray empty: no nut, pin, cap or plug left over.`,
    why: 'What is left over belongs somewhere.',
  }),
};
