'use client';

import { useState } from 'react';
import { Dialog, SheetForm, TextArea } from '@/ui';

/** A rig retired: sold, lent, laid by. Its record stays and it can be brought back. */
export function RetireDialog({
  name,
  onRetire,
  onClose,
}: {
  name: string;
  onRetire: (reason: string) => void;
  onClose: () => void;
}) {
  const [reason, setReason] = useState('');
  return (
    <Dialog
      open
      onClose={onClose}
      title={`Retire ${name}`}
      description="It leaves the Yard and makes nothing due. Its record stays, and it can be brought back in Keep."
    >
      <SheetForm save={() => onRetire(reason.trim())} label="Retire it">
        <TextArea
          label="Why, if you like"
          maxLength={500}
          value={reason}
          onChange={(event) => setReason(event.target.value)}
        />
      </SheetForm>
    </Dialog>
  );
}
