import type { RigState } from '@/core/log';
import { paperEntry } from '@/core/record';
import type { RigModel } from '@/core/rig';
import type { Card } from '@/core/routine';
import { useRecord } from '@/features/forms';
import { Shown, useMade } from '@/features/logbook/papers';
import { usePreferences } from '@/store';
import { jobsTitle } from '@/text';
import { jobCard } from '@/text/papers';
import { Button, reported } from '@/ui';

/** A card as a PDF: to be saved, or shared to whoever prints it. */
export function AsPdf({
  card,
  model,
  rig,
  sheet,
  now,
}: {
  card: Card;
  model: RigModel;
  rig: RigState;
  sheet: 'letter' | 'a4';
  now: string;
}) {
  const { units } = usePreferences();
  const record = useRecord();
  const { made, make } = useMade();
  return (
    <div className="mb-5 grid gap-4 print:hidden">
      <div>
        <Button onClick={() => reported(make(jobCard(card, model, rig, units, now), sheet))}>
          Make a PDF
        </Button>
      </div>
      <Shown
        made={made}
        name={`${model.name} ${jobsTitle(card.jobs)}.pdf`}
        onKept={() =>
          reported(record(rig.id, [paperEntry('card', rig, model)], 'Job card: on record as made'))
        }
      />
    </div>
  );
}
