'use client';

import type { FactId } from '@/core/rig';
import { useRecord } from '@/features/forms';
import { to } from '@/links';
import { usePreferences } from '@/store';
import { FACT_WORDS } from '@/text';
import { Dialog, LinkButton, reported } from '@/ui';
import { FactEditor, factLead, type FactRig } from './fact-editor';

/** Facts that can be found out from what can be measured, and by which helper. */
const HELPED: Partial<Record<FactId, string>> = {
  boltCircle: 'circle',
  tireSize: 'tire',
  loadRange: 'tire',
  pressure: 'tire',
  drum: 'brake',
  mountingBolts: 'brake',
  equalizerSpacing: 'equalizer',
  axleSpacing: 'equalizer',
  wires: 'wires',
  brake: 'wires',
  threadPitch: 'thread',
  slots: 'thread',
  pinHoles: 'thread',
};

/** A fact of a rig in a sheet; what is kept is an entry of its own. */
export function FactDialog({ view, id, onClose }: { view: FactRig; id: FactId; onClose: () => void }) {
  const record = useRecord();
  const { units } = usePreferences();
  const helper = HELPED[id];
  return (
    <Dialog open onClose={onClose} title={FACT_WORDS[id].label} description={factLead(id, units)}>
      <FactEditor
        view={view}
        id={id}
        onKeep={(changes) =>
          reported(
            record(view.rig.id, [{ kind: 'rig.changed', body: { changes } }], 'Saved with the rig').then(
              onClose,
            ),
          )
        }
      />
      {helper && (
        <LinkButton look="quiet" className="mt-1 w-full" href={to('identify', view.rig.id, { by: helper })}>
          Measure it instead
        </LinkButton>
      )}
    </Dialog>
  );
}
