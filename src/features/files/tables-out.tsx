'use client';

import { useState } from 'react';
import type { RigView } from '@/features/rigs';
import { useYard, usePreferences } from '@/store';
import { TABLE_WORDS, TABLES_OUT, type TableOut } from '@/text';
import { Button, FieldError, reported, saveFile, Select } from '@/ui';
import { ShareButton } from './share-button';

/** A table of a rig's record as a file that any spreadsheet opens. */
export function TablesOut({ rigs }: { rigs: readonly RigView[] }) {
  const { store } = useYard();
  const { units } = usePreferences();
  const [rig, setRig] = useState(rigs[0]?.rig.id ?? '');
  const [table, setTable] = useState<TableOut>('trips');
  const [problem, setProblem] = useState<string>();
  const named = rigs.find((one) => one.rig.id === rig);
  const made = async () => {
    const words = `${named?.model.name ?? 'rig'} ${TABLE_WORDS[table].split(',')[0] ?? ''}`.toLowerCase();
    return {
      text: await store.send('table', { table, rig, units }),
      name: `yardline-${words.replace(/[^a-z0-9]+/g, '-')}.csv`,
    };
  };
  const save = async () => {
    setProblem(undefined);
    try {
      const { text, name } = await made();
      saveFile(text, 'text/csv', name);
    } catch (error) {
      setProblem(error instanceof Error ? error.message : String(error));
    }
  };
  if (rigs.length === 0) return <p className="text-soft">Once there is a rig, its tables are saved here.</p>;
  return (
    <div className="grid gap-3">
      <div className="grid gap-3 sm:grid-cols-2">
        <Select label="Rig" value={rig} onChange={setRig}>
          {rigs.map((one) => (
            <option key={one.rig.id} value={one.rig.id}>
              {one.model.name}
            </option>
          ))}
        </Select>
        <Select label="Table" value={table} onChange={(value) => setTable(value as TableOut)}>
          {TABLES_OUT.map((one) => (
            <option key={one} value={one}>
              {TABLE_WORDS[one]}
            </option>
          ))}
        </Select>
      </div>
      <div className="flex flex-wrap gap-2.5">
        <Button onClick={() => reported(save())}>Save as CSV</Button>
        <ShareButton
          type="text/csv"
          make={async () => {
            const { text, name } = await made();
            return new File([text], name, { type: 'text/csv' });
          }}
        />
      </div>
      {problem && <FieldError>{problem}</FieldError>}
    </div>
  );
}
