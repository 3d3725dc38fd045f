import { liningWords, mayBrake, type StepTexts } from './setting';

/** Cleaning, looking, deciding what is renewed. */
export const LOOK: StepTexts<
  'clean' | 'look-bearings' | 'look-spindle' | 'look-brake' | 'look-seal' | 'read-hub' | 'renew'
> = {
  'look-seal': ({ at, axle }) => ({
    short: 'Inspect seal, grease',
    title: `Inspect the seal and the grease of ${at}`,
    how: 'The hub is off anyway: the lip of the seal, the back of the hub, the grease on the bearings. What weeps or is milky asks for a repack with a new seal before it goes back.',
    why: mayBrake(axle)
      ? 'New linings last as long as the seal behind them.'
      : 'Bearings last as long as the seal behind them.',
  }),
  'read-hub': ({ at, axle, has }) => ({
    short: 'Read the numbers',
    title: `Read ${has('hub-renew', 'hub-build', 'brakes-install') ? 'the old hub of' : 'what is in the hub of'} ${at}`,
    how: `${has('hub-renew', 'hub-build', 'brakes-install') ? 'It goes aside whole: nothing is taken out of it. ' : ''}Numbers of roller and race, inner and outer, and of the seal, as far as they can be read with the seal in place. ${has('hub-renew', 'hub-build', 'brakes-install') ? 'Photograph it.' : `${mayBrake(axle) ? 'Inside of the drum. Look at the spindle, count the plate nuts,' : 'Look at the spindle,'} and see on which side you are. Photograph it.`}`,
    why: 'Axles of one rating come with several spindles: kits bought by rating alone are the wrong ones. How its seal and grease look tells how it ran.',
  }),
  clean: ({ at }) => ({
    short: 'Clean all of it',
    title: `Clean out all old grease on ${at}`,
    how: 'Hub, races, both bearings, spindle, washer, nut, cap. Solvent and a brush, then dry. Leave nothing old in the corners.',
    why: 'Two greases of different thickener can thin each other, and dirt hides in the old one.',
    caution: 'Gloves, air, no flame near solvent. Never spin a dry bearing with compressed air.',
  }),
  'look-bearings': ({ at }) => ({
    short: 'Grade bearings',
    title: `Grade rollers and races of ${at}`,
    how: 'Turn each roller in good light, run a fingernail over both races. Read the numbers on roller and race, inner and outer, while they are clean.',
    why: 'A mark that you can feel grows from here on; so does one you can only see, but slowly.',
  }),
  'look-spindle': ({ at }) => ({
    short: 'Grade spindle',
    title: `Grade the spindle of ${at}`,
    how: 'Where the seal runs and where both bearings sit: a fingernail along it.',
    why: 'A new seal on a scored land weeps within weeks.',
    caution: 'A bent or scored spindle goes to qualified hands.',
  }),
  'look-brake': ({ at, axle, system, step }) => ({
    short: 'Inspect brake',
    title: `Inspect the brake of ${at} while it is open`,
    how: `${step.subjects.includes('lining') ? 'Linings on both shoes, the drum face, springs.' : 'The drum stays: its face, and whether the brake pulsed or dragged once a turn, which is a drum out of round.'}${axle?.brake === 'hydraulic-drum' ? ' Lift the dust boots of the cylinder: wet inside means it leaks.' : ''}${step.subjects.includes('lining') ? ` Say which shoe a defect is on, forward or rear. ${liningWords(axle?.lining, system)}` : ''}`,
    why: 'It will not be this open again for a year.',
    caution: 'Brake dust: wipe it off wet, never blow it out.',
  }),
  renew: ({ at }) => ({
    short: 'Replace or keep',
    title: `What are you replacing on ${at}?`,
    how: 'A new bearing gets a new race: drive the old race out, press the new one in until it is seated all around. The seal is replaced either way.',
    caution: 'Eyes covered: hardened races chip under a hammer. Use a soft drift.',
  }),
};
