import { BellOff } from 'lucide-react';
import { Button, reported } from '@/ui';
import { tryOut, useSounds } from './sound';

/** Said where an alarm would not be heard, with the tap that makes it heard; nothing where it sounds. */
export function SoundNote({ mayTap }: { mayTap: boolean }) {
  const sounds = useSounds();
  if (sounds === 'sounds') return null;
  return (
    <div role="status" className="border-soon flex flex-wrap items-center gap-3 border-l-4 pl-3">
      <BellOff aria-hidden size={22} className="shrink-0" />
      <p className="min-w-0 flex-1">
        {sounds === 'silent'
          ? 'Alarms make no sound on this device as it is: silent switch, volume, or a page that may not sound. Watch the screen.'
          : 'Alarms make no sound before one is tried.'}
      </p>
      {mayTap && (
        <Button onClick={() => reported(tryOut())}>
          {sounds === 'silent' ? 'Try the sound again' : 'Try the alarm sound'}
        </Button>
      )}
    </div>
  );
}
