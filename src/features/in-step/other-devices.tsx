'use client';

import { useState } from 'react';
import { setPreferences, useAsk, useYard } from '@/store';
import { count, dayAgo, leftFileWords, list, metWords, sinceWords } from '@/text';
import { useTaken } from '@/features/files';
import { Button, FieldError, FileButton, Mark, reported, saveFile } from '@/ui';
import { meet } from './meet';
import { setStep, useStep } from './status';

type Pick = (how: { mode: 'readwrite'; id: string }) => Promise<FileSystemDirectoryHandle>;

const pickOf = (): Pick | undefined => {
  const { showDirectoryPicker } = window as unknown as { readonly showDirectoryPicker?: Pick };
  return showDirectoryPicker?.bind(window);
};

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
  const now2 = async (anyYard = false) => {
    await meet(store, { tapped: true, anyYard });
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
          {status.at === 'other-yard' && (
            <div className="border-due grid gap-2 border-l-4 pl-4">
              <p>
                Another yard’s files lie in this folder
                {status.rigs.length > 0 ? `: ${list([...new Set(status.rigs)])}` : ''}. It shares no rig with
                yours. Nothing was taken in or written.
              </p>
              <div className="flex flex-wrap gap-2.5">
                <Button onClick={() => reported(now2(true))}>It is mine too: put them together</Button>
                <Button onClick={() => reported(forget())}>Choose another folder</Button>
              </div>
            </div>
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
function ByHand({ arrived }: { arrived: readonly File[] }) {
  const { store } = useYard();
  const [said, setSaid] = useState<string>();
  const [left, setLeft] = useState<readonly string[]>([]);

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
    const done = await store.send('openSealed', { files: read });
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
      <ByHand arrived={arrived} />
    </div>
  );
}
