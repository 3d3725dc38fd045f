import * as fc from 'fast-check';
import { fromSI, toSI } from '../../base';
import { runs } from '../../testing/runs';
import { asked, nextQuestion, outOfDanger, soFar } from '..';
import {
  type TroubleAnswers,
  type Question,
  BECAUSE,
  coolingTime,
  donorsFor,
  keepsEnough,
  lossRate,
  minutesUntilLow,
  ROLLS,
  stricter,
  survivorLoad,
  TROUBLE_IDS,
  TROUBLES,
  type Because,
  type RoadVerdict,
  type TroubleId,
} from '../../rules';

const psi = (value: number) => toSI(value, 'psi');
const F = (value: number) => toSI(value, '°F');
const mph = (value: number) => toSI(value, 'mi') / 3600;
const lb = (value: number) => toSI(value, 'lb');
const inch = (value: number) => toSI(value, 'in');

/** A verdict as the table has it: `care 25 mi at 45`. */
function told({ roll, distance, speed }: RoadVerdict): string {
  const far = distance === undefined ? '' : ` ${Math.round(fromSI(distance, 'mi'))} mi`;
  return `${roll}${far}${speed === undefined ? '' : ` at ${Math.round(fromSI(speed * 3600, 'mi'))}`}`;
}

/** A tire read: the pressure it should have, what it reads, ten minutes later, where, as it stood. */
const read = (first: number, second: number, more: TroubleAnswers = {}): TroubleAnswers => ({
  target: psi(65),
  first: psi(first),
  second: psi(second),
  stood: 'yes',
  danger: 'no',
  where: 'crown',
  rolled: 'no',
  pump: 6.5,
  ...more,
});
const LIMPS = { axles: 'more', load: lb(1500), maximum: lb(2540), rating: lb(3500) } as const;
const TANDEM = { lift: 'yes', spare: 'none', hurt: 'nothing', ...LIMPS } as const;
const FELT = { smoke: 'no', touched: 'no' } as const;
const RIGHT = { 'slow-stop': 'straight' } as const;
const NUTS = { holes: 'round', held: 'yes', neighbors: 'apart' } as const;
const SPRUNG = { 'to-tire': inch(3) } as const;

