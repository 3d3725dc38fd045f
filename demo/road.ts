import { foldEntries, type Entry } from '../src/core/log';
import { troubleEntries, type TroubleTold } from '../src/core/record';
import { HOUSE_DEFAULT, type KitFigure, type KitId } from '../src/core/rules';
import type { Thickener } from '../src/core/figures';
import { at, fahrenheit, inch, lb, lbft, mi, psi, type Diary } from './diary';
import { JUNIPER } from './juniper';

/** What is told of one rig on the road, upon what its diary had. */
class Road {
  constructor(
    private readonly diary: Diary,
    private readonly told: readonly Entry[],
  ) {}

  private rigAt(when: number) {
    const now = new Date(when + this.diary.shift).toISOString();
    const before = [...this.told, ...this.diary.entries].filter(({ happened }) => happened <= now);
    const rig = foldEntries(before).state.rigs[this.diary.rig];
    if (!rig?.model) throw new Error('a trouble of a rig that is not set up');
    return { rig, model: rig.model, now };
  }

  /** Tells a trouble that was met at a day and hour, as its page does. */
  trouble(
    day: string,
    hour: number,
    met: Omit<TroubleTold, 'photos' | 'used' | 'underWay'> & { readonly used?: readonly KitId[] },
  ): void {
    const then = at(day, hour);
    const { diary } = this;
    const about = { ...this.rigAt(then), house: HOUSE_DEFAULT, newId: () => diary.id(then + diary.shift) };
    for (const draft of troubleEntries({ used: [], ...met, underWay: true, photos: [] }, about))
      diary.write(draft.kind, draft.happened ? Date.parse(draft.happened) - diary.shift : then, draft.body, {
        recorded: then + 600_000,
        ...(draft.id !== undefined && { id: draft.id }),
      });
  }

  /** A trip by the trailer's own meter, which has gained its miles. */
  trip(day: string, miles: number, note: string): void {
    const { rig } = this.rigAt(at(day));
    const reading = (rig.meter?.reading ?? 0) + mi(miles);
    this.diary.trip(day, miles, { reading, note });
  }

  /** Closes on a morning what troubles had left open. */
  close(day: string, how: string): void {
    const { rig } = this.rigAt(at(day, 8));
    for (const { id, of } of Object.values(rig.findings))
      if (of && 'trouble' in of) this.diary.write('finding.closed', at(day, 9), { finding: id, how });
  }

  /** Says what is aboard, with its figures, and what is not. */
  kit(
    day: string,
    aboard: Readonly<Partial<Record<KitId, Readonly<Partial<Record<KitFigure, number>>>>>>,
    not: readonly KitId[],
    grease?: Thickener,
  ): void {
    this.diary.write('kit', at(day, 10), {
      items: [
        ...(Object.entries(aboard) as [KitId, Record<string, number>][]).map(([item, figures]) => ({
          item,
          aboard: true,
          ...(Object.keys(figures).length > 0 && { figures }),
          ...(item === 'grease' && grease && { thickener: grease }),
        })),
        ...not.map((item) => ({ item, aboard: false })),
      ],
    });
  }
}

