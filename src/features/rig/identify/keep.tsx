'use client';

import { useState } from 'react';
import type { Changes } from '@/core/rig';
import { useRecord } from '@/features/forms';
import { type RigView } from '@/features/rigs';
import { Button, reported } from '@/ui';

/** Keeps what was found out with the rig, as measured on the part. */
export function KeepFound({ view, changes, label }: { view: RigView; changes: Changes; label: string }) {
  const record = useRecord();
  const key = JSON.stringify(changes);
  const [kept, setKept] = useState<string>();
  return (
    <Button
      look="primary"
      size="lg"
      disabled={kept === key}
      onClick={() =>
        reported(
          record(view.rig.id, [{ kind: 'rig.changed', body: { changes } }], 'Saved with the rig').then(() =>
            setKept(key),
          ),
        )
      }
    >
      {kept === key ? 'Saved with the rig' : label}
    </Button>
  );
}