/** Each row of the table: as little as decides, the verdict, and what decided it. */
const ROWS: readonly (readonly [TroubleId, TroubleAnswers, string, string])[] = [
  // Nail: figures before answers.
  ['nail', read(65, 64.5), 'care 50 mi at 50', 'holds-air'],
  ['nail', read(65, 64.5, { where: 'wall', spare: 'none' }), 'creep 1 mi at 15', 'wall-or-shoulder'],
  ['nail', read(65, 64.5, { where: 'shoulder', spare: 'usable' }), 'here', 'spare-goes-on'],
  ['nail', read(30, 30, { spare: 'none', axles: 'one' }), 'stay', 'rolled-flat'],
  // A tenth to a fifth low without air: as going soft from what it reads.
  ['nail', read(56, 55.9), 'care 50 mi at 50', 'lasts-between-airings'],
  // It rolled within three hours: 65 warm is 58 cold, a tenth low.
  ['nail', read(65, 64.5, { stood: 'no' }), 'care 50 mi at 50', 'lasts-between-airings'],
  ['nail', read(60, 66), 'stay', 'pressures-differ'],
  // Going soft.
  ['soft', read(40, 20, { spare: 'none', axles: 'one' }), 'stay', 'rolled-flat'],
  ['soft', read(65, 65, { rolled: 'half', spare: 'none', axles: 'one' }), 'stay', 'rolled-flat'],
  ['soft', read(65, 65, { rolled: 'half', spare: 'none', ...LIMPS }), 'care 25 mi at 35', 'survivor-carries'],
  ['soft', read(65, 64.9), 'care 50 mi at 50', 'lasts-between-airings'],
  ['soft', read(65, 64.9, { pump: 0 }), 'care 49 mi at 50', 'no-pump'],
  ['soft', read(65, 62, { 'aired-to': psi(65), pump: 0 }), 'care 14 mi at 50', 'no-pump'],
  ['soft', read(65, 62, { 'aired-to': psi(65), pump: 65 }), 'care 50 mi at 50', 'lasts-between-airings'],
  // 69 to 66 warm: 35 minutes of air by the gauge are 19 read cold.
  ['soft', read(69, 66, { stood: 'no', spare: 'none' }), 'care 6 mi at 40', 'aired-once'],
  [
    'soft',
    read(65, 50, { apart: 2, 'aired-to': psi(65), spare: 'none' }),
    'creep 0 mi at 15',
    'loses-too-fast',
  ],
  ['soft', read(65, 50, { apart: 10, spare: 'none' }), 'stay', 'loses-too-fast'],
  ['soft', read(50, 49.9, { 'aired-to': psi(65) }), 'care 25 mi at 45', 'rolled-low'],
  ['soft', read(65, 64.9, { rolled: 'low' }), 'care 25 mi at 45', 'rolled-low'],
  // With the spare on, the tire that rolled low is off.
  ['soft', read(65, 64.9, { rolled: 'low', where: undefined, spare: 'usable' }), 'here', 'spare-goes-on'],
  ['soft', { target: psi(65), where: 'valve', rolled: 'no', danger: 'no' }, 'stay', 'loss-unknown'],
  [
    'soft',
    { target: psi(65), first: psi(60), stood: 'yes', danger: 'yes', where: 'valve', rolled: 'no' },
    'care 2 mi at 25',
    'read-where-safe',
  ],
  // Flat.
  ['flat', { hurt: 'nothing', lift: 'yes', spare: 'usable' }, 'here', 'spare-goes-on'],
  ['flat', { hurt: 'nothing', lift: 'yes', spare: 'aged' }, 'care 50 mi at 50', 'aged-spare'],
  ['flat', { hurt: 'nothing', lift: 'yes', spare: 'low' }, 'care 25 mi at 45', 'soft-spare'],
  ['flat', { hurt: 'line', lift: 'yes', spare: 'usable' }, 'creep 1 mi at 15', 'line-hurt'],
  ['flat', { hurt: 'gas', lift: 'yes', spare: 'usable' }, 'stay', 'gas-smelt'],
  ['flat', { hurt: 'nothing', lift: 'no', spare: 'usable' }, 'stay', 'not-lifted-here'],
  ['flat', { hurt: 'nothing', lift: 'yes', spare: 'none', axles: 'one' }, 'stay', 'one-axle-no-spare'],
  ['flat', TANDEM, 'care 25 mi at 35', 'survivor-carries'],
  ['flat', { ...TANDEM, load: lb(2000) }, 'creep 2 mi at 15', 'survivor-overloaded'],
  ['flat', { ...TANDEM, load: undefined, hurt: 'rim' }, 'creep 2 mi at 15', 'survivor-unknown'],
  ['flat', { ...TANDEM, hurt: 'line' }, 'creep 1 mi at 15', 'line-hurt'],
  ['carcass', { spare: 'usable' }, 'here', 'spare-goes-on'],
  ['carcass', { spare: 'none', air: 'holds' }, 'creep 1 mi at 15', 'coming-apart'],
  ['carcass', { spare: 'none', air: 'lost', axles: 'one' }, 'stay', 'one-axle-no-spare'],
  ['tire-hot', { cause: 'put-right', again: 'no' }, 'care 25 mi at 45', 'tire-cooled'],
  ['tire-hot', { cause: 'put-right', again: 'risen-again' }, 'stay', 'tire-heats'],
  ['tire-hot', { cause: 'not-found' }, 'stay', 'tire-heats'],
  // Hub, by thermometer: what is not known is the strictest that the rest allows.
  ['hot', { hub: F(110), mate: F(108), air: F(70) }, 'care 50 mi at 50', 'cool'],
  ['hot', { hub: F(140), mate: F(112), air: F(80) }, 'care 25 mi at 45', 'warm'],
  ['hot', { hub: F(165), mate: F(163), air: F(90) }, 'care 50 mi at 50', 'cool'],
  [
    'hot',
    { hub: F(165), mate: F(163), smoke: 'no', drag: 'not-here' },
    'creep 3 mi at 25',
    'open-it-elsewhere',
  ],
  [
    'hot',
    { hub: F(150), mate: F(81), air: F(70), ...FELT, drag: 'goes-with-brake-off' },
    'care 25 mi at 45',
    'brake-drags',
  ],
  ['hot', { hub: F(150), air: F(70), ...FELT, drag: 'stays', opened: 'rough' }, 'stay', 'bearing-gone'],
  ['hot', { hub: F(220), mate: F(218), air: F(90) }, 'stay', 'burnt'],
  ['hot', { hub: F(180), ...FELT, drag: 'goes-with-brake-off' }, 'care 25 mi at 45', 'brake-drags'],
  ['hot', { hub: F(180), smoke: 'no', drag: 'goes-with-brake-off', touched: 'yes' }, 'stay', 'open-it-cold'],
  ['hot', { hub: F(180), ...FELT, drag: 'stays', opened: 'bright' }, 'care 25 mi at 45', 'nut-reset'],
  [
    'hot',
    { hub: F(180), ...FELT, drag: 'stays', opened: 'not-here' },
    'creep 3 mi at 25',
    'open-it-elsewhere',
  ],
  ['hot', { hub: F(180), smoke: 'hub' }, 'stay', 'hub-smokes'],
  // By hand, mate against mate in steps.
  ['hot', { hand: 'stays', 'mate-hand': 'stays' }, 'care 50 mi at 50', 'cool'],
  ['hot', { hand: 'stays' }, 'care 50 mi at 50', 'cool'],
  ['hot', { hand: 'seconds', 'mate-hand': 'stays' }, 'care 25 mi at 45', 'warm'],
  ['hot', { hand: 'seconds', 'mate-hand': 'seconds', day: 'hot' }, 'care 50 mi at 50', 'cool'],
  ['hot', { hand: 'seconds', 'mate-hand': 'seconds' }, 'care 25 mi at 45', 'warm'],
  ['hot', { hand: 'seconds' }, 'care 25 mi at 45', 'warm'],
  ['hot', { hand: 'not-at-all', ...FELT, drag: 'goes-with-brake-off' }, 'care 25 mi at 45', 'brake-drags'],
  ['hot', { hand: 'sizzles' }, 'stay', 'burnt'],
  ['hot', { smoke: 'no' }, 'stay', 'heat-unknown'],
  ['leaning', { which: 'nuts' }, 'stay', 'as-studs'],
  ['leaning', { which: 'hub', 'spare-hub': 'fits', spindle: 'smooth' }, 'here', 'hub-replaced'],
  ['leaning', { which: 'hub', 'spare-hub': 'fits', spindle: 'scored' }, 'stay', 'hub-leans'],
  ['cap', { 'oil-bath': 'yes' }, 'stay', 'oil-bath-open'],
  [
    'cap',
    { 'oil-bath': 'no', lock: 'there', rock: 'none', grease: 'clean' },
    'care 50 mi at 45',
    'cap-missing',
  ],
  ['cap', { 'oil-bath': 'no', lock: 'there', rock: 'felt', grease: 'clean' }, 'stay', 'rocks-locked'],
  [
    'cap',
    { 'oil-bath': 'no', lock: 'missing', reset: 'yes', grease: 'clean' },
    'care 50 mi at 45',
    'cap-missing',
  ],
  ['cap', { 'oil-bath': 'no', lock: 'missing', reset: 'no', grease: 'clean' }, 'stay', 'nut-was-free'],
  [
    'cap',
    { 'oil-bath': 'no', lock: 'there', rock: 'none', grease: 'dirty' },
    'care 10 mi at 45',
    'clean-and-pack',
  ],
  ['oil-bath', { where: 'front', window: 'low' }, 'care 50 mi at 45', 'oil-in-front'],
  [
    'oil-bath',
    { where: 'behind', window: 'low', 'others-brake': 'fewer' },
    'creep 1 mi at 15',
    'brake-counts-as-gone',
  ],
  [
    'oil-bath',
    { where: 'behind', window: 'low', 'others-brake': 'half' },
    'care 25 mi at 40',
    'brake-counts-as-gone',
  ],
  ['oil-bath', { where: 'front', window: 'empty' }, 'stay', 'oil-empty'],
  ['oil-bath', { where: 'front', window: 'filled' }, 'creep 5 mi at 30', 'oil-was-empty'],
  ['oil-bath', { where: 'front', window: 'milky' }, 'stay', 'drain-and-fill'],
  ['oil-bath', { where: 'front', window: 'drained' }, 'care 10 mi at 45', 'clean-and-pack'],
  [
    'oil-bath',
    { where: 'behind', window: 'filled', 'others-brake': 'half' },
    'creep 5 mi at 30',
    'oil-was-empty',
  ],
  ['grease', { hub: 'warm-or-rocks', where: 'front' }, 'stay', 'as-hub-hot'],
  ['grease', { hub: 'cool', where: 'front' }, 'care 50 mi at 45', 'grease-in-front'],
  [
    'grease',
    { hub: 'cool', where: 'behind', how: 'film', brake: 'straight' },
    'care 100 mi at 55',
    'grease-film',
  ],
  [
    'grease',
    { hub: 'cool', where: 'behind', how: 'film', brake: 'none' },
    'care 100 mi at 55',
    'grease-film',
  ],
  [
    'grease',
    { hub: 'cool', where: 'behind', how: 'film', brake: 'pulls', 'others-brake': 'half' },
    'care 25 mi at 40',
    'brake-counts-as-gone',
  ],
  [
    'grease',
    { hub: 'cool', where: 'behind', how: 'thrown', brake: 'none' },
    'care 25 mi at 45',
    'loses-its-grease',
  ],
  [
    'grease',
    { hub: 'cool', where: 'behind', how: 'thrown', brake: 'straight', 'others-brake': 'fewer' },
    'creep 1 mi at 15',
    'brake-counts-as-gone',
  ],
  ['studs', { holes: 'worn' }, 'stay', 'holes-worn'],
  ['studs', { ...NUTS, studs: 4, lost: 1, gone: 1 }, 'stay', 'too-few'],
  ['studs', { ...NUTS, studs: 5, lost: 1, gone: 1 }, 'creep 5 mi at 30', 'one-of-five'],
  ['studs', { ...NUTS, studs: 6, lost: 1, gone: 1 }, 'care 25 mi at 45', 'enough-left'],
  ['studs', { ...NUTS, studs: 8, lost: 1, gone: 1 }, 'care 25 mi at 45', 'enough-left'],
  ['studs', { ...NUTS, studs: 8, lost: 2, gone: 2 }, 'creep 5 mi at 30', 'ran-loose'],
  ['studs', { ...NUTS, neighbors: 'side-by-side', studs: 8, lost: 2, gone: 2 }, 'stay', 'two-neighbors'],
  ['studs', { ...NUTS, studs: 6, lost: 2, gone: 2 }, 'stay', 'too-few'],
  ['studs', { ...NUTS, studs: 6, lost: 2, gone: 0 }, 'creep 5 mi at 30', 'ran-loose'],
  ['studs', { ...NUTS, held: 'ran-loose', studs: 6, lost: 1, gone: 0 }, 'creep 5 mi at 30', 'ran-loose'],
  ['studs', { ...NUTS, studs: 5, lost: 1, gone: 0, from: 'aboard' }, 'care 50 mi at 50', 'all-back'],
  ['studs', { ...NUTS, held: 'settled', studs: 5, lost: 0, gone: 0 }, 'care 50 mi at 50', 'settled'],
  [
    'studs',
    { ...NUTS, studs: 6, lost: 1, gone: 0, from: 'six-or-eight' },
    'care 25 mi at 45',
    'nuts-borrowed',
  ],
  ['studs', { ...NUTS, studs: 5, lost: 1, gone: 0, from: 'five' }, 'creep 5 mi at 30', 'five-gave-a-nut'],
  ['studs', { ...NUTS, studs: 5, lost: 1, gone: 0 }, 'creep 5 mi at 30', 'five-gave-a-nut'],
  ['studs', { holes: 'round' }, 'stay', 'studs-unknown'],
  ['studs', { ...NUTS, studs: 6, lost: 1, gone: 2 }, 'stay', 'counts-differ'],
  // Brakes.
  ['dragging', { pin: 'out', hubs: 'cool' }, 'here', 'pin-back-in'],
  ['dragging', { pin: 'out', hubs: 'hot' }, 'stay', 'as-hub-hot'],
  ['dragging', { pin: 'lost', hubs: 'cool', required: 'no' }, 'care 50 mi at 50', 'pin-lost'],
  ['dragging', { pin: 'lost', hubs: 'cool' }, 'stay', 'pin-lost'],
  ['dragging', { pin: 'in', 'how-many': 'all', 'plug-out': 'goes' }, 'creep 1 mi at 15', 'brake-wire-off'],
  [
    'dragging',
    { pin: 'in', 'how-many': 'all', 'plug-out': 'goes', 'within-limit': 'yes' },
    'care 25 mi at 40',
    'brake-wire-off',
  ],
  ['dragging', { pin: 'in', 'how-many': 'all', 'plug-out': 'stays' }, 'stay', 'drags-on'],
  [
    'dragging',
    { pin: 'in', 'how-many': 'one', 'backed-off': 'free', hub: 'cool' },
    'care 25 mi at 45',
    'backed-off',
  ],
  ['dragging', { pin: 'in', 'how-many': 'one', 'backed-off': 'drags' }, 'stay', 'drags-on'],
  ['dead', { which: 'all', 'within-limit': 'no', ...RIGHT }, 'creep 1 mi at 15', 'unbraked'],
  ['dead', { which: 'all', 'within-limit': 'yes', ...RIGHT }, 'care 25 mi at 40', 'within-unbraked-limit'],
  [
    'dead',
    { which: 'one-axle-of-two', 'law-allows': 'yes', ...RIGHT },
    'care 50 mi at 50',
    'one-axle-brakes',
  ],
  [
    'dead',
    { which: 'one-axle-of-two', 'law-allows': 'not-looked-up', ...RIGHT },
    'care 25 mi at 40',
    'one-axle-brakes',
  ],
  ['dead', { which: 'one-axle-of-two', 'law-allows': 'no', ...RIGHT }, 'creep 1 mi at 15', 'law-forbids'],
  [
    'dead',
    { which: 'one-end', end: 'electric', 'within-limit': 'no', ...RIGHT },
    'creep 1 mi at 15',
    'unbraked',
  ],
  [
    'dead',
    { which: 'one-end', end: 'electric', 'within-limit': 'yes', ...RIGHT },
    'care 25 mi at 40',
    'within-unbraked-limit',
  ],
  [
    'dead',
    { which: 'one-end', end: 'hydraulic', 'within-limit': 'yes', ...RIGHT },
    'creep 1 mi at 15',
    'hydraulic-pulls',
  ],
  [
    'dead',
    { which: 'one-axle-of-two', 'law-allows': 'yes', 'slow-stop': 'crooked' },
    'stay',
    'stops-crooked',
  ],
  ['fade', { hubs: 'cool', wheels: 'free', fluid: 'at-its-line', ...RIGHT }, 'care 25 mi at 45', 'cooled'],
  ['fade', { hubs: 'cool', wheels: 'free', fluid: 'low', ...RIGHT }, 'creep 1 mi at 15', 'unbraked'],
  ['fade', { hubs: 'cool', wheels: 'free', fluid: 'at-its-line' }, 'stay', 'stops-crooked'],
  ['fade', { hubs: 'hot' }, 'stay', 'as-hub-hot'],
  ['lights', { which: 'dark', time: 'dusk' }, 'stay', 'nothing-shows'],
  ['lights', { which: 'dark', time: 'day' }, 'creep 1 mi at 25', 'not-seen-to-stop'],
  ['lights', { which: 'brake-or-turn' }, 'creep 1 mi at 25', 'not-seen-to-stop'],
  ['lights', { which: 'one-brake', time: 'day' }, 'care 25 mi at 45', 'one-brake-lamp'],
  ['lights', { which: 'one-brake', time: 'rain' }, 'creep 1 mi at 25', 'not-seen-to-stop'],
  ['lights', { which: 'running', time: 'day' }, 'care 50 mi at 50', 'by-day'],
  ['lights', { which: 'running', time: 'rain' }, 'creep 1 mi at 25', 'not-seen'],
  ['lights', { which: 'one-marker' }, 'care 100 mi at 55', 'one-marker'],
  // Load and hitch.
  ['strap', { which: 'chain', replaced: 'no' }, 'stay', 'no-chain'],
  ['strap', { which: 'chain', replaced: 'rated' }, 'here', 'rated-link'],
  ['strap', { which: 'winch', lines: 'two-over-load' }, 'care 50 mi at 45', 'two-lines'],
  ['strap', { which: 'winch', lines: 'less' }, 'stay', 'boat-not-held'],
  ['strap', { which: 'tie-down', limit: 'half-the-cargo' }, 'care 50 mi at 45', 'tied-down'],
  ['strap', { which: 'tie-down', limit: 'less' }, 'stay', 'cargo-not-held'],
  ['coupler', { numbers: 'differ', latched: 'and-pinned', 'lift-test': 'holds' }, 'stay', 'ball-differs'],
  [
    'coupler',
    { 'came-off': 'no', numbers: 'same', latched: 'and-pinned', 'lift-test': 'holds' },
    'here',
    'latched',
  ],
  [
    'coupler',
    { 'came-off': 'no', numbers: 'not-readable', latched: 'and-pinned', 'lift-test': 'holds', chains: 'on' },
    'creep 1 mi at 15',
    'ball-not-read',
  ],
  [
    'coupler',
    { 'came-off': 'no', numbers: 'same', latched: 'and-pinned', 'lift-test': 'not-here', chains: 'off' },
    'stay',
    'not-latched',
  ],
  [
    'coupler',
    { 'came-off': 'no', numbers: 'same', latched: 'and-pinned', 'lift-test': 'play' },
    'stay',
    'play-seen',
  ],
  ['coupler', { 'came-off': 'no', numbers: 'same', latched: 'no' }, 'stay', 'not-latched'],
  [
    'coupler',
    { 'came-off': 'yes', numbers: 'same', latched: 'and-pinned', 'lift-test': 'holds', cause: 'put-right' },
    'care 25 mi at 45',
    'cause-put-right',
  ],
  [
    'coupler',
    { 'came-off': 'yes', numbers: 'same', latched: 'and-pinned', 'lift-test': 'holds', cause: 'not-found' },
    'stay',
    'came-off',
  ],
  ['breakaway', { what: 'cable', required: 'yes' }, 'stay', 'breakaway-dead'],
  ['breakaway', { what: 'cable' }, 'stay', 'breakaway-dead'],
  ['breakaway', { what: 'switch', required: 'no' }, 'care 50 mi at 50', 'not-required'],
  ['breakaway', { what: 'battery', 'after-charge': 'holds' }, 'here', 'charged'],
  ['spring', { what: 'main-leaf' }, 'stay', 'carries-the-axle'],
  ['spring', { what: 'frame' }, 'stay', 'carries-the-axle'],
  [
    'spring',
    { what: 'lower-leaf', moved: inch(0.05), ...SPRUNG },
    'care 50 mi at 45',
    'lower-leaf-or-bushing',
  ],
  ['spring', { what: 'bushing', moved: inch(0.3), ...SPRUNG }, 'creep 2 mi at 15', 'axle-shifted'],
  ['spring', { what: 'u-bolt-loose', moved: 0, torqued: 'figure', ...SPRUNG }, 'care 25 mi at 45', 'torqued'],
  [
    'spring',
    { what: 'u-bolt-loose', moved: 0, torqued: 'tight', ...SPRUNG },
    'creep 2 mi at 15',
    'tight-by-hand',
  ],
  ['spring', { what: 'u-bolt-loose', moved: inch(0.2), torqued: 'figure', ...SPRUNG }, 'stay', 'axle-moved'],
  ['spring', { what: 'lower-leaf', moved: inch(0.6), ...SPRUNG }, 'stay', 'axle-moved'],
  ['spring', { what: 'lower-leaf', moved: 0, 'to-tire': inch(0.8) }, 'stay', 'axle-moved'],
  ['spring', { what: 'bushing', ...SPRUNG }, 'creep 2 mi at 15', 'axle-not-measured'],
  ['spring', { what: 'bushing' }, 'stay', 'axle-not-measured'],
  ['sway', { began: mph(65), again: 'no', tongue: 'light' }, 'care 25 mi at 45', 'tongue-unknown'],
  [
    'sway',
    { began: mph(50), again: 'no', cause: 'put-right', tongue: 'in-window' },
    'care 25 mi at 40',
    'sways',
  ],
  [
    'sway',
    { began: mph(50), again: 'no', cause: 'not-found', tongue: 'in-window' },
    'creep 2 mi at 15',
    'sway-cause-unknown',
  ],
  [
    'sway',
    { began: mph(30), again: 'no', cause: 'put-right', tongue: 'in-window' },
    'care 25 mi at 20',
    'sways',
  ],
  ['sway', { began: mph(20), again: 'no', cause: 'put-right' }, 'creep 2 mi at 15', 'sway-cause-unknown'],
  ['sway', { again: 'no', cause: 'put-right' }, 'creep 2 mi at 15', 'sway-cause-unknown'],
  ['sway', { began: mph(65), again: 'yes' }, 'stay', 'swayed-again'],
  ['shifted', { load: 'back-and-tied' }, 'here', 'tied-again'],
  ['shifted', { load: 'loose' }, 'stay', 'load-loose'],
  ['lost', {}, 'stay', 'wheel-lost'],
  ['lost', { nuts: 'ran-loose' }, 'stay', 'other-nuts-loose'],
  ['lost', { nuts: 'at-figure', whole: 'yes', ...LIMPS }, 'care 25 mi at 35', 'survivor-carries'],
  ['lost', { nuts: 'at-figure', whole: 'no', ...LIMPS }, 'stay', 'wheel-lost'],
  ['lost', { nuts: 'at-figure', axles: 'one' }, 'stay', 'wheel-lost'],
  ['stuck', { what: 'nut-rounded', off: 'yes' }, 'here', 'next-size-hammered'],
  ['stuck', { what: 'jack-down' }, 'stay', 'stuck'],
  ['ramp', { hand: 'stays', mate: 'alike' }, 'here', 'cool-enough'],
  ['ramp', { hand: 'not', mate: 'alike' }, 'stay', 'wait-twenty-minutes'],
  ['ramp', { hand: 'stays', mate: 'hotter' }, 'stay', 'as-hub-hot'],
  ['smoke', { flames: 'flames' }, 'stay', 'flames'],
  ['smoke', { flames: 'none', from: 'tire' }, 'stay', 'as-rolled-flat'],
  ['smoke', { flames: 'none', from: 'brakes' }, 'stay', 'as-dragging'],
  ['smoke', { flames: 'none' }, 'stay', 'as-hub-hot'],
  ['wire', { what: 'gas' }, 'stay', 'gas-smelt'],
  ['wire', { what: 'hot-wire', cause: 'not-found' }, 'stay', 'wire-hot'],
  ['wire', { what: 'hot-wire', cause: 'put-right' }, 'here', 'wire-put-right'],
  ['struck', { found: 'damage' }, 'stay', 'struck'],
  ['struck', { found: 'all-sound' }, 'care 25 mi at 45', 'struck-sound'],
  ['noise', { found: 'something' }, 'stay', 'leads-to-its-row'],
  ['noise', { found: 'nothing', looked: 'not-traffic-side' }, 'creep 1 mi at 15', 'look-where-safe'],
  ['noise', { found: 'nothing', looked: 'all-round', tried: 'gone' }, 'care 25 mi at 45', 'noise-gone'],
  ['noise', { found: 'nothing', looked: 'all-round', tried: 'still-there' }, 'stay', 'noise-stays'],
];

