'use client';

import { useState } from 'react';
import type { SaidFinding } from '@/core/routine';
import type { WheelEnd } from '@/core/rig';
import { SEVERITIES } from '@/features/common';
import { Button, Choice, Dialog, SheetForm, TextArea } from '@/ui';

const LEADS = [
  'Stud broken',
  'Nut will not start',
  'Drum hangs on the shoes',
  'Washer missing',
  'Seal was out already',
  'Grease on the brake',
];

/** Something is wrong at the step in hand: it goes with the card, and opens a finding when the card is closed. */
export function ReportDialog({
  place,
  onSay,
  onClose,
}: {
  place: WheelEnd | 'rig';
  onSay: (finding: SaidFinding) => void;
  onClose: () => void;
}) {
  const [verdict, setVerdict] = useState<SaidFinding['verdict']>();
  const [text, setText] = useState('');
  const [tried, setTried] = useState(false);
  return (
    <Dialog
      open
      onClose={onClose}
      title={place === 'rig' ? 'Something is wrong' : `Something is wrong at ${place}`}
      description="The card stays at this step. The finding opens when the card is closed."
    >
      <SheetForm
        label="Keep it with the card"
        save={() => {
          setTried(true);
          if (!verdict || text.trim() === '') return;
          onSay({ place, verdict, text: text.trim() });
          onClose();
        }}
      >
        <div>
          <div className="mb-3 flex flex-wrap gap-2">
            {LEADS.map((lead) => (
              <Button key={lead} className="px-3" onClick={() => setText(lead)}>
                {lead}
              </Button>
            ))}
          </div>
          <TextArea
            label="What"
            maxLength={500}
            value={text}
            onChange={(event) => setText(event.target.value)}
            error={tried && text.trim() === '' ? 'Say what it is.' : undefined}
          />
        </div>
        <Choice
          label="How bad"
          columns="grid-cols-1"
          big
          options={SEVERITIES}
          value={verdict}
          onChange={setVerdict}
          error={tried && !verdict ? 'Choose how bad it is.' : undefined}
        />
      </SheetForm>
    </Dialog>
  );
}
