'use client';

import { Command } from 'cmdk';
import { Dialog as Radix } from 'radix-ui';
import { useRouter, useSearchParams } from 'next/navigation';
import { useMemo, useRef, useState } from 'react';
import { flushSync } from 'react-dom';
import { useRigs } from '@/features/rigs';
import { chosenRig, usePreferences } from '@/store';
import { Veil } from '@/ui';
import { findables, found } from './findables';

/** Finds a place, a finding, a part, a page, or the lay-out of some work, and goes there. */
export function FindBox({
  takeTyped,
  onClose,
}: {
  /** What was typed before the box stood there. */
  takeTyped: () => string;
  onClose: () => void;
}) {
  const yard = useRigs();
  const router = useRouter();
  const chosen = useSearchParams().get('rig') ?? chosenRig();
  const { units } = usePreferences();
  const field = useRef<HTMLInputElement>(null);
  const [typed, setTyped] = useState('');
  const all = useMemo(
    () => findables(yard.status === 'ready' ? yard.rigs : [], chosen, units),
    [yard, chosen, units],
  );
  const groups = found(all, typed);
  return (
    <Radix.Root open onOpenChange={(open) => !open && onClose()}>
      <Radix.Portal>
        <Veil />
        <Radix.Content
          aria-describedby={undefined}
          onOpenAutoFocus={(event) => {
            // Not its own way, which selects what stands there: the next letter would replace the early ones.
            event.preventDefault();
            // In one go, once this is drawn: a letter that met the focused, still empty field would replace the early ones.
            queueMicrotask(() => {
              const early = takeTyped();
              flushSync(() => setTyped((now) => early + now));
              field.current?.focus();
            });
          }}
          className="bg-paper border-ink fixed inset-x-0 top-0 z-50 flex max-h-[88dvh] flex-col border-b-2 md:inset-x-auto md:top-[8dvh] md:left-1/2 md:w-[40rem] md:-translate-x-1/2 md:rounded-sheet md:border-2"
        >
          <Radix.Title className="sr-only">Find</Radix.Title>
          <Command shouldFilter={false} label="Find" className="flex min-h-0 flex-col">
            <Command.Input
              ref={field}
              value={typed}
              onValueChange={setTyped}
              placeholder="repack 2R, coupler, a number, a page"
              className="border-line bg-sheet w-full border-b px-5 py-4 text-xl outline-none"
            />
            <Command.List className="min-h-0 overflow-y-auto p-2">
              <Command.Empty className="text-soft px-3 py-4">
                No match. Try a corner, such as 2R, or a job, such as repack.
              </Command.Empty>
              {groups.map(([group, items]) => (
                <Command.Group
                  key={group}
                  heading={group}
                  className="[&_[cmdk-group-heading]]:text-soft [&_[cmdk-group-heading]]:px-3 [&_[cmdk-group-heading]]:pt-3 [&_[cmdk-group-heading]]:pb-1 [&_[cmdk-group-heading]]:text-[0.9rem] [&_[cmdk-group-heading]]:font-semibold"
                >
                  {items.map(({ id, title, more, href }) => (
                    <Command.Item
                      key={id}
                      value={id}
                      onSelect={() => {
                        onClose();
                        router.push(href);
                      }}
                      className="data-[selected=true]:bg-accent-wash flex min-h-11 cursor-pointer flex-wrap items-baseline gap-x-3 rounded-sheet px-3 py-2"
                    >
                      <span className="font-medium">{title}</span>
                      {more && <span className="text-soft text-[0.92rem]">{more}</span>}
                    </Command.Item>
                  ))}
                </Command.Group>
              ))}
            </Command.List>
          </Command>
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
