'use client';

import { useState } from 'react';
import { volumeName } from '@/core/exchange';
import { useLetGo } from '@/features/forms';
import type { RigView } from '@/features/rigs';
import { useYard } from '@/store';
import { count, dateField } from '@/text';
import { Button, Field, FieldError, reported, saveFile, Select } from '@/ui';

/** A rig that was sold: its record handed over as an archive of its own, and then gone from here for good. */
export function LetGo({ rigs }: { rigs: readonly RigView[] }) {
  const { store } = useYard();
  const letRigGo = useLetGo();
  const [rig, setRig] = useState('');
  const [saved, setSaved] = useState<{
    readonly rig: string;
    readonly entries: number;
    readonly said: string;
  }>();
  const [typed, setTyped] = useState('');
  const [problem, setProblem] = useState<string>();
  const view = rigs.find((one) => one.rig.id === rig);
  const name = view?.model.name ?? '';

  const save = async () => {
    setProblem(undefined);
    const at = store.clock.now();
    const name = `yardline-${view?.model.name.toLowerCase().replace(/[^a-z0-9]+/g, '-')}-${dateField(at)}.zip`;
    const said: string[] = [];
    for (let number = 1, of = 1; number <= of; number++) {
      const { file, entries, photos, volume } = await store.send('writeArchive', { rig, at, number });
      of = volume.of;
      const called = volumeName(name, volume);
      saveFile(file, 'application/zip', called);
      said.push(`${called}: ${count(entries, 'entry', 'entries')}, ${count(photos, 'photo')}.`);
      setSaved({ rig, entries, said: said.join(' ') });
    }
  };
  const letGo = async () => {
    if (typed.trim() !== name) return setProblem(`Type the name as it stands: ${name}.`);
    setProblem(undefined);
    await letRigGo(
      { what: 'rig', rig, name: name.slice(0, 80), entries: saved?.entries ?? 0 },
      `${name} is gone from here`,
    );
    setRig('');
    setSaved(undefined);
    setTyped('');
  };
  if (rigs.length === 0) return <p className="text-soft">There is no rig here.</p>;
  return (
    <div className="grid gap-3">
      <p className="text-soft">
        Its whole record goes along as an archive of its own: whoever bought it opens it in a Yardline of
        theirs. After that it can be deleted here for good.
      </p>
      <Select
        label="Rig"
        value={rig}
        onChange={(value) => {
          setRig(value);
          setSaved(undefined);
          setTyped('');
          setProblem(undefined);
        }}
      >
        <option value="">Choose one</option>
        {rigs.map((one) => (
          <option key={one.rig.id} value={one.rig.id}>
            {one.model.name}
          </option>
        ))}
      </Select>
      {view && (
        <>
          <div>
            <Button onClick={() => reported(save())}>Save its record</Button>
          </div>
          {saved?.rig === rig && (
            <>
              <p role="status">Saved {saved.said}</p>
              <div className="border-stop grid gap-3 border-l-4 pl-4">
                <p>
                  <strong>Deleting cannot be taken back.</strong> All{' '}
                  {count(saved.entries, 'entry', 'entries')} of {name}, its pictures and cards leave this
                  device. In a folder in step they go from its files, photos and automatic archives, and from
                  every other device, when each meets next. What you saved, sent or printed yourself keeps it.
                </p>
                <Field
                  label={`Type ${name} to delete it`}
                  value={typed}
                  onChange={(event) => setTyped(event.target.value)}
                />
                {problem && <FieldError>{problem}</FieldError>}
                <div>
                  <Button look="danger" onClick={() => reported(letGo())}>
                    Delete it for good
                  </Button>
                </div>
              </div>
            </>
          )}
        </>
      )}
    </div>
  );
}
