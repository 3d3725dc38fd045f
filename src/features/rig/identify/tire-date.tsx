'use client';

import { useState } from 'react';
import { msOf, formatNumber } from '@/core/base';
import { tireDate } from '@/core/figures';
import { tireAgeLimit } from '@/core/rules';
import type { RigView } from '@/features/rigs';
import { to } from '@/links';
import { dotWords } from '@/text';
import { Field, LinkButton, Mark } from '@/ui';
import { Frame, Outcome, Waiting } from './frame';

/** DOT code to week, year and age. */
export function TireDate({ view }: { view: RigView }) {
  const [code, setCode] = useState('');
  const read = tireDate(code, msOf(view.now));
  const limit = tireAgeLimit(view.house);
  const age = read.ok ? read.value.age : 0;
  const mark = age > limit ? 'due' : age >= Math.min(5, limit - 1) ? 'soon' : 'clear';
  const result =
    code.trim() === '' ? (
      <Waiting>Type the code, and its week, year and age stand here.</Waiting>
    ) : read.ok ? (
      <Outcome
        figure={formatNumber(Math.floor(age * 10) / 10, 1)}
        unit="years"
        says={`Made in week ${read.value.week} of ${read.value.year}, the week of ${read.value.day}.`}
        confirm="The same code on the other wheels: tires of one trailer are often of several years."
      >
        <p className="flex gap-2.5">
          <Mark mark={mark} size={24} spoken />
          {mark === 'due'
            ? `Past your limit of ${limit} years.`
            : mark === 'soon'
              ? `Your limit is ${limit} years: look closely for cracks.`
              : `Within your limit of ${limit} years.`}
        </p>
        <LinkButton href={to('parts', view.rig.id, { kind: 'tire' })}>
          Add it to the log with its tire
        </LinkButton>
      </Outcome>
    ) : (
      <div className="flex gap-3">
        <Mark mark={read.error.code === 'before-2000' ? 'stop' : 'unknown'} size={34} />
        <p className="text-lg">{dotWords(read.error)}</p>
      </div>
    );
  return (
    <Frame
      before="The code stands on one wall only, often the inner one: look with a light before you think it has none."
      photo="The whole code, from DOT to the last digit."
      result={result}
    >
      <Field
        label="Code on the wall"
        hint="All of it, or its last four digits: week, week, year, year."
        big
        value={code}
        onChange={(event) => setCode(event.target.value)}
      />
    </Frame>
  );
}
