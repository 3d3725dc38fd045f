'use client';

import { useState } from 'react';
import { partAt } from '@/core/log';
import { parseMoney, parseQuantity, unitFor } from '@/core/base';
import { isWheelEnd, type PartKind, type Place, type Shelf, type ShelfGrade } from '@/core/rig';
import { refitLeft } from '@/core/rules';
import { MoneyFields, moneyWrongs, useRecord } from '@/features/forms';
import { type RigView } from '@/features/rigs';
import { Contradictions } from '@/features/rig/facts';
import { newId } from '@/store';
import { capital, parseWords, PART_WORDS, partName, placeName } from '@/text';
import { Choice, Field, SheetForm } from '@/ui';
import { LaidBy } from './laid-by';
import { PartFields } from './part-fields';
import { usePartDraft } from './use-part-draft';

type How = 'there' | 'new' | 'used';

/** What it cost and where it came from, where either was told. */
function boughtOf(paid: ReturnType<typeof parseMoney> | undefined, from: string) {
  const price = paid?.ok ? paid.value : undefined;
  const where = paid && from.trim();
  return price || where ? { bought: { ...(price && { price }), ...(where && { where }) } } : {};
}

/** A part put on record: one that sits there already, or one fitted now, and what becomes of the old one. */
export function FitForm({
  view,
  kind,
  place,
  label = 'Add it to the log',
  onDone,
}: {
  view: RigView;
  kind: PartKind;
  place: Place | 'shelf';
  label?: string;
  onDone: () => void;
}) {
  const record = useRecord();
  const { rig, model, house } = view;
  const old = place === 'shelf' ? undefined : partAt(rig, kind, place);
  const [how, setHow] = useState<How>(old ? 'new' : 'there');
  const telling = usePartDraft(view, { kind, at: place }, {});
  const { units } = telling;
  const [rolled, setRolled] = useState('');
  const [oldTo, setOldTo] = useState<'shelf' | 'gone'>('gone');
  const [grade, setGrade] = useState<ShelfGrade>('sound');
  const [shelf, setShelf] = useState<Shelf>('home');
  const [price, setPrice] = useState('');
  const [currency, setCurrency] = useState(units === 'us' ? 'USD' : 'EUR');
  const [from, setFrom] = useState('');
  const one = PART_WORDS[kind].one;
  const turns = place !== 'shelf' && isWheelEnd(place);

  const save = async () => {
    const miles =
      rolled.trim() === '' ? undefined : parseQuantity(rolled, 'distance', unitFor('distance', units));
    const paid = parseMoney(price, currency);
    const wrongs = moneyWrongs(paid.ok ? {} : paid.error);
    const facts = telling.read({
      ...(wrongs.amount && { price: wrongs.amount }),
      ...(wrongs.currency && { currency: wrongs.currency }),
      ...(miles && !miles.ok && { rolled: parseWords(miles.error, units) }),
      ...(miles?.ok && miles.value < 0 && { rolled: 'Miles cannot be negative.' }),
    });
    if (!facts) return;
    const known = how === 'new' ? 0 : miles?.ok ? miles.value : undefined;
    // What is fitted now at a wheel end had the wheel off, which is a refit and leaves rechecks.
    const off = how !== 'there' && place !== 'shelf' && isWheelEnd(place) ? [place] : [];
    await record(
      rig.id,
      [
        {
          kind: 'part.fitted',
          body: {
            part: newId(),
            spec: { kind, facts } as never,
            to: place,
            ...(known !== undefined && { rolled: known }),
            ...(how === 'there' && place !== 'shelf' && { there: true as const }),
            ...(place === 'shelf' && { grade, shelf }),
            ...boughtOf(how === 'there' && place !== 'shelf' ? undefined : paid, from),
            ...(old && { old: { to: oldTo, ...(oldTo === 'shelf' && { grade }) } }),
            ...(off.length > 0 && {
              refits: off.map((end) => refitLeft(end, house, model)),
            }),
          },
        },
      ],
      `${capital(one)} on record`,
    );
    onDone();
  };

  return (
    <SheetForm save={save} label={telling.label(label)}>
      {!old && place !== 'shelf' && (
        <Choice
          label={`This ${one}`}
          columns="grid-cols-1 sm:grid-cols-3"
          options={[
            { value: 'there', label: 'Sits there already' },
            { value: 'new', label: 'New, installed now' },
            { value: 'used', label: 'Used, installed now' },
          ]}
          value={how}
          onChange={setHow}
        />
      )}
      {old && (
        <>
          <Choice
            label={`The ${one} that comes in is`}
            columns="grid-cols-2"
            options={[
              { value: 'new', label: 'New' },
              { value: 'used', label: 'Used' },
            ]}
            value={how === 'there' ? 'new' : how}
            onChange={setHow}
          />
          <Choice
            label={`The old one, ${partName(old, units)}`}
            columns="grid-cols-2"
            options={[
              { value: 'gone', label: 'Is gone' },
              { value: 'shelf', label: 'Goes to the shelf' },
            ]}
            value={oldTo}
            onChange={setOldTo}
          />
        </>
      )}
      {(place === 'shelf' || (old && oldTo === 'shelf')) && (
        <LaidBy
          label={old ? 'The old one is' : 'It is'}
          grade={grade}
          onGrade={setGrade}
          {...(!old && { shelf, onShelf: setShelf })}
        />
      )}
      <PartFields {...telling.fields} />
      {how !== 'new' && turns && (
        <Field
          label="Miles on it already, if known"
          unit={unitFor('distance', units)}
          inputMode="decimal"
          hint={`Empty: not known. Its miles at ${placeName(place)} then count as a least figure.`}
          value={rolled}
          onChange={(event) => setRolled(event.target.value)}
          error={telling.errors['rolled']}
        />
      )}
      {(place === 'shelf' || how !== 'there') && (
        <>
          <MoneyFields
            label="Price, if it was bought"
            amount={{
              value: price,
              error: telling.errors['price'],
              onChange: (event) => setPrice(event.target.value),
            }}
            currency={{
              value: currency,
              error: telling.errors['currency'],
              onChange: (event) => setCurrency(event.target.value),
            }}
          />
          <Field
            label="Where it came from"
            maxLength={80}
            value={from}
            onChange={(event) => setFrom(event.target.value)}
          />
        </>
      )}
      {telling.conflicts.length > 0 && <Contradictions conflicts={telling.conflicts} />}
    </SheetForm>
  );
}
