'use client';

import { useState } from 'react';
import type { Around } from '@/core/road';
import { ReadingField } from '@/features/forms';
import { Button, Choice } from '@/ui';

/** What is around, asked once before the walk: one tap begins it. */
export function BeforeWalk({
  pressures,
  hubs,
  onBegin,
}: {
  /** Tires are read on this walk. */
  pressures: boolean;
  /** Hubs are felt or measured on this walk. */
  hubs: boolean;
  onBegin: (around: Around) => void;
}) {
  const [air, setAir] = useState<number>();
  const [warm, setWarm] = useState(false);
  const [tireTemp, setTireTemp] = useState<number>();
  const [altitude, setAltitude] = useState<number>();
  const [hubAt, setHubAt] = useState<'painted' | 'bare-cap'>();
  const [descent, setDescent] = useState(false);
  const around: Around = {
    ...(air !== undefined && { air }),
    ...(altitude !== undefined && { altitude }),
    ...(hubAt && { hubAt }),
    ...(descent && { descent }),
  };
  return (
    <div className="grid max-w-xl gap-5">
      <ReadingField
        label="Air, if you know it"
        what="air"
        dimension="temperature"
        value={air}
        onValue={setAir}
        hint="It brings pressures to one temperature, so that a slow leak shows through the weather."
      />
      {pressures && (
        <details>
          <summary className="text-soft min-h-9 cursor-pointer underline underline-offset-4">
            High up in the mountains
          </summary>
          <div className="mt-2">
            <ReadingField
              label="Altitude"
              what="altitude"
              dimension="height"
              value={altitude}
              onValue={setAltitude}
              hint="A gauge reads about half a psi more for every thousand feet: it is taken out when readings are compared."
            />
          </div>
        </details>
      )}
      {hubs && (
        <details>
          <summary className="text-soft min-h-9 cursor-pointer underline underline-offset-4">
            Hubs by thermometer, or down a long grade
          </summary>
          <div className="mt-2 grid gap-3">
            <Choice
              label="Where the hubs are measured"
              hint="A bare metal cap reads far too cold: paint, rubber or a strip of tape at the hub tells the truth."
              columns="grid-cols-2"
              options={[
                { value: 'painted', label: 'Paint, rubber or tape' },
                { value: 'bare-cap', label: 'A bare cap' },
              ]}
              value={hubAt}
              onChange={setHubAt}
            />
            <label className="flex min-h-11 items-center gap-3 text-lg">
              <input
                type="checkbox"
                className="accent-accent size-7"
                checked={descent}
                onChange={(event) => setDescent(event.target.checked)}
              />
              Down a long grade just now: brakes warm their hubs
            </label>
          </div>
        </details>
      )}
      {!pressures ? (
        <Button look="primary" size="lg" onClick={() => onBegin(around)}>
          Begin
        </Button>
      ) : warm ? (
        <>
          <ReadingField
            label="How warm is the tire, if you can measure it"
            what="tire-temp"
            dimension="temperature"
            value={tireTemp}
            onValue={setTireTemp}
            hint="With it, warm pressures are brought back to cold. Without it a tenth is taken off. Never let air out of a warm tire."
          />
          <div className="grid grid-cols-2 gap-2.5">
            <Button
              look="primary"
              size="lg"
              onClick={() =>
                onBegin({ ...around, tires: 'warm', ...(tireTemp !== undefined && { tireTemp }) })
              }
            >
              Begin, tires warm
            </Button>
            <Button size="lg" onClick={() => setWarm(false)}>
              They are cold
            </Button>
          </div>
        </>
      ) : (
        <div className="grid gap-2.5 sm:grid-cols-2">
          <Button look="primary" size="lg" onClick={() => onBegin({ ...around, tires: 'cold' })}>
            Tires are cold: begin
          </Button>
          <Button size="lg" onClick={() => setWarm(true)}>
            Warm from the road
          </Button>
          <p className="text-soft sm:col-span-2">Cold: parked three hours, or moved less than a mile.</p>
        </div>
      )}
    </div>
  );
}
