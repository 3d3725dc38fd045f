import { decisionEntry } from '@/core/record';
import type { RigStanding } from '@/core/road';
import { TakenUp, useRecord, useSheetForm } from '@/features/forms';
import type { RigView } from '@/features/rigs';
import { usePreferences } from '@/store';
import { limitsWhy, reasonWords, rollWords } from '@/text';
import { Dialog, SheetForm, TextArea } from '@/ui';

/** Driving on against what stands is its owner's choice, on record with why. */
export function AgainstDialog({
  view,
  standing,
  onDriven,
  onClose,
}: {
  view: RigView;
  standing: RigStanding;
  onDriven: () => void;
  onClose: () => void;
}) {
  const record = useRecord();
  const { units } = usePreferences();
  const form = useSheetForm('drive-on', view.rig.id, { why: '' });
  const { why } = form.values;
  const { limits, against } = standing;
  const said = [
    ...(limits ? [`${rollWords(limits, units)}. ${limitsWhy(limits, units, view.now)}`] : []),
    ...against.map((reason) => reasonWords(reason, units, view.now)),
  ];
  const save = () =>
    form.submit(
      { why: why.trim() === '' ? 'Say why: it goes on record with the trip.' : undefined },
      async () => {
        const written = await record(
          view.rig.id,
          [decisionEntry(limits?.by, { decided: `Drove on against: ${said[0] ?? ''}`, why })],
          'On record: driven on against it',
          [],
          [form.key],
        );
        if (written.length > 0) onDriven();
      },
    );
  return (
    <Dialog open onClose={onClose} title="Drive on against it?" description={said.join(' ')}>
      <SheetForm save={save} label="Drive on, on record">
        <TakenUp since={form.since} onStartOver={form.startOver} />
        <TextArea label="Why" maxLength={500} {...form.field('why')} />
      </SheetForm>
    </Dialog>
  );
}
