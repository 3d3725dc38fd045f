import { DRUM_WEAR } from '@/core/figures';
import type { CardStep } from '@/core/routine';
import { PAD } from '@/core/rules';
import { factText, partLength } from '../facts';
import { capital, measure } from '../measure';
import { boltsText, liningWords, sideName, type StepTexts } from './setting';

/** True where the linings are measured: what goes in new is not. */
const linings = ({ readings }: CardStep) => readings.some(({ what }) => what === 'lining');

/** The brake while it is open: measured, renewed, put together. */
export const BRAKE: StepTexts<
  | 'measure-brake'
  | 'look-through'
  | 'pads-out'
  | 'pads-in'
  | 'look-flange'
  | 'wires-off'
  | 'plate-off'
  | 'check-hand'
  | 'plate-on'
  | 'wires-on'
  | 'shoes-off'
  | 'shoes-on'
  | 'magnet-out'
  | 'magnet-in'
  | 'wipe-face'
  | 'ask-law'
> = {
  'measure-brake': ({ at, axle, system, step }) =>
    axle?.brake === 'hydraulic-disc'
      ? {
          short: 'Measure pads, disc',
          title: `Measure pads and disc of ${at}`,
          how: 'Both pads at their thinnest place, the lining alone. Where only lining and steel can be reached, measure them together and measure the steel plate as well. Then both faces of the disc, and its thickness against the minimum stamped on it.',
          why: `At ${partLength(PAD.due, system)} a pad is due, at ${partLength(PAD.stop, system)} it stops.`,
          caution: 'Brake dust: wipe it off wet, never blow it out.',
        }
      : {
          short: linings(step) ? 'Measure brake' : 'Measure drum',
          title: linings(step) ? `Measure lining and drum of ${at}` : `Measure the drum of ${at}`,
          how: `${linings(step) ? 'The thinnest place of the thinnest lining. ' : ''}Inside the drum, two ways across. The stamped maximum rules, else nominal${axle?.drum ? `, ${measure(axle.drum.value.diameter, 'length', system)},` : ''} and ${measure(DRUM_WEAR, 'length', system)}.`,
          why: linings(step)
            ? liningWords(axle?.lining, system)
            : 'New linings on a drum that is past its maximum do not reach it.',
          caution: 'Brake dust: wipe it off wet, never blow it out.',
        },
  'look-through': ({ at }) => ({
    short: 'Linings, hub shut',
    title: `Linings of ${at}, with the hub shut`,
    how: 'Through the inspection hole of the backing plate, or as the maker of the hub says when it is serviced. The thinnest place of both shoes.',
    why: 'A hub that stays shut hides its brake for years.',
    caution: 'Brake dust: wipe it off wet, never blow it out.',
  }),
  'pads-out': ({ at }) => ({
    short: 'Pads out',
    title: `Old pads out of ${at}`,
    how: 'See which is inner and which outer, and how each wore. Caliper hung by a wire, never by its hose. Dust wiped off wet.',
    caution: 'Brake dust: wipe it off wet, never blow it out.',
  }),
  'pads-in': ({ at }) => ({
    short: 'Pads in',
    title: `New pads into ${at}`,
    how: 'Piston pressed back slowly, the reservoir watched. Slides clean, a film of brake grease on them only. Linings touched with clean hands only.',
    why: 'Pads go in axle pairs: the mate across is next, if it is not on this card already.',
    caution: 'The caliper stays closed: brake lines are work for qualified hands.',
  }),
  'look-flange': ({ at }) => ({
    short: 'Inspect flange',
    title: `Inspect the bare flange of ${at}`,
    how: 'Wire brush, then look at the bolt holes and along the weld to the axle.',
    why: 'A new plate on a bent flange drags forever.',
    caution: 'A crack at the weld of an axle goes to qualified hands.',
  }),
  'wires-off': ({ at, axle }) => ({
    short: axle?.brake === 'electric' ? 'Wires off' : 'Line off',
    title: axle?.brake === 'electric' ? `Cut the wires free at ${at}` : `Line off at ${at}, and capped`,
    how:
      axle?.brake === 'electric'
        ? 'Tow vehicle unplugged. Cut the old splices off close, keep the length: the wires must reach again. Terminals that come free of a plug save more of it.'
        : 'Fluid caught in a tray, line and hose end capped. It eats paint: wipe it off.',
    why:
      axle?.brake === 'electric'
        ? 'An old splice under a new one is the next fault.'
        : 'Air or dirt in the line means no brake.',
    ...(axle?.brake !== 'electric' && { caution: 'Brake lines are work for qualified hands.' }),
  }),
  'plate-off': ({ at, axle, system }) => ({
    short: 'Plate off',
    title: `Old plate off ${at}`,
    how: `Photograph it first. ${axle?.mountingBolts ? `${axle.mountingBolts.value} nuts` : 'Four or five nuts'}${axle?.plateNut ? `, ${factText('plateNut', axle.plateNut, system)},` : ''} behind the flange; the lower ones often take a wrench, not a socket. Draw the wires through without pinching.`,
    caution: 'Brake dust: wipe it off wet, never blow it out.',
  }),
  'check-hand': ({ at }) => ({
    short: 'Check the hand',
    title: `Which hand is the plate for ${at}?`,
    how: `Hold it up before a bolt goes in: the arm points forward, the shorter lining faces forward. ${capital(sideName(at))} side takes a ${sideName(at)} plate.`,
    why: 'Left and right differ. Mounted on the wrong side it hardly brakes, and looks right.',
  }),
  'plate-on': ({ at, axle, step, system }) => ({
    short: 'Plate on',
    title: `New plate onto ${at}`,
    how: `Wires through without pinching, ${axle?.mountingBolts ? `${axle.mountingBolts.value} nuts` : 'all four or five nuts'} by hand, then crosswise. ${boltsText(step, 'the axle or brake maker', system)}.`,
    why: 'Brakes go in axle pairs: the mate across is next, if it is not on this card already.',
  }),
  'wires-on': ({ at, axle }) =>
    axle?.brake === 'hydraulic-drum'
      ? {
          short: 'Line on, bled',
          title: `Line on at ${at}, and bled`,
          how: 'New sealing washers, line to its torque, then bled until no air comes. Reservoir topped up with the fluid on its cap.',
          caution: 'Brake lines are work for qualified hands.',
        }
      : {
          short: 'Wires spliced',
          title: `Splice the wires at ${at}`,
          how: 'Sealed connectors: heat-shrink, or gel-filled ones pressed on unstripped wire as their maker says. The two wires of a magnet have no polarity. Pull each splice: it holds. Tie them clear of the wheel.',
          why: 'Many a dead brake is a splice that let water in.',
        },
  'shoes-off': ({ at }) => ({
    short: 'Shoes off',
    title: `Shoes and springs off ${at}`,
    how: 'One side at a time, the other stays whole as the pattern. Photograph springs and adjuster. Clean the plate, wet.',
    caution: 'Eyes covered: brake springs fly. Dust is wiped wet, never blown.',
  }),
  'shoes-on': ({ at }) => ({
    short: 'Shoes on',
    title: `New shoes onto ${at}, shorter lining forward`,
    how: 'New springs and hardware with them. A film of brake grease on the rubbing points of the plate, threads of the star wheel cleaned. Turn the star wheel all the way in.',
    why: 'The shorter, primary lining faces forward: it starts the wrap, the long one does the work.',
    caution: 'Eyes covered: brake springs fly. Linings are touched with clean hands only.',
  }),
  'magnet-out': ({ at }) => ({
    short: 'Magnet out',
    title: `Old magnet out of ${at}`,
    how: 'Tow vehicle unplugged. Clip off, wires cut free. See how it ran: even, or worn on one edge.',
    why: 'One worn edge is a bent arm: the new magnet would wear the same way.',
    caution: 'Brake dust: wipe it off wet, never blow it out.',
  }),
  'magnet-in': ({ at }) => ({
    short: 'Magnet in',
    title: `New magnet into ${at}, wires spliced`,
    how: 'Clip home, magnet free to tilt on its arm. Sealed splices, each pulled; its wires have no polarity. Measure it across the two wires.',
    why: 'A magnet that is off by more than a fifth of its figure is a coil that is shorted.',
  }),
  'wipe-face': ({ at }) => ({
    short: 'Wipe new drum',
    title: `Wipe the working faces of the new drum for ${at}`,
    how: 'Brake cleaner on shoe face and magnet face until the rag stays clean.',
    why: 'New drums come oiled against rust. Oil on the face is a brake that slips.',
  }),
  'ask-law': () => ({
    short: 'Law on brakes',
    title: 'What does the law ask of brakes here?',
    how: 'The weight at which brakes are required, on how many axles, and whether with a breakaway: it differs by place. Look it up, and note what you found and where.',
    why: 'It depends on where you are.',
  }),
};
