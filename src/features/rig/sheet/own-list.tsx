'use client';

import { useState } from 'react';
import { X } from 'lucide-react';
import { freeLetter, OWN_ON, ownItems, type Changes, type OwnOn, type RigModel } from '@/core/rig';
import { WALK_WORDS } from '@/text';
import { Button, Field, Select } from '@/ui';

/** What its owner looks at besides: each stands on one of the walks. */
export function OwnList({ model, onTell }: { model: RigModel; onTell: (changes: Changes) => void }) {
  const [name, setName] = useState('');
  const [on, setOn] = useState<OwnOn>('hitch');
  const [tried, setTried] = useState(false);
  const items = ownItems(model);
  const letter = freeLetter(model);
  const add = () => {
    setTried(true);
    if (!letter || name.trim() === '') return;
    onTell({ [`own.${letter}`]: { name: name.trim(), on } });
    setName('');
    setTried(false);
  };
  return (
    <section aria-label="Yours to check" className="mb-6">
      <h2 className="border-ink border-b-2 pb-1.5 text-xl">Yours to check</h2>
      <p className="text-soft mt-2">
        What only this rig has, on the walk it belongs to: a hive strap, a generator, a roof vent.
      </p>
      <ul>
        {items.map((item) => (
          <li key={item.id} className="border-line flex items-center gap-3 border-b px-1 py-1.5">
            <span className="flex-1 font-medium">{item.name}</span>
            <span className="text-soft">{WALK_WORDS[item.on].title}</span>
            <button
              type="button"
              className="grid size-11 place-items-center"
              aria-label={`No longer checked: ${item.name}`}
              onClick={() => onTell({ [`own.${item.id}`]: null })}
            >
              <X aria-hidden size={18} />
            </button>
          </li>
        ))}
      </ul>
      {letter && (
        <form
          noValidate
          className="mt-3 grid items-start gap-3 sm:grid-cols-[minmax(0,1fr)_12rem_auto]"
          onSubmit={(event) => {
            event.preventDefault();
            add();
          }}
        >
          <Field
            label="What to check"
            maxLength={60}
            value={name}
            onChange={(event) => setName(event.target.value)}
            error={tried && name.trim() === '' ? 'Say what it is.' : undefined}
          />
          <Select
            label="On which walk"
            value={on}
            onChange={(value) => setOn(OWN_ON.find((one) => one === value) ?? 'hitch')}
          >
            {OWN_ON.map((one) => (
              <option key={one} value={one}>
                {WALK_WORDS[one].title}
              </option>
            ))}
          </Select>
          <Button type="submit" className="sm:mt-7">
            Put it on the walk
          </Button>
        </form>
      )}
    </section>
  );
}
