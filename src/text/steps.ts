import type { UnitSystem } from '@/core/quantity';
import { axleOf, type Axle, type LockKind, type RigModel } from '@/core/rig';
import type { HouseRules, NutSchool } from '@/core/rules';
import type { CardStep, Phase, StepId } from '@/core/routine';
import { measure } from './measure';
import { BASIS_WORDS } from './rig';

/** A step as it is read on the bench. */
export interface StepWords {
  /** Short, for the grid: `Break nuts loose`. */
  readonly short: string;
  readonly title: string;
  readonly how: string;
  readonly why?: string;
  readonly caution?: string;
}

interface Setting {
  readonly step: CardStep;
  /** The wheel end, or nothing for what is done once. */
  readonly at: string;
  readonly model: RigModel;
  readonly axle: Axle | undefined;
  readonly house: HouseRules;
  readonly system: UnitSystem;
}

export const PHASE_WORDS: Record<Phase, string> = {
  ground: 'On the ground',
  up: 'Up and off',
  open: 'Open the hub',
  look: 'Clean and look',
  close: 'Pack and close',
  wheel: 'Wheel on, in the air',
  down: 'Down and tight',
};

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
    in: 'Bend one tang up hard against a flat of the nut. A tang that has been bent before and cracks is renewed.',
  },
};

const SET_BY: Record<NutSchool, string> = {
  'finger-tight':
    'Turn the hub while you tighten the nut with a wrench, to seat the bearings. Let the nut off fully without turning the hub. Run it up again by fingers alone: that is seated, zero play. Then back to the first place where the pin goes in.',
  'quarter-turn':
    'Turn the hub while you tighten the nut with a wrench, to seat the bearings. Back it off a quarter turn, then on to the nearest slot.',
  'next-slot':
    'Turn the hub while you tighten the nut with a wrench, to seat the bearings. Back off to the next slot; one more if the hub drags.',
  'light-drag':
    'Turn the hub while you tighten until you feel a light drag, then back to the slot where the drag is just gone.',
};

const ordinal = (n: number) => ['first', 'second', 'third', 'fourth', 'fifth'][n - 1] ?? `${n}th`;

function torqueWords({ step, at, model, system }: Setting): StepWords {
  const round = step.round;
  const spec = model.wheels.torque;
  const stars = `${ordinal(round?.number ?? 1)} of ${round?.of ?? 1}`;
  const figure = round?.torque === undefined ? undefined : measure(round.torque, 'torque', system);
  const share = `${Math.round((round?.share ?? 0) * 100)} %`;
  const last = round?.number === round?.of;
  if (round?.share === 0)
    return {
      short: `Round ${round.number}: by hand`,
      title: `Snug ${at} by hand, in a star`,
      how: 'Socket and short bar, no more than one hand gives. Follow the star.',
      why: 'It draws the wheel square to the hub before any force is on it.',
    };
  const guess = spec?.source === 'guess' ? ' This figure is a guess: look it up before you rely on it.' : '';
  const unknown = 'The final figure is not known: enter it below, with where it came from.';
  const caution = last
    ? 'Never finish with an impact gun: studs shear.'
    : round?.where === 'ground'
      ? 'Hold the wrench square to the nut; an extension must not tilt.'
      : undefined;
  return {
    short: `Round ${round?.number ?? 1}: ${figure ?? share}`,
    title: figure ? `Star round at ${figure}` : `Star round at ${share}`,
    how: `${at}, ${stars} rounds. ${figure ? `Set the wrench to ${figure}${round?.share === 1 ? '' : `, ${share} of ${spec ? measure(spec.value, 'torque', system) : ''}`}, and follow the star.${guess}` : unknown}${last ? ' Then set the wrench back to its lowest mark.' : ''}`,
    why:
      round?.where === 'air'
        ? 'With no load on the studs the wheel centers itself.'
        : last
          ? 'Once more round: nuts tightened first may have eased as the others drew in.'
          : 'With the tire on the ground the wheel cannot turn under the wrench.',
    ...(caution && { caution }),
  };
}

