import type { UnitSystem } from '@/core/base';
import { TROUBLE_IDS, type TroubleId, type TroubleAnswers } from '@/core/rules';
import { troublePlaces } from '@/core/road';
import type { RigView } from '@/features/rigs';
import { typed } from '@/text';
import { NO_TROUBLE, type TroubleDraft } from './trouble-draft';

const isTrouble = (text: string | null): text is TroubleId => TROUBLE_IDS.some((id) => id === text);

/** Figures that live values answer (K). */
const READ = ['hub', 'mate', 'air'] as const;

type Params = Pick<URLSearchParams, 'get'>;

/** A trouble on a trip under way, before anything is said of it: on the road, so far into the trip; undefined where no trip is under way. */
export function begunUnderWay(
  params: Params,
  { rig }: Pick<RigView, 'rig'>,
  units: UnitSystem,
): TroubleDraft | undefined {
  if (!rig.underWay) return undefined;
  const into = Number(params.get('into') ?? rig.underWay.into);
  return {
    ...NO_TROUBLE,
    met: 'road',
    ...(into > 0 && Number.isFinite(into) && { told: { into: typed(into, 'distance', units, 0) } }),
  };
}

/** A trouble that the live values of a trip called out, as its address has it: what, where, how far into the trip, and what was read; undefined where the address tells of none. */
export function seenUnderWay(
  params: Params,
  view: Pick<RigView, 'model' | 'rig'>,
  units: UnitSystem,
): TroubleDraft | undefined {
  const seen = params.get('seen');
  if (!isTrouble(seen)) return undefined;
  const at = troublePlaces(seen, view.model).find((place) => place === params.get('at'));
  const answers: TroubleAnswers = Object.fromEntries(
    READ.flatMap((id) => {
      const value = Number(params.get(id) ?? NaN);
      return Number.isFinite(value) && value > 200 && value < 800 ? [[id, value]] : [];
    }),
  );
  const begun = begunUnderWay(params, view, units) ?? { ...NO_TROUBLE, met: 'road' };
  return { ...begun, trouble: seen, at, answers };
}
