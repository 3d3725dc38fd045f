import { mayRock } from '@/core/rig';
import { NEW_FIXINGS, OUT_OF_SQUARE } from '@/core/rules';
import { partLength } from '../facts';
import { measure } from '../measure';
import { boltsText, SALTED, type StepTexts } from './setting';

const sideWords = (side: 'L' | 'R' | undefined) => (side === 'R' ? 'right' : 'left');

/** Under the rig: fixings, pivots, bushings, an axle. */
export const UNDER: StepTexts<
  | 'check-fixings'
  | 'torque-axle'
  | 'torque-joints'
  | 'look-pivot'
  | 'grease-pivot'
  | 'note-spacing'
  | 'frame-up'
  | 'hold-axle'
  | 'joints-off'
  | 'look-hangers'
  | 'bush-out'
  | 'look-eye'
  | 'bush-in'
  | 'renew-spring'
  | 'free-bolt'
  | 'equalizer-on'
  | 'joints-on'
  | 'tighten-joints'
  | 'frame-down'
  | 'mark-axle'
  | 'axle-wires-off'
  | 'axle-lines-off'
  | 'axle-off'
  | 'axle-wires-on'
  | 'axle-lines-on'
  | 'seat-axle'
  | 'square-axle'
  | 'axle-bolts'
