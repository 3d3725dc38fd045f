import type { FactId } from '@/core/rig';

interface FactHelp {
  /** Where it is read, or how it is measured. */
  readonly hint?: string;
  /** What it makes possible once it is known. */
  readonly unlocks: string;
}

/** How every fact of a rig is found out, and what for. Apart from its name, which the log needs on every page. */
export const FACT_HELP: Record<FactId, FactHelp> = {
  suspension: { unlocks: 'where the jack may go, and which fixings are checked' },
  equalizer: {
    hint: 'A rocking piece between the two springs of one side.',
    unlocks: 'the pivots that take grease and wear',
  },
  rating: {
    hint: 'On the axle tag, near the middle of the tube, or on the placard.',
    unlocks: 'whether the tires carry what the axle may',
  },
  gvwr: {
    hint: 'On the placard, left side near the front.',
    unlocks: 'what jack and stands have to carry',
  },
  axleSpacing: {
    hint: 'Spindle center to spindle center.',
    unlocks: 'the right equalizer, ordered without a second trip',
  },
  equalizerSpacing: {
    hint: 'Center to center of its two outer bolts.',
    unlocks: 'the right equalizer, ordered without a second trip',
  },
  hub: {
    hint: 'A rubber plug does not prove a drilled spindle: the same cap fits plain ones.',
    unlocks: 'when hubs are opened, and the steps to it',
  },
  lock: { hint: 'Seen once the cap is off.', unlocks: 'the step that takes it out, and what to buy new' },
  cap: {
    hint: 'Look at it: a rubber plug in its middle, a spring plate, a thread, a window.',
    unlocks: 'caps closed in the right order, and the right new one bought',
  },
  capSize: {
    hint: 'Inside the hub, where the cap sits; a screw-on cap by its thread.',
    unlocks: 'a new cap that fits, bought before it is needed',
  },
  spindleNut: { hint: 'Across its flats.', unlocks: 'the wrench named on every card' },
  greaseReach: {
    hint: 'Try it: the gun straight on the fitting, wheel on.',
    unlocks: 'a grease card that takes the wheel off only where it must',
  },
  greaseDistance: {
    hint: "In the axle maker's manual, or on the grease.",
    unlocks: 'that interval ahead of the house rule',
  },
  greaseDays: {
    hint: "In the axle maker's manual, or on the grease.",
    unlocks: 'that interval ahead of the house rule',
  },
  flatWasher: {
    hint: 'Its flat matches a flat on the spindle.',
    unlocks: 'a reminder where the nut would turn with the bearing',
  },
  threadPitch: {
    hint: 'With a thread gauge, or by counting threads along a rule.',
    unlocks: 'end play per slot of the nut',
  },
  slots: { hint: 'Count them.', unlocks: 'end play per slot of the nut' },
  pinHoles: {
    hint: 'Two holes stand crossed and halve the steps between slots.',
    unlocks: 'how finely the nut can be set',
  },
  endPlay: {
    hint: "In the axle maker's manual.",
    unlocks: 'the window of this axle in place of the house rule',
  },
  repackDistance: {
    hint: "In the axle maker's manual. In days, or as it is printed: 12 months, 5 years.",
    unlocks: "the maker's interval ahead of the house rule",
  },
  repackDays: {
    hint: "In the axle maker's manual.",
    unlocks: "the maker's interval ahead of the house rule",
  },
  repackLaunches: {
    hint: 'Count one for each time the hubs go under.',
    unlocks: 'work by launches, not only by distance',
  },
  brake: {
    hint: 'Two wires to the backing plate mean electric brakes.',
    unlocks: 'brake steps on every card, and the brake test',
  },
  wires: { hint: 'Look behind the wheel, with a light.', unlocks: 'which axle has brakes at all' },
  drum: {
    hint: 'Drum diameter by shoe width, as named on the axle tag; else measure both.',
    unlocks: 'the right shoes, drums and loaded plates',
  },
  lining: {
    hint: 'Rivet heads in the lining mean riveted.',
    unlocks: 'the minimum that a lining is held against',
  },
  kitEqualizer: {
    hint: 'On the sheet of the spring or equalizer kit: a longer one goes with wider axles.',
    unlocks: 'an equalizer held against the pair its maker printed',
  },
  kitSpacing: {
    hint: 'On the same sheet.',
    unlocks: 'an equalizer held against the pair its maker printed',
  },
  greasePoints: {
    hint: 'Count the fittings on one side. The middle bolt may have none.',
    unlocks: 'greasing that misses none',
  },
  greaseWheelOff: {
    hint: 'Look while the tires are on the ground.',
    unlocks: 'whether greasing can be done without lifting a wheel',
  },
  axleTorque: {
    hint: "In the axle maker's manual; for a torsion axle its bracket bolts.",
    unlocks: 'axle bolts brought to a figure, not to a feel',
  },
  jointTorque: {
    hint: "In the axle or spring kit maker's manual.",
    unlocks: 'spring joints brought to a figure, not to a feel',
  },
  plateTorque: { hint: "In the axle or brake maker's manual.", unlocks: 'backing plates that stay tight' },
  caliperTorque: { hint: "In the brake maker's manual.", unlocks: 'calipers that stay tight' },
  breakawayBattery: {
    hint: 'Printed on the battery. Lithium holds its voltage until it is nearly empty.',
    unlocks: 'how its voltage at rest is judged',
  },
  breakawayRequired: {
    hint: 'Look it up where you tow: it depends on weight and place.',
    unlocks: 'how strictly a weak battery is judged',
  },
  mountingBolts: { hint: 'Count the nuts behind the plate.', unlocks: 'a loaded plate that fits the flange' },
  plateNut: { hint: 'Across their flats.', unlocks: 'the wrench named on brake cards' },
  actuator: {
    hint: 'A coupler that slides, or an electric pump on the tongue.',
    unlocks: 'which actuator is checked before a trip',
  },
  studs: { unlocks: 'the star in the right order' },
  torque: {
    hint: "In the trailer's or wheel maker's manual, or on a plate.",
    unlocks: 'the star by stages, and a wheel that stays on',
  },
  firstStage: {
    hint: 'Some makers print the rounds one by one, for instance three figures. The first of them.',
    unlocks: "the maker's own rounds in place of the house rule's",
  },
  secondStage: {
    hint: 'The second of three; leave it out where the maker prints two.',
    unlocks: "the maker's own rounds in place of the house rule's",
  },
  treatedTorque: {
    hint: 'On the tin of the anti-seize, or from the wheel maker. It cannot be worked out from the dry figure.',
    unlocks: 'anti-seize on the studs: without it they are wiped dry',
  },
  lubricant: {
    hint: "In the wheel or axle maker's manual. Many forbid anything on the threads.",
    unlocks: 'anti-seize left off where a maker forbids it',
  },
  studDiameter: {
    hint: 'Over the threads of a bare stud.',
    unlocks: 'a check that the torque is usual for the stud',
  },
  boltCircle: {
    hint: 'Measure between neighboring studs: Identify makes the circle of it.',
    unlocks: 'wheels, hubs and a spare that fit',
  },
  material: { unlocks: 'how soon lugs are checked again: aluminum settles more' },
  socket: {
    hint: 'Across the flats of a nut. Try it on: capped nuts swell.',
    unlocks: 'the socket named on every card and in the kit',
  },
  key: { hint: 'Where it is kept, or that there is none.', unlocks: 'finding it on the shoulder' },
  cover: { hint: 'Look for a hidden screw before you pry.', unlocks: 'how it comes off without breaking' },
  coverTool: { unlocks: 'the tool named on every card' },
  adapter: { hint: 'A second ring of nuts behind the wheel.', unlocks: 'their own torque and rechecks' },
  adapterNuts: { unlocks: 'their own star' },
  adapterTorque: { hint: "The adapter maker's figure.", unlocks: 'adapters that stay on' },
  adapterCircle: {
    hint: 'The studs of the adapter that carry the wheel, not those of the hub.',
    unlocks: 'wheels and a spare that fit the adapter',
  },
  adapterRating: {
    hint: 'Stamped on it, or from its maker.',
    unlocks: 'whether the adapters carry what the axle may',
  },
  tireSize: { hint: 'On the placard, as written: ST225/75R15.', unlocks: 'diameter, and a spare that fits' },
  loadRange: {
    hint: 'The letter after the size, on the placard.',
    unlocks: 'whether the tires carry the axle',
  },
  pressure: { hint: 'On the placard, for cold tires.', unlocks: 'the target of every pressure check' },
  maxPressure: {
    hint: 'Molded on the wall, for a cold tire.',
    unlocks: 'the pressure never to exceed',
  },
  wheelPressure: {
    hint: 'Stamped inside the rim or on its back.',
    unlocks: 'the pressure never to exceed',
  },
  valve: {
    hint: 'Rubber ones are good for {65 psi}.',
    unlocks: 'valves never set past what they hold',
  },
  tireLoad: {
    hint: 'Half of the heaviest axle at a scale, loaded as you tow.',
    unlocks: 'a target by measured load',
  },
  spares: { unlocks: 'the spare checked with the rest' },
  liftPoint: { hint: "The maker's manual may name a point.", unlocks: 'where the jack goes, on every card' },
  liftHeight: {
    hint: 'From the ground, tires full.',
    unlocks: 'the height of the jack point, named on every card that lifts',
  },
  miles: { unlocks: 'what each trip asks you for' },
  yearly: {
    hint: 'Your best estimate: it is used until the record has weeks of its own.',
    unlocks: 'when work will fall due, from the first day on',
  },
  use: { unlocks: 'how strictly old tires are judged' },
  roads: { unlocks: 'rust looked for where salt gets, on cards that go under it' },
  law: {
    hint: 'Brakes and breakaway by weight, lamps and reflectors, chains, tire age: it differs by place. Note where you found it.',
    unlocks: 'what you can be ticketed for, besides what is safe, before each trip',
  },
  water: { unlocks: 'launches logged with their water' },
};
