'use client';

import { useState } from 'react';
import type { BranchId, SaidFinding } from '@/core/routine';
import type { RoutinePlace } from '@/core/rules';
import { SEVERITIES } from '@/features/forms';
import { BRANCH_WORDS, placeName } from '@/text';
import { Button, Choice, Dialog, SheetForm, TextArea } from '@/ui';

const LEADS = ['Nut will not start', 'Grease on the brake', 'Part is missing'];

/** Something is wrong at the step in hand: it goes with the card, and opens a finding when the card is closed. */
export function ReportDialog({
  place,
  branches,
  onBranch,
  onSay,
  onClose,
}: {
  place: RoutinePlace;
  /** What can go otherwise at this step, each with the steps it brings. */
  branches: readonly BranchId[];
  onBranch: (branch: BranchId) => void;
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
      title={place === 'rig' ? 'Something is wrong' : `Something is wrong at ${placeName(place)}`}
      description="The card stays at this step. The finding opens when the card is closed."
    >
      {branches.length > 0 && (
        <section className="border-line mb-5 grid gap-2 border-b pb-5">
          <h3 className="text-lg font-semibold">Is it one of these? The card then takes another route.</h3>
          {branches.map((branch) => (
            <Button
              key={branch}
              size="lg"
              className="justify-start text-left"
              onClick={() => {
                onBranch(branch);
                onClose();
              }}
            >
              {BRANCH_WORDS[branch].label}
            </Button>
          ))}
        </section>
      )}
      <SheetForm
        label="Save it with the card"
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
            likely="finding"
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
