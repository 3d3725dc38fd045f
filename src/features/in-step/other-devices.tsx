'use client';

import { useState } from 'react';
import type { Holds } from '@/core/exchange';
import type { CheckedFiles } from '@/keeper';
import { setPreferences, useAsk, useYard } from '@/store';
import { count, dayAgo, holdsFrom, holdsLines, leftFileWords, metWords, sinceWords } from '@/text';
import { useTaken } from '@/features/files';
import { Button, cx, FieldError, FileButton, Lines, Mark, reported, saveFile } from '@/ui';
import { meet } from './meet';
import { setStep, useStep } from './status';

type Pick = (how: { mode: 'readwrite'; id: string }) => Promise<FileSystemDirectoryHandle>;

const pickOf = (): Pick | undefined => {
  const { showDirectoryPicker } = window as unknown as { readonly showDirectoryPicker?: Pick };
  return showDirectoryPicker?.bind(window);
};

/** What would come in from elsewhere, and whose it is: nothing of it is here before its owner says so. */
function Asked({
  now,
  asks,
  strange,
  pictures = 0,
  onTake,
  onLeave,
}: {
  now: string;
  asks: readonly Holds[];
  /** It speaks of no rig that is here. */
  strange: boolean;
  pictures?: number;
  onTake: () => void;
  onLeave?: { readonly label: string; readonly do: () => void };
}) {
  return (
    <section
      aria-label="What would come in"
      className={cx('grid gap-3 border-l-4 pl-4', strange ? 'border-due' : 'border-accent')}
    >
      {strange && (
        <p>
          <strong>Another yard’s, by the look of it.</strong> It shares no rig with yours. Nothing was taken
          in or written.
        </p>
      )}
      {asks.map((one) => (
        <div key={one.device}>
          <p className="font-semibold">{holdsFrom(one, now)}</p>
          <Lines of={holdsLines(one)} />
        </div>
      ))}
      {pictures > 0 && <p>{count(pictures, 'photo')}</p>}
      <div className="flex flex-wrap gap-2.5">
        <Button look={strange ? 'plain' : 'primary'} onClick={onTake}>
          {strange ? 'It is mine too: put them together' : 'Bring it in'}
        </Button>
        {onLeave && <Button onClick={onLeave.do}>{onLeave.label}</Button>}
      </div>
    </section>
  );
}

/** The folder that devices share, where the browser can hold one. */
function SharedFolder({ now }: { now: string }) {
  const { store } = useYard();
  const status = useStep();
  const [turn, setTurn] = useState(0);
  const asked = useAsk('folder', { of: 'step', ...(turn > 0 && { turn }) } as { of: 'step' });
  const folder = asked.status === 'ready' ? asked.answer : undefined;
  const [problem, setProblem] = useState<string>();

  const choose = async () => {
    setProblem(undefined);
    try {
      const handle = await pickOf()?.({ mode: 'readwrite', id: 'yardline' });
      if (!handle) return;
      await store.send('chooseFolder', { handle });
      setPreferences({ inStep: true });
      setTurn(turn + 1);
      await meet(store, { tapped: true });
      setTurn(turn + 2);
    } catch (error) {
      // Whoever closes the picker wants nothing.
      if (!(error instanceof DOMException && error.name === 'AbortError'))
        setProblem(error instanceof Error ? error.message : String(error));
    }
  };
  const now2 = async (accept = false) => {
    await meet(store, { tapped: true, accept });
    setTurn(turn + 1);
  };
  const forget = async () => {
    await store.send('forgetFolder', { of: 'step' });
    setPreferences({ inStep: false });
    setStep({ at: 'idle' });
    setTurn(turn + 1);
  };
  if (pickOf() === undefined)
    return (
      <p className="text-soft">This browser cannot hold a folder. Files handed over, below, do the same.</p>
    );
  const others = Object.values(folder?.known?.devices ?? {}).sort();
  const latest = others.at(-1);
  return (
    <div className="grid gap-3">
      <p className="text-soft">
        Choose a folder that your own cloud or stick carries to your other devices, and the same one there.
        Each device writes files of its own into it and reads the others’. No account, no server; nothing can
        conflict.
      </p>
      {!folder?.handle ? (
        <div>
          <Button onClick={() => reported(choose())}>Choose a folder</Button>
        </div>
      ) : (
        <>
          <p role="status" aria-label="The folder">
            <strong>{folder.handle.name === '' ? 'Your folder' : folder.handle.name}</strong>:{' '}
            {status.at === 'meeting'
              ? 'meeting the other devices…'
              : folder.known?.at === undefined
                ? 'not met yet.'
                : `last met ${sinceWords(folder.known.at, now)}; ${
                    latest === undefined
                      ? 'no other device has written there yet.'
                      : `${count(others.length, 'other device')}, the last one wrote ${dayAgo(latest, now)}.`
                  }`}{' '}
            {status.at === 'met' && `${metWords(status.done)}.`}
            {status.at === 'met' &&
              status.done.backup &&
              ` An archive was saved there: ${status.done.backup}.`}
          </p>
          {status.at === 'met' && status.done.left.length > 0 && (
            <ul className="grid gap-1.5">
              {status.done.left.map((file) => (
                <li key={file.name} className="flex gap-2.5">
                  <Mark mark="soon" size={20} />
                  {leftFileWords(file)}
                </li>
              ))}
            </ul>
          )}
          {status.at === 'ask' && <p>The browser asks again before it opens the folder: tap “Meet now”.</p>}
          {status.at === 'asks' && (
            <Asked
              now={now}
              asks={status.asks}
              strange={status.strange}
              onTake={() => reported(now2(true))}
              onLeave={{ label: 'Choose another folder', do: () => reported(forget()) }}
            />
          )}
          {status.at === 'met' && status.done.asks.length > 0 && (
            <Asked now={now} asks={status.done.asks} strange onTake={() => reported(now2(true))} />
          )}
          {status.at === 'failed' && (
            <div>
              <FieldError>The folder could not be used: {status.reason}</FieldError>
              <p className="text-soft mt-1">
                Your record here is whole; it goes out the next time the folder can be opened.
              </p>
            </div>
          )}
          <div className="flex flex-wrap gap-2.5">
            <Button disabled={status.at === 'meeting'} onClick={() => reported(now2())}>
              Meet now
            </Button>
            <Button look="quiet" onClick={() => reported(forget())}>
              Forget the folder
            </Button>
          </div>
        </>
      )}
      {problem && <FieldError>{problem}</FieldError>}
    </div>
  );
}

