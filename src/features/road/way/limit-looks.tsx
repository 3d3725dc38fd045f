import type { LimitLook } from '@/core/road';
import { usePreferences } from '@/store';
import { capital, findingWords, nextLookWords, placeName, small } from '@/text';
import { Choice } from '@/ui';

/** What it is towed on with, looked at on a stop: each as it was, or worse. */
export function LimitLooks({
  looks,
  looked,
  distance,
  onLooked,
}: {
  looks: readonly LimitLook[];
  looked: Readonly<Record<string, 'same' | 'worse'>>;
  /** How far the rig has rolled in all by now (m). */
  distance: number;
  onLooked: (finding: string, as: 'same' | 'worse') => void;
}) {
  const { units } = usePreferences();
  if (looks.length === 0) return null;
  return (
    <section aria-label="Towed on with" className="grid gap-2.5">
      <h2 className="text-xl">Towed on with</h2>
      {looks.map(({ finding, due }) => {
        const { id, place, limit } = finding;
        const said = findingWords(finding, units);
        const next = nextLookWords(limit, distance, units);
        return (
          <div
            key={id}
            className={due && !looked[id] ? 'border-due border-l-4 pl-3' : 'border-line border-l-4 pl-3'}
          >
            <Choice
              label={capital(place === 'rig' ? said : `${placeName(place)}: ${small(said)}`)}
              columns="grid-cols-2"
              big
              options={[
                { value: 'same', label: 'As it was' },
                { value: 'worse', label: 'Worse: it stays' },
              ]}
              value={looked[id]}
              onChange={(as) => onLooked(id, as)}
            />
            {next && <p className="text-soft mt-1">{next}.</p>}
          </div>
        );
      })}
    </section>
  );
}