> = {
  'check-fixings': ({ at, axle, model }) => ({
    short: 'Fixings by wrench',
    title: `Wrench on every fixing at ${at}`,
    how:
      axle?.suspension === 'torsion'
        ? `The bolts that hold the torsion axle to the frame, and its brackets. A wrench on each, not an eye.${SALTED(model)}`
        : `U-bolts, shackle bolts, hanger bolts. A wrench on each, not an eye. Plate over the center pin, springs alike left and right, axle bow up.${SALTED(model)}`,
    why: 'A bolt that moves was loose for a long way already.',
    caution: 'Tires on the ground, rig held. Nobody under a frame on a jack.',
  }),
  'torque-axle': ({ at, axle, step, system }) => ({
    short: axle?.suspension === 'torsion' ? 'Bracket bolts' : 'U-bolts',
    title: `${axle?.suspension === 'torsion' ? 'Bracket bolts' : 'U-bolts'} of ${at} to their torque`,
    how: `${axle?.suspension === 'torsion' ? 'Each in turn.' : 'Both legs of each in turn, crosswise.'} ${boltsText(step, 'the maker of the axle', system)}.`,
    why: 'A bolt that has eased lets the axle walk, and the next one carries its share.',
    caution: 'Tires on the ground, rig held. Nobody under a frame on a jack.',
  }),
  'torque-joints': ({ at, step, system }) => ({
    short: 'Spring bolts',
    title: `Shackle and hanger bolts of ${at} to their torque`,
    how: `${boltsText(step, 'the maker of the springs', system)}; shackles must still swing.`,
    why: 'Too tight they do not swing, too loose they hammer the eye oval.',
    caution: 'Tires on the ground, rig held. Nobody under a frame on a jack.',
  }),
  'look-pivot': ({ at }) => ({
    short: 'Inspect pivots',
    title: `Inspect the pivots of ${at}`,
    how: 'A bar between spring and hanger, and push: play shows as a gap that opens. Bright metal is a joint that works dry. See which way the fittings face while the wheels are on.',
    why: 'Nobody in front hears the banging of a dry bushing.',
  }),
  'grease-pivot': ({ at, model }) => ({
    short: 'Grease pivots',
    title: `Grease the pivots of ${at}`,
    how: `Fitting wiped, gun on, until grease shows at the bushing.${model.greasePoints?.aSide === undefined ? (mayRock(model) ? ' The middle bolt may have no fitting: the equalizer carries it.' : '') : ` ${model.greasePoints.aSide} points on each side by your map.`}${model.greasePoints?.wheelOff ? ' For one of them a wheel must come off.' : ''} No fitting at all: leave this out.`,
    why: 'Greased ones last; neglected ones wear faster than dry ones.',
  }),
  'note-spacing': ({ model }) => ({
    short: 'Note before',
    title: `Before it goes up: pivots, fittings${mayRock(model) ? ', spacing' : ''}`,
    how: `Tires on the ground. Which bolts have a fitting, and where does a gun reach with the wheels on?${mayRock(model) ? ' Measure between the two outer bolts of the equalizer: that is what it is ordered by.' : ''}`,
    why: 'In the air the springs hang, and nothing is where it will be.',
  }),
  'frame-up': () => ({
    short: 'Frame on four stands',
    title: 'Whole frame onto four stands',
    how: 'Front corners first, then rear, a little at a time, jack under the frame rails. All four stands carry, the trailer stands level, the tow vehicle stays hitched. Chocks out from under the wheels that hang. A hard shove: nothing moves.',
    why: 'With both sides up chocks hold nothing: the stands and the hitch do.',
    caution: 'Nobody in or under it while it goes up. Four stands rated over the whole rig, on firm ground.',
  }),
  'hold-axle': ({ model }) => ({
    short: 'Hold each axle',
    title: 'Each axle on its own jack or stand',
    how: model.axles.some(({ suspension }) => suspension === 'leaf')
      ? 'Under the axle near both springs, just touching. It will hang free once a joint is open.'
      : 'Under the brackets of the axle at both ends, just touching, never under the middle of its tube. It will hang free once its bolts are out.',
    why: 'The jack under it later takes the bind off a bolt.',
    caution: 'An axle that drops takes a hand with it.',
  }),
  'joints-off': ({ step }) => ({
    short: 'Joints off',
    title: `Open the joints on the ${sideWords(step.side)} side`,
    how: 'Only this side. Jack a little until the bind is off, start a nut on the thread, then drive the bolt. A bolt that turns on worn splines is held with a wrench. Keep the order on a board: plates, bolts, heads.',
    why: 'A nut on the thread saves the thread.',
    caution: 'Eyes covered. Springs under tension move when the bolt is out.',
  }),
  'look-hangers': ({ step }) => ({
    short: 'Inspect hangers',
    title: `Inspect the hangers on the ${sideWords(step.side)} side`,
    how: 'Holes round or oval, welds whole, hanger straight.',
    caution: 'An oval hole or a crack goes to a welder: no bushing holds in it.',
  }),
  'bush-out': ({ step }) => ({
    short: 'Bushings out',
    title: `Old bushings out, ${sideWords(step.side)} side`,
    how: 'Pressed or driven out with a socket of their size. Look at the eye behind each.',
    caution: 'Eyes covered.',
  }),
  'look-eye': ({ step }) => ({
    short: 'Inspect spring eyes',
    title: `Inspect the spring eyes on the ${sideWords(step.side)} side`,
    how: 'Round, not worn thin, no crack. Try a new bushing by hand: it must not fall through.',
    why: 'A bushing that falls through by hand means the eye is worn, and the spring goes.',
  }),
  'bush-in': ({ step }) => ({
    short: 'Bushings in',
    title: `New bushings in, ${sideWords(step.side)} side`,
    how: 'Pressed in square and flush; where the spring swings, drawn in with a long bolt, washers and a nut. Shield a fitting while tapping near it.',
    caution: 'Eyes covered: hardened bushings chip under a hammer.',
  }),
  'renew-spring': ({ step }) => ({
    short: 'Spring replaced',
    title: `Replace the spring on the ${sideWords(step.side)} side`,
    how: 'U-bolts off, spring out, new one on its center pin, plate over it. Above or below the axle as the old one was; the axle is not turned over, its bow stays up. New U-bolts: they stretch once. Springs go in pairs, left and right alike.',
    caution: 'The axle is held on its own before the U-bolts are loose.',
  }),
  'equalizer-on': ({ step, model, system }) => ({
    short: 'Equalizer in',
    title: `Equalizer in, ${sideWords(step.side)} side`,
    how: `The same as the old one${model.equalizerSpacing ? ` (${measure(model.equalizerSpacing.value, 'length', system)} between its outer bolts)` : ' by the distance between its outer bolts'}. Right way up, swinging freely.`,
  }),
  'free-bolt': ({ step }) => ({
    short: 'Bound bolt free',
    title: `Free the bound bolt on the ${sideWords(step.side)} side`,
    how: 'Jack under this axle, a little up and a little down: the bolt loosens where the load is off. Then the same at the other axle. Still bound: rust in the bushing. Penetrating oil, ten minutes, a nut started flush on the thread, and drive it with a hammer.',
    why: 'Nearly every bolt that will not come carries a spring.',
    caution:
      'Eyes covered. The jack takes the load off, it does not hold: the axle stays on its own supports.',
  }),
  'joints-on': ({ step }) => ({
    short: 'Joints on, loose',
    title: `Close the joints on the ${sideWords(step.side)} side, still loose`,
    how: 'Fitting heads where a gun reaches with the wheels on. Splined heads are drawn home, hammer and nut in turn. Nuts on by hand, no torque yet.',
    why: 'All joints stay loose until everything is in place, or the last one will not go in.',
  }),
  'tighten-joints': ({ step, system, house }) => ({
    short: 'Torque joints',
    title: 'Now every joint to its torque',
    how: `Both sides whole, weight off the bolts. ${boltsText(step, 'the maker of axle or springs', system)}; shackles must still swing.${house.pivots === 'greaseable' ? ' Then grease until it shows at each bushing.' : ''}`,
    caution: 'No figure, no guess: ask the maker of the suspension.',
  }),
  'frame-down': () => ({
    short: 'Frame down',
    title: 'Frame off its stands',
    how: 'Take the weight on the jack, stands out, rear first, slowly. Look under before each. Chocks back in on both sides as soon as the tires carry.',
    caution: 'Nobody reaches under while it comes down.',
  }),
  'mark-axle': ({ model, axle, at }) => ({
    short: 'Where it goes',
    title: 'Mark where the axle goes',
    how: `Where an axle was, measure from the coupler to old axle ${at.slice(0, 1)}, on both sides${axle?.suspension === 'torsion' ? ', and see which way its arms point' : ''}. On a new frame the first mark is about 60 % back from the front of the frame; then by moments, so that the tongue carries ${model.kind === 'boat' ? '7 to 12 %' : '10 to 15 %'} of the weight. ${model.axles.length > 1 ? 'With two axles, the mark is their middle. ' : ''}Write down the distance from the coupler. The weight at which brakes are required is local law: look it up.`,
    why: 'Too little on the tongue and it sways; too much and the hitch carries it.',
  }),
  'axle-wires-off': ({ at }) => ({
    short: 'Wires off',
    title: `Brake wires of axle ${at.slice(0, 1)} off`,
    how: 'Tow vehicle unplugged. At the frame, not at the plates: cut the old splices off close and keep the length; terminals that come free of their plug save more of it.',
  }),
  'axle-lines-off': ({ at }) => ({
    short: 'Brake lines off',
    title: `Brake lines of axle ${at.slice(0, 1)} off, and capped`,
    how: 'Where they meet the frame. Fluid caught in a tray, both ends capped.',
    caution: 'Brake lines are work for qualified hands.',
  }),
  'axle-off': ({ at, axle }) => ({
    short: 'Old axle off',
    title: `Old axle ${at.slice(0, 1)} off`,
    how:
      axle?.suspension === 'torsion'
        ? 'Bracket bolts out, one end and then the other, the axle held at both brackets. Let it down level, roll it out to the rear.'
        : 'U-bolts off at both ends, plates kept in order, the axle held near both springs. Let it down level, roll it out to the rear.',
    caution: 'Nobody beside or under it while it comes down. It is heavy and rolls.',
  }),
  'axle-wires-on': ({ at }) => ({
    short: 'Wires joined',
    title: `Brake wires of axle ${at.slice(0, 1)} joined`,
    how: 'Sealed connectors; the two wires of a magnet have no polarity. Pull each splice. Tied clear of wheel and spring. Plug in again before the test.',
  }),
  'axle-lines-on': ({ at }) => ({
    short: 'Lines on, bled',
    title: `Brake lines of axle ${at.slice(0, 1)} on, and bled`,
    how: 'New sealing washers, lines to their torque, bled until no air comes. Reservoir topped up with the fluid on its cap.',
    caution: 'Brake lines are work for qualified hands.',
  }),
  'seat-axle': ({ axle }) => ({
    short: 'Axle in place',
    title: axle?.suspension === 'torsion' ? 'Axle in place, on its brackets' : 'Axle in place, bow up',
    how:
      axle?.suspension === 'torsion'
        ? 'Arms pointing the way the old ones did, brackets flat on the frame, every bolt by hand.'
        : 'Bow of the axle up, springs above or below it as before, the center pins of the springs in the holes of their seats, plates over the pins, U-bolts by hand.',
    caution: 'It is heavy: jack and helper, not arms. Welding on an axle or frame goes to qualified hands.',
  }),
  'square-axle': ({ system }) => ({
    short: 'Square it',
    title: 'Measure it for square',
    how: `From the coupler to the same point of both spindles. The two must come within ${partLength(OUT_OF_SQUARE, system)} of each other.`,
    why: 'An axle that stands askew eats tires from the first day.',
  }),
  'axle-bolts': ({ axle, step, system }) => ({
    short: 'Axle bolts',
    title: 'Axle bolts to their torque',
    how: `${axle?.suspension === 'torsion' ? 'Bracket bolts' : 'U-bolts, both legs of each in turn,'} crosswise. ${boltsText(step, 'the maker of the axle', system)}. Then measured square once more. They are checked again by wrench after the first ${measure(NEW_FIXINGS, 'distance', system)}.`,
    caution: 'No figure, no guess: it is in the paperwork of the axle.',
  }),
};
