'use client';

import { useState } from 'react';
import {
  DATE_STYLES,
  TABLE_FIELDS,
  TABLES_IN,
  type Mapping,
  type TableField,
  type TableIn,
} from '@/core/exchange';
import type { RigView } from '@/features/rigs';
import type { CheckedTable } from '@/keeper';
import { askToKeepOnce, isStopped, useYard, usePreferences } from '@/store';
import { count, day, FIELD_WORDS, rowProblemWords, TABLE_IN_WORDS, tableProblemWords } from '@/text';
import { useTaken } from './arrivals';
import { Button, Choice, Field, FieldError, FileButton, reported, Select } from '@/ui';

type Sound = Extract<CheckedTable, { ok: true }>;
type Stage =
  | { readonly at: 'idle' }
  | { readonly at: 'reading'; readonly share: number; readonly stop: AbortController }
  | { readonly at: 'refused'; readonly why: string }
  | { readonly at: 'checked'; readonly table: Sound }
  | { readonly at: 'bringing' }
  | { readonly at: 'done'; readonly added: number };

const DATES: Record<(typeof DATE_STYLES)[number], string> = {
  ymd: 'Year first: 2026-05-16',
  mdy: 'Month first: 5/16/2026',
  dmy: 'Day first: 16.5.2026',
};

/** How the columns are taken, to be set otherwise. */
function MappingFields({
  kind,
  table,
  onChange,
}: {
  kind: TableIn;
  table: Sound;
  onChange: (mapping: Mapping) => void;
}) {
  const { mapping, head } = table;
  const { must, may } = TABLE_FIELDS[kind];
  const fields: readonly TableField[] = [...must, ...may];
  return (
    <div className="grid gap-3 sm:grid-cols-2">
      {fields.map((field) => (
        <Select
          key={field}
          label={`${FIELD_WORDS[field]}${(must as readonly TableField[]).includes(field) ? '' : ', if there is one'}`}
          value={String(mapping.columns[field] ?? '')}
          onChange={(value) => {
            const columns = { ...mapping.columns };
            delete columns[field];
            onChange({
              ...mapping,
              columns: value === '' ? columns : { ...columns, [field]: Number(value) },
            });
          }}
        >
          <option value="">No column</option>
          {head.map((name, column) => (
            <option key={`${name} ${column}`} value={column}>
              {name === '' ? `Column ${column + 1}` : name}
            </option>
          ))}
        </Select>
      ))}
      <Select
        label="How days are written"
        value={mapping.dates}
        onChange={(dates) => onChange({ ...mapping, dates: dates as Mapping['dates'] })}
      >
        {DATE_STYLES.map((style) => (
          <option key={style} value={style}>
            {DATES[style]}
          </option>
        ))}
      </Select>
      <Select
        label="How numbers are written"
        value={mapping.decimal}
        onChange={(decimal) => onChange({ ...mapping, decimal: decimal as Mapping['decimal'] })}
      >
        <option value=".">1,234.5</option>
        <option value=",">1.234,5</option>
      </Select>
      {kind === 'trips' && (
        <Select
          label="Distance is in"
          value={mapping.miles}
          onChange={(miles) => onChange({ ...mapping, miles: miles as Mapping['miles'] })}
        >
          <option value="mi">miles</option>
          <option value="km">kilometers</option>
        </Select>
      )}
    </div>
  );
}

