'use client';

import { useState } from 'react';
import { Button, Dialog, TextArea } from '@/ui';

const REASONS = ['This rig has none', 'Not needed this time', 'Cannot do it now'];

/** A step left out, with the reason that goes on record. */
export function SkipDialog({
  title,
  onSkip,
  onClose,
}: {
  title: string;
  onSkip: (reason: string) => void;
  onClose: () => void;
}) {
  const [reason, setReason] = useState('');
  return (
    <Dialog open onClose={onClose} title="Leave this step out" description={title}>
      <div className="grid gap-3">
        {REASONS.map((one) => (
          <Button key={one} size="lg" onClick={() => onSkip(one)}>
            {one}
          </Button>
        ))}
        <TextArea
          label="Another reason"
          likely="reason"
          value={reason}
          maxLength={200}
          onChange={(event) => setReason(event.target.value)}
        />
        <Button look="primary" size="lg" disabled={reason.trim() === ''} onClick={() => onSkip(reason)}>
          Leave it out
        </Button>
      </div>
    </Dialog>
  );
}
