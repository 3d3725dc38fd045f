'use client';

import Link from 'next/link';
import { useState } from 'react';
import { limitUsed, nextLook, type FindingLimit, type FindingState, type RigState } from '@/core/log';
import { formatQuantity, parseQuantity, unitFor, markOfVerdict } from '@/core/base';
import { roadLookEntries } from '@/core/record';
import { usePreferences } from '@/store';
import { findingWords, leftWords, nextLookWords, pastWords, placeName } from '@/text';
import { Button, Field, Mark, reported, Tape, useOnce } from '@/ui';
import { useRecord } from './use-record';

/** A look at its miles: how far it has been towed since, and whether it is as it was. */
function LookForm({
  finding,
  limit,
  rig,
  onDone,
}: {
  finding: FindingState;
  limit: FindingLimit;
  rig: Pick<RigState, 'id' | 'distance'>;
  onDone: () => void;
}) {
  const { units } = usePreferences();
  const record = useRecord();
  const once = useOnce();
  const used = limitUsed(limit, rig.distance);
  const [text, setText] = useState(
    () => formatQuantity(Math.max(nextLook(limit) ?? 0, used), 'distance', units, 0).number,
  );
  const [error, setError] = useState<string>();
  const unit = unitFor('distance', units);
  const look = (fine: boolean) =>
    once(async () => {
      const read = parseQuantity(text, 'distance', unit);
      if (!read.ok || read.value < 0 || read.value > 5e6) return setError(`A number, in ${unit}.`);
      // What is logged already is not taken back by a smaller figure.
      if (read.value < limit.driven - 1)
        return setError(
          `At the last check it was ${formatQuantity(limit.driven, 'distance', units, 0).number} ${unit}: it cannot be less now.`,
        );
      const written = await record(
        rig.id,
        roadLookEntries(finding, read.value, fine, rig),
        fine ? 'Check logged' : 'Logged: do not tow it any farther',
      );
      if (written.length > 0) onDone();
    });
  return (
    <div className="mt-3 grid gap-3">
      <Field
        label="Towed since it began"
        big
        inputMode="decimal"
        unit={unit}
        value={text}
        error={error}
        onChange={(event) => {
          setText(event.target.value);
          setError(undefined);
        }}
      />
      <div className="grid gap-2.5 sm:grid-cols-2">
        <Button look="primary" size="lg" onClick={() => reported(look(true))}>
          As it was
        </Button>
        <Button size="lg" onClick={() => reported(look(false))}>
          Worse: it stays
        </Button>
      </div>
    </div>
  );
}

/** Something a rig is towed on with: how far it may still go, how fast, and the next look. */
export function LimitCard({
  finding,
  rig,
  href,
  beside = false,
}: {
  finding: FindingState;
  rig: Pick<RigState, 'id' | 'distance'>;
  /** Where the finding has its page; left out on that page. */
  href?: string;
  /** Others stand beside it, and all together it may roll less far: these are its own figures. */
  beside?: boolean;
}) {
  const { units } = usePreferences();
  const [looking, setLooking] = useState(false);
  const { limit, past, place, verdict } = finding;
  if (!limit) return null;
  const words = leftWords(limit, rig.distance, units);
  const look = past ? undefined : nextLookWords(limit, rig.distance, units);
  return (
    <div>
      {href && (
        <div className="mb-1 flex items-start gap-3">
          <span className="mt-1 shrink-0">
            <Mark mark={markOfVerdict(verdict)} size={22} />
          </span>
          <Link prefetch={false} href={href} className="text-lg font-semibold underline underline-offset-4">
            {placeName(place)}: {findingWords(finding, units)}
          </Link>
        </div>
      )}
      <p className="figures text-2xl font-semibold">
        {past ? pastWords(past) : beside ? `By itself: ${words}` : words}
      </p>
      <div className="mt-1 max-w-[34rem]">
        <Tape
          used={limitUsed(limit, rig.distance)}
          limit={limit.distance}
          mark={past ? 'stop' : 'due'}
          label={words}
        />
      </div>
      {look && <p className="text-lg">{look}.</p>}
      {!past &&
        (looking ? (
          <LookForm finding={finding} limit={limit} rig={rig} onDone={() => setLooking(false)} />
        ) : (
          <Button className="mt-2" size="lg" onClick={() => setLooking(true)}>
            I checked it
          </Button>
        ))}
    </div>
  );
}
