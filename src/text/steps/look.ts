import type { StepTexts } from './setting';

/** Cleaning, looking, deciding what is renewed. */
export const LOOK: StepTexts<'clean' | 'look-bearings' | 'look-spindle' | 'look-brake' | 'renew'> = {
  clean: ({ at }) => ({
    short: 'Clean all of it',
    title: `Clean out all old grease on ${at}`,
    how: 'Hub, races, both bearings, spindle, washer, nut, cap. Solvent and a brush, then dry. Nothing old stays in a corner.',
    why: 'Two greases of different thickener can thin each other, and dirt hides in the old one.',
    caution: 'Gloves, air, no flame near solvent. Never spin a dry bearing with compressed air.',
  }),
  'look-bearings': ({ at }) => ({
    short: 'Look: bearings',
    title: `Grade rollers and races of ${at}`,
    how: 'Turn each roller in good light, run a fingernail over both races. Read the numbers on roller and race, inner and outer, while they are clean.',
    why: 'A mark that you can feel grows from here on; so does one you can only see, but slowly.',
  }),
  'look-spindle': ({ at }) => ({
    short: 'Look: spindle',
    title: `Grade the spindle of ${at}`,
    how: 'Where the seal runs and where both bearings sit: a fingernail along it.',
    why: 'A new seal on a scored land weeps within weeks.',
    caution: 'A bent or scored spindle goes to qualified hands.',
  }),
  'look-brake': ({ at }) => ({
    short: 'Look: brake',
    title: `Look at the brake of ${at} while it is open`,
    how: 'Linings on both shoes, the drum face, springs, and on an electric brake the magnet. Minimum is 1/16 in for bonded linings, 1/32 in over the rivets.',
    why: 'It will not be this open again for a year.',
    caution: 'Brake dust: wipe it off wet, never blow it out.',
  }),
  renew: ({ at }) => ({
    short: 'Renew or keep',
    title: `What is renewed on ${at}?`,
    how: 'A renewed bearing gets its new race: drive the old race out, press the new one in until it is seated all round. The seal is renewed in any case.',
    caution: 'Eyes covered: hardened races chip under a hammer. Use a soft drift.',
  }),
};
