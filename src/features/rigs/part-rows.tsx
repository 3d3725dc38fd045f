import { partAt, rolledBy } from '@/core/log';
import { partsAt, rolls, type Place } from '@/core/rig';
import { partHref } from './links';
import { Named } from './named';
import type { RigView } from './use-rigs';
import { usePreferences } from '@/store';
import { capital, measure, PART_WORDS, partName } from '@/text';

/** The parts that sit at a place, in rows of a list of facts; those not on record say so. */
export function PartRows({ view, place }: { view: RigView; place: Place }) {
  const { units } = usePreferences();
  const { rig, model } = view;
  return partsAt(model, place).map((kind) => {
    const part = partAt(rig, kind, place);
    const far = part && rolls(part.at) ? rolledBy(rig, part) : 0;
    return (
      <div key={kind} className="contents">
        <dt className="text-soft">{capital(PART_WORDS[kind].one)}</dt>
        <dd className={part ? undefined : 'text-unknown'}>
          <Named href={partHref(rig.id, kind)}>{part ? partName(part, units) : 'not on record'}</Named>
          {part && far > 0 && (
            <span className="text-soft">
              , {part.rolledKnown ? '' : 'at least '}
              {measure(far, 'distance', units)}
            </span>
          )}
        </dd>
      </div>
    );
  });
}