const STEPS: Record<StepId, (s: Setting) => StepWords> = {
  'brake-on': () => ({
    short: 'Park and hold',
    title: 'Park on firm, level ground',
    how: 'Leave the tow vehicle hitched, its parking brake on. Have gloves, eye protection and a light at hand.',
    why: 'A hitched vehicle is the best anchor a trailer has.',
    caution: 'On a slope or soft ground, do not begin.',
  }),
  chock: ({ step }) => ({
    short: `Chock ${step.side === 'L' ? 'left' : 'right'} side`,
    title: `Chock the ${step.side === 'L' ? 'left' : 'right'} wheels, front and back`,
    how: 'Those wheels stay down. Push the chocks in hard, one ahead of and one behind the tire.',
    why: 'Once a corner is up, the other side holds everything.',
    caution: 'No nut is touched before the chocks are in.',
  }),
  steady: () => ({
    short: 'Stabilizers down',
    title: 'Stabilizers down, to steady only',
    how: 'Wind them down until they just touch. Skip this where they are in the way.',
    caution: 'A stabilizer never lifts: it folds.',
  }),
  'cover-off': ({ at }) => ({
    short: 'Cover off',
    title: `Take the wheel cover off ${at}`,
    how: 'Look for a hidden screw before you pry. Skip this where there is no cover.',
  }),
  'break-loose': ({ at }) => ({
    short: 'Break nuts loose',
    title: `Break the nuts loose on ${at}`,
    how: 'Half a turn each, no more, pushing down on a long bar. The tire still carries the weight.',
    why: 'In the air the wheel turns with the wrench, and pulling can bring the trailer off the jack.',
    caution: 'From here on the rig is not fit to tow until the last round of torque.',
  }),
  jack: ({ at, axle }) => ({
    short: 'Jack',
    title: `Raise ${at} until the tire just clears`,
    how: `Jack under the frame rail just ahead of or behind the wheel, or at the maker's point, on a plate if the ground gives.${axle?.suspension === 'torsion' ? '' : ' The wheel hangs lower than it stood: lift a little more than you think.'}`,
    why: 'Low is safe. Only the tire has to clear.',
    caution:
      axle?.suspension === 'torsion'
        ? 'Never lift a torsion axle by its tube: it bends and stays bent.'
        : 'Nobody in the trailer, no hand or foot under it.',
  }),
  stand: ({ at }) => ({
    short: 'Stand under',
    title: `Stand under the frame at ${at}`,
    how: 'Set the stand close to the jack, let the frame down onto it until it carries, and leave the jack touching.',
    why: 'Jacks leak and tip. A stand does neither.',
    caution: 'Nothing of you goes under or behind the wheel before the stand carries.',
  }),
  feel: ({ at }) => ({
    short: 'Rock and spin',
    title: `Rock and spin ${at} as it is`,
    how: 'Before anything comes apart: hands at 12 and 6 and rock, then 3 and 9. Then spin it, ear near the hub.',
    why: 'This is the only chance to know how it ran.',
  }),
  'wheel-off': ({ at, model }) => ({
    short: 'Wheel off',
    title: `Nuts off, wheel off ${at}`,
    how: `All ${model.wheels.studs} nuts off and counted. Slide the wheel off and lay it flat, under the frame as a second stop.`,
    caution: 'Lift with the legs; a heavy wheel is rolled, not carried.',
  }),
  'caliper-off': ({ at }) => ({
    short: 'Caliper off',
    title: `Caliper off ${at}, hung up`,
    how: 'Two bolts, then slide it off the disc and hang it from the frame with wire.',
    caution: 'Never let it hang by its hose.',
  }),
  'cap-off': ({ at }) => ({
    short: 'Cap off',
    title: `Take the cap off ${at}`,
    how: 'Tap round its rim with a mallet, turning the hub as it walks out. Wipe out the old grease.',
    why: 'A dented cap leaks water in; one pried from one side does not go back round.',
    caution: 'Eyes covered: old caps jump.',
  }),
  'lock-out': ({ at, axle }) => ({
    short: axle ? `${LOCK[axle.lock].name.replace(/^./, (c) => c.toUpperCase())} out` : 'Lock out',
    title: `Take the ${axle ? LOCK[axle.lock].name : 'lock'} out on ${at}`,
    how: axle ? LOCK[axle.lock].out : 'Wipe the nut clean and take the lock out.',
  }),
  'mark-hole': ({ at }) => ({
    short: 'Mark pin hole',
    title: `Find and mark the pin hole on ${at}`,
    how: 'A dab of paint on the spindle end, in line with the hole.',
    why: 'On a drilled spindle the hole is off center, and under new grease it is hard to find.',
  }),
  'nut-off': ({ at }) => ({
    short: 'Nut off',
    title: `Spindle nut off ${at}`,
    how: 'It should be hardly more than finger tight. Note it if it was not. Keep the washer with it: it may hide in the grease.',
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
    ...(axle?.brake === 'electric' || axle?.brake === 'hydraulic-drum'
      ? { caution: 'Brake dust: wipe it off wet, never blow it out.' }
      : {}),
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
  }),
  'inner-out': ({ at }) => ({
    short: 'Inner bearing out',
    title: `Inner bearing out of ${at}`,
    how: 'Lift it out and lay it beside the outer one, in order, covered from dust.',
  }),
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
  pack: ({ at }) => ({
    short: 'Pack bearings',
    title: `Pack both bearings of ${at}`,
    how: 'By hand or with a packer, pushed in at the wide end until fresh grease comes out all round the cage.',
    why: 'Grease on the outside of a bearing does nothing: it is wanted between rollers and cage.',
    caution: 'Gloves: grease is no food for skin.',
  }),
  smear: ({ at }) => ({
    short: 'Smear races, spindle',
    title: `Smear races and spindle of ${at}`,
    how: 'A thin coat on both races, the spindle and the seal land, and a ring of grease in the hub between the races.',
  }),
  'inner-in': ({ at }) => ({
    short: 'Inner bearing in',
    title: `Inner bearing into ${at}, narrow end inward`,
    how: 'Into its race in the back of the hub.',
  }),
  'seal-in': ({ at }) => ({
    short: 'New seal in',
    title: `New seal into ${at}, flush`,
    how: 'Lip toward the bearing, grease on the lip. Drive it evenly with a block of wood until it is flush all round.',
    why: 'A seal in askew weeps onto the brake.',
  }),
  'hub-on': ({ at }) => ({
    short: 'Hub on',
    title: `Hub onto ${at}, straight`,
    how: 'Over the spindle without touching the seal lip to the threads. Hold it there until the outer bearing is in.',
  }),
  'outer-in': ({ at }) => ({
    short: 'Outer bearing, washer',
    title: `Outer bearing and washer into ${at}`,
    how: 'Narrow end inward. The flat or tang of the washer goes to its place on the spindle.',
    caution: 'Without the washer the nut turns with the bearing. Look that it is there.',
  }),
  'nut-set': ({ at, house }) => ({
    short: 'Set the nut',
    title: `Set the nut on ${at}`,
    how: SET_BY[house.nut],
    why: 'The pin can only stand at a slot, so slot spacing is the finest setting there is. Go back to a slot, never forward past seated.',
  }),
  'lock-in': ({ at, axle }) => ({
    short: 'Lock in',
    title: `Lock the nut on ${at}`,
    how: axle ? LOCK[axle.lock].in : 'Lock the nut.',
    why: 'Feel once more that nothing is loaded before it is bent over.',
  }),
  'check-set': ({ at }) => ({
    short: 'Spins free, no rock',
    title: `Check the setting of ${at} by hand`,
    how: 'Hub only, no wheel: it spins freely and does not rock.',
    why: 'Arithmetic says where the nut stands; your hands say whether the bearing is seated.',
  }),
  'cap-on': ({ at, axle }) => ({
    short: 'Cap on',
    title: `Cap onto ${at}, flush`,
    how:
      axle?.hub === 'pressure-cap'
        ? 'Start it on one side with a block of wood over its rim, tap it home square. Look at the O-ring first.'
        : 'Start it on one side, tap round the rim until it is flush. Plug in if it has one.',
    why: 'It keeps water and dust out. Grease inside the cap does nothing.',
    caution: 'Never hammer on the face of a cap.',
  }),
  'top-up': ({ at, axle }) => ({
    short: 'Top up',
    title: `Top up ${at} through the fitting`,
    how:
      axle?.hub === 'pressure-cap'
        ? 'Wipe the fitting. Slowly, turning the hub, until the plate just moves out. Never to its stop.'
        : 'Wipe the fitting, gun straight on, primed. Turn the hub while you pump: a few strokes, watching the back of the hub.',
    why: 'It fills the space that packing leaves.',
    caution: 'Grease showing at the back means that the seal has blown: stop, and report it.',
  }),
  'caliper-on': ({ at }) => ({
    short: 'Caliper on',
    title: `Caliper back on ${at}`,
    how: "Disc wiped clean of grease first. Bolts to the brake maker's torque.",
    caution: 'Grease on the disc means no brake here.',
  }),
  'wheel-on': ({ at }) => ({
    short: 'Wheel on',
    title: `Wheel onto ${at}`,
    how: 'Wipe both faces clean. Roll the wheel onto a bar under it, lean it in, lift with the bar, twist to find the studs.',
    why: 'Dirt between the faces is torque that goes away in the first miles.',
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
  }),
  'brake-adjust': ({ at }) => ({
    short: 'Adjust brake',
    title: `Adjust the brake of ${at}`,
    how: 'Turn the star wheel through its slot, holding the lever off if there is one, until the wheel just drags all round. Then back until the rub is light and even. Plug back in the slot.',
    why: 'The shoes were backed off. Compare with the wheel across the axle: even drag.',
  }),
  'brake-test': ({ at, axle }) => ({
    short: 'Brake test',
    title: `Test the brake of ${at}: stops, and lets go`,
    how:
      axle?.brake === 'electric'
        ? 'Somebody works the controller lever, or pull the breakaway pin for a moment, while you turn the wheel forward. Pin straight back in.'
        : 'Somebody works the brake while you turn the wheel forward.',
    why: 'A brake that was worked on is not a brake until it has stopped a wheel and released it.',
    caution: 'Fingers clear of wheel and fender.',
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
    how: 'With its hidden screw, if it has one. Better leave it off until the last recheck: the nuts can be seen. Skip it then.',
  }),
  'open-rechecks': ({ at }) => ({
    short: 'Rechecks open',
    title: `Rechecks for ${at} open now`,
    how: 'Miles count from this refit. They come due on the Yard as you log trips. Have socket and torque wrench on board.',
    why: 'Wheels settle in the first miles, aluminum ones more.',
  }),
  unchock: () => ({
    short: 'Chocks away',
    title: 'Chocks away, tools counted',
    how: 'Stabilizers up, chocks in, tray empty: no nut, pin, cap or plug left over.',
    why: 'What is left over belongs somewhere.',
  }),
};

/** A step of a card in words, for this rig. */
export function stepWords(step: CardStep, model: RigModel, house: HouseRules, system: UnitSystem): StepWords {
  const axle = step.place ? model.axles[axleOf(step.place)] : undefined;
  return STEPS[step.step]({ step, at: step.place ?? '', model, axle, house, system });
}

/** The lug torque of a rig with what it rests on: `110 lbf·ft, maker's figure`. */
export function torqueSpec(model: RigModel, system: UnitSystem): string {
  const spec = model.wheels.torque;
  return spec ? `${measure(spec.value, 'torque', system)}, ${BASIS_WORDS[spec.source]}` : 'not known';
}