/** Juniper on the road: a fuse, a warm hub, and a box that is looked after. */
export function juniperRoad(diary: Diary, told: readonly Entry[]): void {
  const road = new Road(diary, told);
  road.trouble('2024-07-27', 20, {
    trouble: 'lights',
    place: 'rig',
    answers: { which: 'running', time: 'day' },
    outcome: 'done',
    where: 'Campground, before leaving',
    did: 'Fuse gone in the car, a spare put in; a chafed wire taped behind the bumper.',
    minutes: 25,
  });
  road.close('2024-07-28', 'Wire spliced and sleeved');
  road.trouble('2025-07-05', 14, {
    trouble: 'hot',
    place: '2R',
    answers: { hub: fahrenheit(152), mate: fahrenheit(121), air: fahrenheit(84) },
    outcome: 'open',
    into: mi(74),
    where: 'Rest area at the pass',
    did: 'Twenty minutes in the shade, then 118 °F at both. Felt again at every stop.',
    helped: 'A neighbor from the next spot with a thermometer',
    minutes: 35,
  });
  road.close('2025-07-06', 'Brake backed off two clicks; as warm as its mate since');
  road.kit(
    '2026-04-18',
    {
      jack: {
        closed: inch(6),
        raised: inch(16),
        capacity: lb(6000),
        sag: inch(3),
        droop: inch(2),
      },
      blocks: { height: inch(9) },
      stand: { capacity: lb(6000) },
      chocks: { count: 4 },
      'drive-up': { height: inch(5) },
      socket: { size: JUNIPER.wheels.socket?.value ?? inch(13 / 16) },
      bar: {},
      wrench: { least: lbft(20), most: lbft(150) },
      'spare-fits': {},
      gauge: { reach: psi(100) },
      inflator: { reach: psi(120), minutes: 4 },
      pins: {},
      'hand-tools': {},
      thermometer: {},
      spoon: {},
      grease: {},
      fuses: {},
      wire: {},
      triangles: {},
      vest: {},
      lamp: {},
      gloves: {},
      'rags-and-water': {},
      'plastic-and-tape': {},
    },
    ['bulbs', 'test-lamp', 'nuts', 'stud', 'link', 'plug-kit', 'breakaway-cable', 'charger-lead'],
    'lithium-complex',
  );
}

/** Hive Cart on the road: a strap, a nail that is towed on with, and what happens to lie in the tool box. */
export function hiveCartRoad(diary: Diary, told: readonly Entry[]): void {
  const road = new Road(diary, told);
  road.trouble('2025-08-06', 15, {
    trouble: 'strap',
    place: 'tieDowns',
    answers: { which: 'tie-down', limit: 'half-the-cargo' },
    outcome: 'open',
    where: 'On the gravel road behind the mill',
    did: 'Ratchet strap frayed at the deck edge. Spare strap on, a rag under it where it rubs.',
    minutes: 20,
  });
  road.close('2025-08-09', 'New straps, deck edge filed round');
  road.kit(
    '2026-03-21',
    {
      jack: { closed: inch(7), raised: inch(15), capacity: lb(4000) },
      chocks: { count: 2 },
      socket: { size: inch(3 / 4) },
      bar: {},
      gauge: { reach: psi(60) },
      inflator: { reach: psi(100), minutes: 6 },
      'hand-tools': {},
      strap: { rating: lb(3300), count: 4 },
      gloves: {},
      triangles: {},
    },
    ['wrench', 'stand', 'plug-kit', 'bulbs', 'nuts'],
  );
  road.trouble('2026-05-15', 8, {
    trouble: 'nail',
    place: '2R',
    answers: {
      target: psi(50),
      first: psi(50),
      second: psi(49.5),
      stood: 'yes',
      danger: 'no',
      where: 'crown',
    },
    outcome: 'open',
    where: 'Orchard gate, the lane from the main road',
    did: 'Roofing nail in the crown. Left in, read ten minutes apart.',
    minutes: 15,
  });
  road.trip('2026-05-15', 26, 'hives home, read at the halfway stop');
}

/** The shelf of all rigs: grease and pins, counted before the season. */
export function shelfOfAll(diary: Diary): void {
  const usd = (amount: number) => ({ amount, currency: 'USD' });
  diary.write('supply', at('2026-04-11', 10), { supply: 'bearing-grease', counted: 0.12, stroke: 0.0009 });
  diary.write('supply', at('2026-04-25', 12), {
    supply: 'bearing-grease',
    bought: 0.397,
    thickener: 'lithium-complex',
    price: usd(9.49),
    where: 'Parts counter',
  });
  diary.write('supply', at('2026-04-11', 10), { supply: 'pins', counted: 9 });
  diary.write('supply', at('2026-04-11', 11), { supply: 'brake-cleaner', counted: 2 });
}