/** The same by hand: a file of what is new, handed over, and files from the other device taken in. */
function ByHand({ now, arrived }: { now: string; arrived: readonly File[] }) {
  const { store } = useYard();
  const [said, setSaid] = useState<string>();
  const [left, setLeft] = useState<readonly string[]>([]);
  const [found, setFound] = useState<CheckedFiles>();

  const send = async (all: boolean) => {
    const file = await store.send('sealedOut', { now: store.clock.now(), all });
    setLeft([]);
    if (!file) return setSaid('Everything was sent already.');
    const out = new File([file.bytes], file.name, { type: 'application/x-ndjson' });
    const text = new File([file.bytes], `${file.name}.txt`, { type: 'text/plain' });
    // Share sheets know few kinds of files: as plain text nearly all of them take it.
    const shared = [out, text].find((one) => navigator.canShare?.({ files: [one] }));
    if (shared)
      await navigator.share({ files: [shared] }).catch(() => saveFile(file.bytes, out.type, file.name));
    else saveFile(file.bytes, out.type, file.name);
    setSaid(`${file.name}: ${count(file.entries, 'entry', 'entries')}. Open it on the other device.`);
  };
  const take = async (files: readonly File[]) => {
    const read = await Promise.all(
      files.map(async (file) => ({ name: file.name, bytes: new Uint8Array(await file.arrayBuffer()) })),
    );
    const checked = await store.send('checkFiles', { files: read });
    setLeft(checked.left.map(leftFileWords));
    const nothing = checked.asks.length + checked.pictures === 0;
    setFound(nothing ? undefined : checked);
    setSaid(nothing && checked.left.length === 0 ? 'Nothing new in it: all of it is here.' : undefined);
  };
  const bring = async () => {
    const done = await store.send('bringFiles', undefined);
    setFound(undefined);
    setLeft(done.left.map(leftFileWords));
    setSaid(`${metWords(done)}.`);
  };
  useTaken(arrived, take);
  return (
    <div className="grid gap-3">
      <h3 className="text-lg">Or hand files over</h3>
      <p className="text-soft">
        Send what is new to the other device by message, mail or stick, and open there what comes from it.
        Twice changes nothing.
      </p>
      <div className="flex flex-wrap gap-2.5">
        <Button onClick={() => reported(send(false))}>Send what is new</Button>
        <FileButton
          label="Open files from another device"
          accept=".ndjson,.txt,.jpg"
          several
          onFiles={(files) => reported(take(files))}
        />
        <Button look="quiet" onClick={() => reported(send(true))}>
          Send everything
        </Button>
      </div>
      {found && (
        <Asked
          now={now}
          asks={found.asks}
          strange={found.strange}
          pictures={found.pictures}
          onTake={() => reported(bring())}
          onLeave={{ label: 'Leave it', do: () => setFound(undefined) }}
        />
      )}
      {said && <p role="status">{said}</p>}
      {left.map((words) => (
        <FieldError key={words}>{words}</FieldError>
      ))}
    </div>
  );
}

/** The same record on more than one device. */
export function OtherDevices({
  now,
  arrived,
}: {
  now: string;
  /** Files from another device that the application was opened with. */
  arrived: readonly File[];
}) {
  return (
    <div className="grid gap-6">
      <SharedFolder now={now} />
      <ByHand now={now} arrived={arrived} />
    </div>
  );
}
