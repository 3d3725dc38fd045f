import { changedSincePrinted, paperEntry, tongueFigures } from '@/core/record';
import { useRecord } from '@/features/forms';
import type { RigView } from '@/features/rigs';
import { usePreferences } from '@/store';
import { dayInFull, list } from '@/text';
import { tongueCard } from '@/text/papers';
import type { Sheet } from '@/workers/papers';
import { Button, reported } from '@/ui';
import { changedWords } from './changed';
import { Shown } from './shown';
import { useMade } from './use-made';

/** The tongue card: when it was printed, what has changed since, and a new one. */
export function Tongue({ view, sheet }: { view: RigView; sheet: Sheet }) {
  const { units } = usePreferences();
  const record = useRecord();
  const { made, make } = useMade();
  const { rig, model, house, now } = view;
  const printed = rig.papers.tongue;
  const changed = changedSincePrinted(rig, model);
  const empty = Object.keys(tongueFigures(rig, model)).length === 0;
  return (
    <div className="grid gap-4">
      <p className="text-lg">
        Half a page for the tongue box: torque, socket, star, pressures, sizes and numbers, jack point, what
        to do on the shoulder, and a code that carries the same figures as plain text for any phone.
      </p>
      <p className="border-accent border-l-4 pl-4 text-lg">
        {!printed
          ? 'None on record yet.'
          : changed && changed.length > 0
            ? `Printed ${dayInFull(printed.at)}. Changed since: ${list(changedWords(changed))}. Print it again.`
            : `Printed ${dayInFull(printed.at)}. Nothing on it has changed since.`}
        {empty && ' Nothing is known yet that would stand on it: it prints with lines to write on.'}
      </p>
      <div>
        <Button
          look="primary"
          size="lg"
          onClick={() => reported(make(tongueCard(rig, model, house, units, now), sheet))}
        >
          Make the tongue card
        </Button>
      </div>
      <Shown
        made={made}
        name={`${model.name} tongue card.pdf`}
        onKept={() =>
          reported(record(rig.id, [paperEntry('tongue', rig, model)], 'Tongue card: on record as printed'))
        }
      />
    </div>
  );
}
