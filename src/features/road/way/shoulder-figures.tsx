'use client';

import { morningPressure, pressureTarget } from '@/core/judge';
import type { UnderWay } from '@/core/log';
import { factValue, isGuess, wheelEnds, type FactId } from '@/core/rig';
import { WARM_RISE } from '@/core/rules';
import { Ruled, threadsOf, type RigView } from '@/features/rigs';
import { to } from '@/links';
import { usePreferences } from '@/store';
import { BASIS_WORDS, capital, FACT_WORDS, factText, measure, threadsWords } from '@/text';
import { LinkButton } from '@/ui';

/** A figure with where it comes from; unknown is said. */
function Row({
  label,
  value,
  source,
  wrong,
}: {
  label: string;
  value: string;
  source: string;
  wrong?: boolean;
}) {
  return (
    <div className="border-line grid grid-cols-[minmax(8rem,1fr)_auto] items-baseline gap-4 border-b py-2">
      <dt>
        {label}
        <span className="text-soft block text-[0.94rem]">{source}</span>
      </dt>
      <dd
        className={
          wrong ? 'text-unknown figures text-xl' : 'figures max-w-[12rem] text-right text-2xl font-semibold'
        }
      >
        {value}
      </dd>
    </div>
  );
}

const ASKED = ['torque', 'socket', 'liftPoint', 'liftHeight'] as const satisfies readonly FactId[];

/** The figures one needs beside the road: pressures to expect warm, torque, socket, jack point, each with its source. */
export function ShoulderFigures({ view, way }: { view: RigView; way: UnderWay }) {
  const { units } = usePreferences();
  const { model, house, rig } = view;
  const target = pressureTarget(model, house);
  const ends = wheelEnds(model);
  const morning = ends.flatMap((end) => morningPressure(rig.read, end, way.at) ?? []);
  const cold = morning.length === ends.length ? Math.min(...morning) : target?.value;
  const most = morning.length === ends.length ? Math.max(...morning) : target?.value;
  const barred = ends.filter((end) => threadsWords(model, threadsOf(view, end)) !== undefined);
  const shown = (pa: number) => measure(pa, 'pressure', units);
  return (
    <section aria-label="Figures for the shoulder">
      <Ruled
        aside={
          <LinkButton look="quiet" className="-mr-4" href={to('papers', rig.id)}>
            Tongue card
          </LinkButton>
        }
      >
        Beside the road
      </Ruled>
      <dl>
        {cold !== undefined && most !== undefined ? (
          <Row
            label="Tires warm, at most"
            value={shown(most * (1 + WARM_RISE.watched))}
            source={`15 % over ${morning.length === ends.length ? 'this morning’s' : 'the target’s'} ${shown(cold)} cold. Over ${shown(most * (1 + WARM_RISE.due))} check it, over ${shown(most * (1 + WARM_RISE.stop))} stop. Never let air out warm.`}
          />
        ) : (
          <Row label="Tires warm" value="not known" source="No cold pressure is on record" wrong />
        )}
        {ASKED.map((id) => {
          const spec = factValue(model, id);
          const source = spec && typeof spec === 'object' && 'source' in spec ? spec.source : undefined;
          const guess = spec && typeof spec === 'object' && 'source' in spec && isGuess(spec as never);
          return spec === undefined ? (
            <Row key={id} label={FACT_WORDS[id].label} value="not known" source="Told under Rig" wrong />
          ) : (
            <Row
              key={id}
              label={FACT_WORDS[id].label}
              value={factText(id, spec as never, units)}
              source={
                guess
                  ? 'A guess: not a figure to tighten to'
                  : source
                    ? capital(BASIS_WORDS[source])
                    : 'As you told it'
              }
              wrong={guess === true}
            />
          );
        })}
      </dl>
      {barred.length > 0 && (
        <p className="border-due mt-3 border-l-4 pl-3">
          <strong>{barred.join(', ')}.</strong> {threadsWords(model, threadsOf(view, barred[0] ?? '1L'))}
        </p>
      )}
    </section>
  );
}
