'use client';

import { useRouter, useSearchParams } from 'next/navigation';
import { useState } from 'react';
import type { PaperId } from '@/core/log';
import { to } from '@/links';
import { LinkButton, Choice } from '@/ui';
import { RigTabs, WithRig, type RigView, type Rigs } from '@/features/rigs';
import { usePreferences } from '@/store';
import { PAPER_WORDS } from '@/text';
import type { Sheet } from '@/workers/papers';
import { Orders } from './orders';
import { ServiceRecord } from './record';
import { Tongue } from './tongue';

type Ready = Extract<Rigs, { status: 'ready' }>;

const SHOWN: readonly PaperId[] = ['tongue', 'record', 'order', 'card'];

function RigPapers({ view, ready }: { view: RigView; ready: Ready }) {
  const router = useRouter();
  const { units } = usePreferences();
  const wanted = useSearchParams().get('paper');
  const paper = SHOWN.find((one) => one === wanted) ?? 'tongue';
  const [sheet, setSheet] = useState<Sheet>(units === 'us' ? 'letter' : 'a4');
  const { rig } = view;
  return (
    <div className="mx-auto w-full max-w-[70rem] px-4 py-4 md:px-8 md:py-6">
      <RigTabs rigs={ready.rigs} chosen={rig.id} href={(id) => to('papers', id, { paper })} />
      <h1 className="mt-4 text-4xl md:text-5xl">{PAPER_WORDS[paper]}</h1>
      <div className="mt-5 grid gap-x-10 gap-y-6 lg:grid-cols-[minmax(0,1fr)_16rem]">
        <div className="min-w-0">
          {paper === 'tongue' && <Tongue view={view} sheet={sheet} />}
          {paper === 'record' && <ServiceRecord view={view} sheet={sheet} />}
          {paper === 'order' && <Orders view={view} sheet={sheet} />}
          {paper === 'card' && (
            <div className="grid gap-4">
              <p className="text-lg">
                A card on paper is laid out on the Bench: choose the work, then Paper, and print it with boxes
                to tick and lines to write on. What was written is typed in again from there.
              </p>
              <div>
                <LinkButton look="primary" size="lg" href={to('bench', rig.id)}>
                  Choose the work
                </LinkButton>
              </div>
            </div>
          )}
        </div>
        <aside className="order-first grid content-start gap-6 lg:order-none">
          <Choice
            label="Paper"
            columns="grid-cols-2 lg:grid-cols-1"
            options={SHOWN.map((one) => ({ value: one, label: PAPER_WORDS[one] }))}
            value={paper}
            onChange={(one) => router.replace(to('papers', rig.id, { paper: one }))}
          />
          <Choice
            label="Sheet"
            columns="grid-cols-2"
            options={[
              { value: 'letter', label: 'US Letter' },
              { value: 'a4', label: 'A4' },
            ]}
            value={sheet}
            onChange={setSheet}
          />
        </aside>
      </div>
    </div>
  );
}

/** The papers: what is held in the hand and shown to others. */
export function PapersView() {
  return (
    <WithRig promise="Once a rig is set up, its papers are made here: the card for the tongue box, the service record, the order for a shop.">
      {(view, ready) => <RigPapers key={view.rig.id} view={view} ready={ready} />}
    </WithRig>
  );
}