test.each(ROWS)('%s, %j: %s', (id, answers, verdict, because) => {
  const out = soFar(id, answers);
  expect(told(out)).toBe(verdict);
  expect(out.because).toBe(because);
});

test('every trouble has a row, and so has whatever decides one', () => {
  expect([...new Set(ROWS.map(([id]) => id))].sort()).toEqual([...TROUBLE_IDS].sort());
  const several: readonly Because[] = [
    'three-at-once',
    'two-on-one-axle',
    'two-on-one-side',
    'stands-already',
  ];
  expect(
    BECAUSE.filter((because) => !several.includes(because) && !ROWS.some((row) => row[3] === because)),
  ).toEqual([]);
});

/** Any answer to a question. */
const answerTo = (question: Question): fc.Arbitrary<string | number> => {
  switch (question.as) {
    case 'choice':
      return fc.constantFrom(...question.options);
    case 'count':
      return fc.integer({ min: 0, max: 80 });
    case 'speed':
    case 'minutes':
      return fc.double({ min: 0, max: 60, noNaN: true });
    case 'quantity':
      switch (question.of) {
        case 'pressure':
          return fc.double({ min: psi(5), max: psi(100), noNaN: true });
        case 'temperature':
          return fc.double({ min: F(30), max: F(400), noNaN: true });
        case 'weight':
          return fc.double({ min: 0, max: 3000, noNaN: true });
        default:
          return fc.double({ min: 0, max: 0.1, noNaN: true });
      }
  }
};

