import { capOf, type CapKind } from '@/core/rig';
import { drumRules, NEVER_ON_ITS_FACE, type StepTexts } from './setting';

/** How a new cap goes on, by its kind. */
const NEW_CAP: Readonly<Record<CapKind, string>> = {
  plain: 'Start the cap on one side, tap aaround its rim until it is flush.',
  plug: 'Cap on without its plug: start it on one side, tap aaround its rim until it is flush. A stroke or two through the fitting where there is one, wipe, plug in.',
  pressure:
    'Look at the O-ring, start the cap on one side with a block of wood over its rim, tap it home square, then fill until the plate just moves out.',
  screw: 'Look at the O-ring, start the cap by hand, and turn it snug, no more.',
  window: 'Clean faces, a new gasket. Fill to the line after it has stood, and look again.',
};

/** A hub or drum renewed, races, and what is done when something is not as it should be. */
export const HUBS: StepTexts<
  | 'race-out'
  | 'race-in'
  | 'match-hub'
  | 'soak-pin'
  | 'free-drum'
  | 'clear-line'
  | 'grease-off-brake'
  | 'find-washer'
  | 'renew-stud'
  | 'cap-look'
  | 'cap-fit'
  | 'see-hub'
  | 'wipe-spindle'
  | 'unwind-ring'
> = {
  'cap-look': ({ at, axle }) => ({
    short: 'Old cap, the lock',
    title: `Inspect the cap of ${at}, and behind it`,
    how: `Through the wheel. ${axle && capOf(axle) === 'screw' ? 'Turn the old cap out by hand or with a strap, not with a wrench on its edge.' : 'What is left of the old cap comes off with a mallet, turned as it comes.'} Look at the lock: pin, keeper or tang is there, and the nut does not turn by hand. Wipe out what got in.`,
    why: 'A lost cap lets water and grit in; a lost lock lets the wheel go.',
    caution: 'No lock, no towing: report it, and open the hub.',
  }),
  'cap-fit': ({ at, axle }) => ({
    short: 'Grease, new cap',
    title: `Fresh grease and a new cap on ${at}`,
    how: `Grease over the outer bearing, the same kind that is in there. ${NEW_CAP[(axle && capOf(axle)) ?? 'plain']}`,
    why: 'A cap is bought by its size across: measure the bore it sits in, or take the old one along.',
    caution: NEVER_ON_ITS_FACE,
  }),
  'see-hub': ({ at, axle }) => ({
    short: 'See what it is',
    title: `What is behind the cap of ${at}?`,
    how: `Wipe it clean and look: ${[
      ...(axle?.hub === undefined ? ['is there a grease fitting in the end of the spindle'] : []),
      ...(axle?.lock === undefined ? ['what locks the nut: a pin, a sheet-metal keeper, a bent tang'] : []),
    ].join('; and ')}? Say so below, and the card goes on by it.`,
    why: 'A fitting means a drilled spindle, whose pin hole is off center; each lock comes out in its own way.',
    caution:
      'Oil runs out, or there is no nut to be seen: this hub is not opened. Cap back on, and ask its maker.',
  }),
  'wipe-spindle': ({ at }) => ({
    short: 'Spindle clean',
    title: `Clean the spindle of ${at}`,
    how: 'All old grease off: threads, both seats, the seal land, the inside of the plate.',
    why: 'The hub goes aside as it is. What stays is the spindle, and it is inspected bare.',
    caution: 'Gloves, air, no flame near solvent.',
  }),
  'unwind-ring': ({ at }) => ({
    short: 'Broken thread out',
    title: `Get the broken thread out of the hub of ${at}`,
    how: 'The ring of thread sits in the hub. Hook it at its burr with a pick, bend the end in, and unwind it turn by turn. Then wipe the thread of the hub clean.',
    why: 'The next cap cannot be started over what is left of the last one.',
    caution: 'Eyes covered. Nothing of it may fall into the bearing.',
  }),
  'race-out': ({ at }) => ({
    short: 'Old race out',
    title: `Drive the old race out of ${at}`,
    how: 'From inside, a soft drift on the edge of the race, a little on each side in turn. The hub lies on wood.',
    why: 'A new roller on an old race takes the wear of the old one on in weeks.',
    caution: 'Eyes covered: hardened races chip under a hammer.',
  }),
  'race-in': ({ at }) => ({
    short: 'New race seated',
    title: `Seat the new race in ${at}`,
    how: 'Driven in evenly with the old race or a driver on its edge, until the sound turns dull and a light behind shows no gap.',
    why: 'A race that is not home creeps in later, and the nut is loose.',
    caution: 'Eyes covered: hardened races chip under a hammer.',
  }),
  'match-hub': ({ at, axle, fitted }) => ({
    short: 'Match the new one',
    title: `Hold the new hub against the old one of ${at}`,
    how: `Old one beside new one: studs, bolt circle, depth, the bore for the seal.${drumRules(axle)} ${fitted ? 'Its races are installed: check that they are home all around, and that the new rollers are of their numbers.' : 'Its races are loose: they are seated next.'} Old rollers never run in new races.`,
    why: 'Kits bought by rating alone are the wrong ones.',
  }),
  'soak-pin': ({ at }) => ({
    short: 'Free the pin',
    title: `Free the stuck pin of ${at}`,
    how: 'Penetrating oil, ten minutes. Cut the head off, drive the rest through with a punch of its size. Drill only the pin.',
    why: 'The hole in the spindle is what the next pin stands in.',
    caution: 'Eyes covered. No force on the nut before the pin is out.',
  }),
  'free-drum': ({ at }) => ({
    short: 'Free the drum',
    title: `Free the drum of ${at}`,
    how: 'Star wheel further back, the lever held off. Tap around the drum with a mallet. Then straight off.',
    why: 'It hangs on a lip that the shoes have worn. Pull it anyway, and springs break.',
    caution: 'Never a puller on a drum whose shoes still stand out.',
  }),
  'clear-line': ({ at }) => ({
    short: 'Line out',
    title: `Take out what is wound behind the seal of ${at}`,
    how: 'Cut fishing line or string with a blade, every turn of it, without touching the land. Then look at the land.',
    why: 'It cuts the lip, and the new seal weeps as the old one did.',
  }),
  'grease-off-brake': ({ at }) => ({
    short: 'Brake cleaned',
    title: `Get the grease off the brake of ${at}`,
    how: 'Plate, springs and drum with brake cleaner. Linings that have soaked it up are replaced, not cleaned: report them.',
    why: 'A greasy shoe grabs cold and slips hot.',
    caution: 'Gloves, air, no flame near the cleaner. Dust is wiped wet, never blown.',
  }),
  'find-washer': ({ at }) => ({
    short: 'Washer found',
    title: `Find the washer of ${at}, or put one like it in`,
    how: 'Look in the old grease, in the cap, in the rag. Flat or tang to its place on the spindle.',
    why: 'Without it the nut turns with the bearing.',
    caution: 'No washer, no wheel: the card stays here until there is one.',
  }),
  'renew-stud': ({ at }) => ({
    short: 'Stud replaced',
    title: `Replace the sheared stud of ${at}`,
    how: 'Drive the rest out from the front. Draw the new one in with a stack of washers and an old nut, until its head is home. A new nut with it: an old one has shared its load.',
    why: 'The others of that wheel have carried its share: look at each of them.',
    caution: 'Eyes covered.',
  }),
};