/** Trips, readings or work from a table: guessed, shown row by row, and written in one piece or not at all. */
export function TablesIn({
  rigs,
  now,
  arrived,
}: {
  rigs: readonly RigView[];
  now: string;
  /** A table that the application was opened with. */
  arrived: readonly File[];
}) {
  const { store } = useYard();
  const { units } = usePreferences();
  const [currency, setCurrency] = useState('USD');
  const [rig, setRig] = useState(rigs[0]?.rig.id ?? '');
  const [kind, setKind] = useState<TableIn>('trips');
  const [file, setFile] = useState<{ readonly name: string; readonly text: string }>();
  const [stage, setStage] = useState<Stage>({ at: 'idle' });

  const read = async (text: string, of: TableIn, mapping?: Mapping, money = currency) => {
    const stop = new AbortController();
    const reading = (share: number) => setStage({ at: 'reading', share, stop });
    reading(0);
    try {
      const ask = {
        text,
        kind: of,
        rig,
        units,
        currency: money,
        now,
        ...(mapping && { mapping }),
      };
      const table = await store.send('checkTable', ask, {
        signal: stop.signal,
        ends: true,
        onProgress: reading,
      });
      setStage(
        table.ok ? { at: 'checked', table } : { at: 'refused', why: tableProblemWords(table.problem) },
      );
    } catch (error) {
      setStage(
        isStopped(error)
          ? { at: 'idle' }
          : { at: 'refused', why: error instanceof Error ? error.message : String(error) },
      );
    }
  };
  const open = async (chosen: File) => {
    const text = await chosen.text();
    setFile({ name: chosen.name, text });
    await read(text, kind);
  };
  useTaken(arrived, async ([file]) => {
    if (file) await open(file);
  });
  const bring = async () => {
    setStage({ at: 'bringing' });
    try {
      const added = await store.send('bringTable', { now: store.clock.now() });
      askToKeepOnce();
      setStage({ at: 'done', added });
    } catch (error) {
      setStage({ at: 'refused', why: error instanceof Error ? error.message : String(error) });
    }
  };
  if (rigs.length === 0)
    return (
      <p className="text-soft">
        Set up the rig first: then its trips, readings and work can come from a table.
      </p>
    );
  const table = stage.at === 'checked' ? stage.table : undefined;
  return (
    <div className="grid gap-4">
      <p className="text-soft">
        From a spreadsheet or another logbook, saved as CSV. Nothing is written before you have seen what each
        row becomes; the same file twice adds nothing.
      </p>
      <div className="grid gap-3 sm:grid-cols-2">
        <Select label="For" value={rig} onChange={setRig}>
          {rigs.map((one) => (
            <option key={one.rig.id} value={one.rig.id}>
              {one.model.name}
            </option>
          ))}
        </Select>
        <Choice
          label="It holds"
          columns="grid-cols-3"
          options={TABLES_IN.map((value) => ({ value, label: TABLE_IN_WORDS[value] }))}
          value={kind}
          onChange={(value) => {
            setKind(value);
            if (file) reported(read(file.text, value));
          }}
        />
      </div>
      {kind === 'work' && (
        <p className="text-soft text-[0.92rem]">
          A wheel that was off within the last 30 days opens its lug rechecks; what is older is taken to have
          settled.
        </p>
      )}
      <FileButton
        label="Choose a table"
        accept=".csv,.txt,.tsv,text/csv"
        onFile={(one) => reported(open(one))}
      />
      {stage.at === 'reading' && (
        <div className="flex flex-wrap items-center gap-4">
          <p role="status">
            Reading every row…{' '}
            {stage.share > 0 && <span className="figures">{Math.round(stage.share * 100)} %</span>}
          </p>
          <Button onClick={() => stage.stop.abort()}>Stop</Button>
        </div>
      )}
      {stage.at === 'refused' && (
        <div>
          <FieldError>{stage.why}</FieldError>
          <p className="text-soft mt-1">{file?.name} was not brought in. Nothing was changed.</p>
        </div>
      )}
      {table && file && (
        <div className="border-accent grid gap-4 border-l-4 pl-4">
          <p>
            <strong>{file.name}</strong>: {count(table.rows, 'row')}. {count(table.fresh, 'row')} would be
            added
            {table.known > 0 && `, ${table.known} ${table.known === 1 ? 'is' : 'are'} here already`}
            {table.refusedInAll > 0 &&
              `, ${table.refusedInAll} ${table.refusedInAll === 1 ? 'is' : 'are'} refused`}
            .
          </p>
          <MappingFields
            kind={kind}
            table={table}
            onChange={(mapping) => reported(read(file.text, kind, mapping))}
          />
          {kind === 'work' && table.mapping.columns.cost !== undefined && (
            <Field
              label="Money"
              hint="Three letters, such as USD."
              maxLength={3}
              autoCapitalize="characters"
              value={currency}
              error={/^[A-Z]{3}$/.test(currency) ? undefined : 'Three letters, such as USD.'}
              onChange={(event) => {
                const next = event.target.value.toUpperCase();
                setCurrency(next);
                if (/^[A-Z]{3}$/.test(next)) reported(read(file.text, kind, table.mapping, next));
              }}
            />
          )}
          {table.shown.length > 0 && (
            <div>
              <h3 className="text-lg">What the first rows become</h3>
              <ul>
                {table.shown.map(({ line, title, happened }) => (
                  <li key={line} className="border-line border-b py-1.5">
                    <span className="text-soft">Row {line}:</span> {day(happened, now)}, {title}
                  </li>
                ))}
              </ul>
            </div>
          )}
          {table.refusedInAll > 0 && (
            <details open={table.fresh === 0}>
              <summary className="min-h-11 cursor-pointer py-2 font-semibold">
                Refused, {table.refusedInAll}
              </summary>
              <ul>
                {table.refused.map(({ line, why }) => (
                  <li key={line} className="border-line border-b py-1.5">
                    <span className="text-soft">Row {line}:</span> {rowProblemWords(why)}
                  </li>
                ))}
              </ul>
            </details>
          )}
          <div className="flex flex-wrap gap-2.5">
            {table.fresh > 0 && (
              <Button look="primary" onClick={() => reported(bring())}>
                Bring {count(table.fresh, 'row')} in
              </Button>
            )}
            <Button onClick={() => setStage({ at: 'idle' })}>{table.fresh > 0 ? 'Cancel' : 'Good'}</Button>
          </div>
        </div>
      )}
      {stage.at === 'bringing' && <p role="status">Writing them…</p>}
      {stage.at === 'done' && <p role="status">{count(stage.added, 'row')} brought in.</p>}
    </div>
  );
}