const grave = ({ roll }: RoadVerdict) => ROLLS.indexOf(roll);

describe.each(TROUBLE_IDS)('%s', (id) => {
  const { questions } = TROUBLES[id];
  const all = fc.record(
    Object.fromEntries(questions.map((question) => [question.id, answerTo(question)])),
  ) as fc.Arbitrary<TroubleAnswers>;

  test('what is not answered counts as the strictest: no answer makes it graver than none', () => {
    fc.assert(
      fc.property(all, (answers) => {
        expect(grave(soFar(id, {}))).toBeGreaterThanOrEqual(grave(soFar(id, answers)));
      }),
    );
  });

  test('is asked to its end in the order that decides, and an answer that is not known never softens', () => {
    fc.assert(
      fc.property(all, (given) => {
        let answers: TroubleAnswers = {};
        for (let i = 0; i <= questions.length; i++) {
          const next = nextQuestion(id, answers);
          if (!next) break;
          answers = { ...answers, [next.id]: given[next.id] };
          if (next.as === 'choice') {
            const unknown = soFar(id, { ...answers, [next.id]: 'unknown' });
            const options = next.options.map((option) => grave(soFar(id, { ...answers, [next.id]: option })));
            expect(grave(unknown)).toBeGreaterThanOrEqual(Math.max(...options));
          }
        }
        expect(nextQuestion(id, answers)).toBeUndefined();
      }),
    );
  });

  test('not known is never milder than any answer: not in its word, its miles or its speed', () => {
    // Where one stands is no matter of how bad it is: in danger nobody waits for the second figure that would tell.
    const asks = questions.filter(({ as, id: what }) => as === 'choice' && what !== 'danger');
    fc.assert(
      fc.property(all, (answers) => {
        for (const question of asks) {
          if (!asked(id, answers).includes(question) || question.as !== 'choice') continue;
          const unknown = soFar(id, { ...answers, [question.id]: undefined });
          // A wheel changed for want of an answer is more done, not less.
          if (/spare|survivor/.test(unknown.because)) continue;
          for (const option of question.options) {
            const known = soFar(id, { ...answers, [question.id]: option });
            // Two figures that cannot both be right say nothing of how bad it is.
            if (known.because === 'pressures-differ') continue;
            expect([question.id, option, grave(unknown) >= grave(known)]).toEqual([
              question.id,
              option,
              true,
            ]);
            if (unknown.roll !== known.roll || unknown.roll === 'here') continue;
            expect(unknown.distance ?? 0).toBeLessThanOrEqual(known.distance ?? 0);
            expect(unknown.speed ?? 0).toBeLessThanOrEqual(known.speed ?? 0);
          }
        }
      }),
      { numRuns: runs(1000) },
    );
  });

  test('creep and care have a distance and a speed, stay has none', () => {
    fc.assert(
      fc.property(all, (answers) => {
        const { roll, distance, speed } = soFar(id, answers);
        const limited = roll === 'creep' || roll === 'care';
        expect(distance !== undefined && speed !== undefined).toBe(limited);
        if (roll === 'creep') expect(fromSI((speed ?? 0) * 3600, 'mi')).toBeLessThanOrEqual(30);
      }),
    );
  });
});

