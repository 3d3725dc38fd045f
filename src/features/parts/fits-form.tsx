import { useState } from 'react';
import { plainNumber, type FitsBody, type PartState } from '@/core/log';
import { SOURCES, type Source } from '@/core/rig';
import { useRecord } from '@/features/forms';
import type { RigView } from '@/features/rigs';
import { BASIS_WORDS, SOURCE_WORDS } from '@/text';
import { Field, Select, SheetForm } from '@/ui';

/** The numbers of a part that another maker has one of his own for. */
export function numbersOf(part: PartState): readonly (readonly [FitsBody['fact'], string])[] {
  return (['number', 'roller', 'race'] as const).flatMap((fact) => {
    const value = part.facts[fact]?.value;
    return value === undefined ? [] : [[fact, String(value)] as const];
  });
}

const FACT = { number: 'number', roller: 'roller', race: 'race' } as const;

/** What its owner says fits in place of a part's number. */
export function AlsoFits({ view, part }: { view: RigView; part: PartState }) {
  const own = numbersOf(part).map(([, number]) => plainNumber(number));
  const told = view.rig.fits.filter(
    (one) =>
      one.kind === part.kind &&
      own.some((number) => [one.number, one.also].map(plainNumber).includes(number)),
  );
  if (told.length === 0) return null;
  return (
    <ul className="mt-3">
      {told.map((one) => (
        <li key={`${one.fact} ${one.number} ${one.also}`} className="text-soft">
          {own.includes(plainNumber(one.number)) ? one.also : one.number} fits as well,{' '}
          {BASIS_WORDS[one.source]}
        </li>
      ))}
    </ul>
  );
}

/** Another number that fits, with who says so: both halves of a bearing are told by themselves. */
export function FitsForm({ view, part, onDone }: { view: RigView; part: PartState; onDone: () => void }) {
  const record = useRecord();
  const numbers = numbersOf(part);
  const [fact, setFact] = useState<FitsBody['fact']>(numbers[0]?.[0] ?? 'number');
  const [also, setAlso] = useState('');
  const [source, setSource] = useState<(typeof SOURCES)[number]>('counter');
  const [error, setError] = useState<string>();
  const number = numbers.find(([one]) => one === fact)?.[1] ?? '';
  const save = async () => {
    if (also.trim() === '') return setError('The number that fits as well.');
    if (plainNumber(also) === plainNumber(number)) return setError('This is the same number.');
    await record(
      view.rig.id,
      [{ kind: 'fits', body: { kind: part.kind, fact, number, also: also.trim(), source } }],
      'Saved: it counts as the same part',
    );
    onDone();
  };
  return (
    <SheetForm save={save} label="Save it">
      {numbers.length > 1 && (
        <Select label="In place of" value={fact} onChange={(to) => setFact(to as FitsBody['fact'])}>
          {numbers.map(([one, value]) => (
            <option key={one} value={one}>
              {FACT[one]} {value}
            </option>
          ))}
        </Select>
      )}
      <Field
        label={`Fits in place of ${number}`}
        maxLength={40}
        value={also}
        error={error}
        onChange={(event) => {
          setAlso(event.target.value);
          setError(undefined);
        }}
      />
      <Select label="Who says so" value={source} onChange={(to) => setSource(to as typeof source)}>
        {SOURCES.map((one: Source) => (
          <option key={one} value={one}>
            {SOURCE_WORDS[one]}
          </option>
        ))}
      </Select>
    </SheetForm>
  );
}
