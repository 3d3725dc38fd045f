import { useState } from 'react';
import { placesOfEntry, type Entry } from '@/core/log';
import { paperEntry } from '@/core/record';
import { useRecord } from '@/features/forms';
import type { RigView } from '@/features/rigs';
import { usePreferences, useYard } from '@/store';
import { day, placeName } from '@/text';
import { serviceRecord, type Paper } from '@/text/papers';
import type { Sheet } from '@/workers/papers';
import { Button, Choice, reported } from '@/ui';
import { CheckRecord } from './check-record';
import { Shown } from './shown';
import { useMade } from './use-made';

/** So many pictures go into one file. */
const AT_MOST = 100;

/** The pictures that count, each with where, when and what was said of it. */
function photosOf(entries: readonly Entry[], retracted: ReadonlySet<string>, now: string) {
  return entries.flatMap((entry) =>
    entry.kind === 'photo' && !retracted.has(entry.id)
      ? [
          {
            hash: entry.body.hash,
            caption: [placeName(entry.body.place), day(entry.happened, now), entry.body.note]
              .filter(Boolean)
              .join(', '),
          },
        ]
      : [],
  );
}

/** The service record: the whole life of a rig, with or without its pictures; many pictures go into parts. */
export function ServiceRecord({ view, sheet }: { view: RigView; sheet: Sheet }) {
  const { units } = usePreferences();
  const { store } = useYard();
  const record = useRecord();
  const { made, make } = useMade();
  const [pictures, setPictures] = useState<'with' | 'without'>('with');
  const [parts, setParts] = useState<readonly Paper[]>([]);
  const { rig, model, now } = view;
  const compose = async () => {
    const { entries, retracted, fingerprint, points } = await store.send('recordOf', {
      rig: rig.id,
      at: now,
    });
    const gone = new Set(retracted);
    const photos = pictures === 'with' ? photosOf(entries, gone, now) : [];
    const first = serviceRecord({
      entries,
      retracted: gone,
      rig,
      model,
      system: units,
      printed: now,
      fingerprint,
      photos: photos.slice(0, AT_MOST),
      placesOf: placesOfEntry,
      points,
    });
    const more = Array.from(
      { length: Math.max(0, Math.ceil(photos.length / AT_MOST) - 1) },
      (_, i): Paper => ({
        ...first,
        title: `${first.title}, photos ${i + 2}`,
        blocks: photos
          .slice((i + 1) * AT_MOST, (i + 2) * AT_MOST)
          .map((one) => ({ as: 'photo' as const, ...one })),
      }),
    );
    setParts([first, ...more]);
    await make(first, sheet);
  };
  return (
    <div className="grid gap-4">
      <p className="text-lg">
        The whole life of {model.name} for a buyer, an insurer or yourself: what is open, work and readings by
        place, parts, facts with their sources, trips. What was withdrawn is listed as withdrawn, and each
        page carries a fingerprint that your archive can be held against.
      </p>
      <Choice
        label="Photos"
        columns="grid-cols-2"
        options={[
          { value: 'with', label: 'With photos' },
          { value: 'without', label: 'Without' },
        ]}
        value={pictures}
        onChange={setPictures}
      />
      <div className="flex flex-wrap gap-2.5">
        <Button look="primary" size="lg" onClick={() => reported(compose())}>
          Make the service record
        </Button>
        {parts.length > 1 &&
          parts.map((paper, i) => (
            <Button key={paper.title} size="lg" onClick={() => reported(make(paper, sheet))}>
              Part {i + 1} of {parts.length}
            </Button>
          ))}
      </div>
      <Shown
        made={made}
        name={`${model.name} service record.pdf`}
        onKept={() =>
          reported(record(rig.id, [paperEntry('record', rig, model)], 'Service record: on record as made'))
        }
      />
      <CheckRecord />
    </div>
  );
}