test('whatever stays says how it gets out of danger: out once, only clear of the lane, or not at all', () => {
  const of = (id: TroubleId, answers: TroubleAnswers = {}) => outOfDanger(id, soFar(id, answers));
  for (const id of TROUBLE_IDS) {
    const verdict = soFar(id, {});
    expect([id, outOfDanger(id, verdict) !== undefined]).toEqual([id, verdict.roll === 'stay']);
  }
  expect(of('hot', { hub: F(220) })).toBe('out');
  expect(of('flat', { hurt: 'nothing', lift: 'no' })).toBe('out');
  expect(of('lost')).toBe('clear-of-the-lane');
  expect(of('leaning', { which: 'hub' })).toBe('clear-of-the-lane');
  expect(of('coupler', { latched: 'no', numbers: 'same' })).toBe('clear-of-the-lane');
  expect(of('spring', { what: 'frame' })).toBe('clear-of-the-lane');
  expect(of('smoke', { flames: 'flames' })).toBe('not-at-all');
  expect(of('wire', { what: 'gas' })).toBe('not-at-all');
});

describe('several at once', () => {
  const care: RoadVerdict = {
    roll: 'care',
    distance: 40_000,
    speed: 20,
    looks: { at: [8000] },
    because: 'cool',
  };
  const other: RoadVerdict = {
    roll: 'care',
    distance: 20_000,
    speed: 22,
    looks: { at: [3000], every: 8000 },
    because: 'warm',
  };

  test('the worst stands; of one word the shorter way, the lower speed and all looks', () => {
    expect(stricter(care, { roll: 'stay', because: 'burnt' }).because).toBe('burnt');
    expect(stricter(care, other)).toEqual({
      roll: 'care',
      distance: 20_000,
      speed: 20,
      looks: { at: [3000, 8000], every: 8000 },
      because: 'warm',
    });
    expect(
      stricter({ ...care, roll: 'creep', distance: 8000, speed: 13 }, { ...care, distance: 4800, speed: 9 }),
    ).toMatchObject({
      roll: 'creep',
      distance: 4800,
      speed: 9,
    });
  });

  test('in whatever order they come', () => {
    const verdict = fc.record({
      roll: fc.constantFrom(...ROLLS),
      distance: fc.integer({ min: 1, max: 80_000 }),
      speed: fc.integer({ min: 1, max: 25 }),
      because: fc.constantFrom('cool' as const, 'warm' as const),
    });
    fc.assert(
      fc.property(verdict, verdict, (a, b) => {
        const { because: _, ...one } = stricter(a, b);
        const { because: __, ...two } = stricter(b, a);
        expect(one).toEqual(two);
      }),
    );
  });
});

