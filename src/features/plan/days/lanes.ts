import { daysApart, type WorkToPlan, type YardProblem } from '@/core/plan';
import { isWheelEnd, wheelEnds, type RigModel, type WheelEnd } from '@/core/rig';
import { dateField, ROUTINE_WORDS } from '@/text';

/** Something that ripens in a lane: from when it is felt, the likely day, and the span it may fall in (d from the start). */
export interface Ripening {
  readonly names: readonly string[];
  readonly from: number;
  readonly early: number;
  readonly likely: number;
  readonly late: number;
  /** It is due already. */
  readonly due: boolean;
}

/** One lane of the tape: a wheel end, or hitch and body. */
export interface Lane {
  readonly place: WheelEnd | 'body';
  readonly ripening: readonly Ripening[];
}

/** Pickets are drawn over so many days at least before something falls due. */
const GROWS = 42;
/** What falls due within so many days of each other is one picket fence. */
const TOGETHER = 10;

function ripeningOf(work: WorkToPlan, yard: YardProblem, end: number): Ripening | undefined {
  const { band } = work;
  const at = (when: string | undefined) =>
    when === undefined ? undefined : daysApart(yard.from, dateField(when));
  const names = [...new Set(work.jobs.map(({ routine }) => ROUTINE_WORDS[routine].title.toLowerCase()))];
  if (!band) return { names, from: -GROWS, early: 0, likely: 0, late: 0, due: true };
  const early = at(band.early);
  const likely = at(band.likely) ?? early;
  if (likely === undefined || likely > end + GROWS) return undefined;
  const due = likely <= 0;
  return {
    names,
    from: Math.min(likely - GROWS, (early ?? likely) - 14),
    early: Math.max(0, early ?? likely),
    likely: Math.max(0, likely),
    late: Math.max(0, at(band.late) ?? end),
    due,
  };
}

/** The lanes of a rig with what ripens in each; what falls due about the same day stands together. */
export function lanesOf(yard: YardProblem, rig: string, model: RigModel): readonly Lane[] {
  const end = daysApart(yard.from, yard.to);
  const works = yard.works.filter((work) => work.rig === rig);
  const lane = (place: Lane['place']): Lane => {
    const mine = works
      .filter(({ jobs }) =>
        jobs.some((job) => (place === 'body' ? !isWheelEnd(job.place as never) : job.place === place)),
      )
      .flatMap((work) => ripeningOf(work, yard, end) ?? [])
      .sort((a, b) => a.likely - b.likely);
    const ripening: Ripening[] = [];
    for (const one of mine) {
      const last = ripening.at(-1);
      if (last && one.likely - last.likely <= TOGETHER && last.due === one.due)
        ripening[ripening.length - 1] = {
          ...last,
          names: [...new Set([...last.names, ...one.names])],
          early: Math.min(last.early, one.early),
          late: Math.max(last.late, one.late),
        };
      else ripening.push(one);
    }
    return { place, ripening };
  };
  return [lane('body'), ...wheelEnds(model).map(lane)];
}

/** A few names, the rest counted: `brake adjustment, grease +3`. */
export function namesShort(names: readonly string[], most: number): string {
  return names.length <= most
    ? names.join(', ')
    : `${names.slice(0, most).join(', ')} +${names.length - most}`;
}
