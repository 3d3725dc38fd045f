import { capital } from '../measure';
import { capOf } from '@/core/rig';
import { factText } from '../facts';
import { lockOf, mayBrake, type StepTexts } from './setting';

/** Opening the hub: from the cap to the inner bearing out. */
export const OPEN: StepTexts<
  | 'caliper-off'
  | 'cap-off'
  | 'lock-out'
  | 'mark-hole'
  | 'nut-off'
  | 'outer-out'
  | 'shoes-back'
  | 'hub-off'
  | 'read-seal'
  | 'seal-out'
  | 'inner-out'
> = {
  'caliper-off': ({ at }) => ({
    short: 'Caliper off',
    title: `Caliper off ${at}, hung up`,
    how: 'Two bolts, then slide it off the disc and hang it from the frame with wire.',
    caution: 'Just off the road it is hot: let it cool. Never let it hang by its hose.',
  }),
  'cap-off': ({ at, axle }) => ({
    short: 'Cap off',
    title: `Take the cap off ${at}`,
    how: `${
      axle && capOf(axle) === 'screw'
        ? 'Turn it out by hand, or with a strap around it; look at its O-ring.'
        : 'Tap aaround its rim with a mallet, turning the hub as it walks out. A tight one is levered evenly: a thin driver into the gap all around, then a thicker one.'
    } Wipe out the old grease.`,
    why: 'A dented cap lets water in; one pried from one side does not go back round.',
    caution: 'Eyes covered: old caps jump. Just off the road the hub is hot: let it cool.',
  }),
  'lock-out': ({ at, axle }) => ({
    short: `${capital(lockOf(axle)?.name ?? 'lock')} out`,
    title: `Take the ${lockOf(axle)?.name ?? 'lock'} out on ${at}`,
    how: lockOf(axle)?.out ?? 'Wipe the nut clean and take the lock out.',
    caution: 'Eyes covered.',
  }),
  'mark-hole': ({ at }) => ({
    short: 'Mark pin hole',
    title: `Find and mark the pin hole on ${at}`,
    how: 'A dab of paint on the spindle end, in line with the hole.',
    why: 'On a drilled spindle the hole is off center, and under new grease it is hard to find.',
  }),
  'nut-off': ({ at, axle, system }) => ({
    short: 'Nut off',
    title: `Spindle nut off ${at}`,
    how: `${axle?.spindleNut ? `Across its flats ${factText('spindleNut', axle.spindleNut, system)}. ` : ''}It should be hardly more than finger tight. Note it if it was not. Keep the washer with it: it may hide in the grease.`,
  }),
  'outer-out': ({ at }) => ({
    short: 'Outer bearing out',
    title: `Catch washer and outer bearing on ${at}`,
    how: 'Pull the hub forward a little, push it back: washer and outer bearing come to you. See if the washer has a flat that must match the spindle.',
    caution: 'A bearing that falls on the ground is not put back unwashed.',
  }),
  'shoes-back': ({ at }) => ({
    short: 'Shoes backed off',
    title: `Back the shoes off on ${at}`,
    how: 'Plug out of the slot in the backing plate, lift the lever off if there is one, turn the star wheel until the drum turns free.',
    why: 'A worn drum has a lip. Pulled over shoes that stand out, it breaks springs.',
    caution: 'Keep the plug: it goes back after the brake is adjusted.',
  }),
  'hub-off': ({ at, axle }) => ({
    short: 'Hub off',
    title: `Hub off ${at}`,
    how: 'Both hands, straight out, not over the threads. Lay it face down on something clean.',
    ...(mayBrake(axle) ? { caution: 'Brake dust: wipe it off wet, never blow it out.' } : {}),
  }),
  'read-seal': ({ at }) => ({
    short: 'Read the seal',
    title: `Read the seal of ${at} before it goes`,
    how: 'Write its number down, and look at what it kept in: how does the seal look, how does the old grease look?',
    why: 'The right new seal is the one with this number, and levering it out destroys it.',
  }),
  'seal-out': ({ at }) => ({
    short: 'Seal out',
    title: `Lever the seal out of ${at}`,
    how: 'A seal puller or a broad screwdriver, round and round. Do not touch the bore.',
    caution: 'Eyes covered: it comes out with a jump.',
  }),
  'inner-out': ({ at }) => ({
    short: 'Inner bearing out',
    title: `Inner bearing out of ${at}`,
    how: 'Lift it out and lay it beside the outer one, in order, covered from dust.',
  }),
};