describe('arithmetic of the road', () => {
  test('a tire is given a psi of doubt, and never less than a tenth a minute', () => {
    expect(lossRate(psi(65), psi(62)) / psi(1)).toBeCloseTo(0.4, 9);
    expect(lossRate(psi(65), psi(66)) / psi(1)).toBeCloseTo(0.1, 9);
    expect(minutesUntilLow(psi(65), psi(65), psi(0.4))).toBeCloseTo(32.5, 9);
    expect(minutesUntilLow(psi(40), psi(65), psi(0.4))).toBe(0);
  });

  test('the survivor of a side: an unknown weight is the rating', () => {
    expect(survivorLoad(3000, undefined, 300)).toBe(1500);
    expect(survivorLoad(3000, 2400, 300)).toBe(1050);
  });

  test('nuts left on, and who can give one', () => {
    expect([4, 5, 6, 8].map((on) => keepsEnough(on, 1))).toEqual([false, true, true, true]);
    expect([5, 6, 8].map((on) => keepsEnough(on, 2))).toEqual([false, false, true]);
    const wheels = [
      { place: '1L', studs: 5, held: true },
      { place: '1R', studs: 6, held: true },
      { place: '2L', studs: 8, held: true },
      { place: '2R', studs: 8, held: false },
    ];
    expect(donorsFor(2, wheels).map(({ place }) => place)).toEqual(['2L', '1R']);
    expect(donorsFor(1, wheels.slice(0, 1))).toEqual([]);
  });

  test('a hub nears the air as it cools, with a band; one that does not cool has no time', () => {
    const cooling = coolingTime(F(220), F(180), 10, F(80));
    expect(cooling?.likely).toBeCloseTo((10 * Math.log(100 / 40)) / Math.log(140 / 100), 6);
    expect(cooling?.early).toBeLessThan(cooling?.likely ?? 0);
    expect(cooling?.late).toBeGreaterThan(cooling?.likely ?? 0);
    expect(coolingTime(F(150), F(150), 10, F(80))).toBeUndefined();
    expect(coolingTime(F(150), F(110), 10, F(80))?.likely).toBe(0);
    expect(coolingTime(F(220), F(180), 10, F(125))).toBeUndefined();
  });
});
