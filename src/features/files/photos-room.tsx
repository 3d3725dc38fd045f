'use client';

import { useState } from 'react';
import { addDays } from '@/core/base';
import { useAsk, useYard } from '@/store';
import { bytesText, count } from '@/text';
import { Button, FieldError, reported } from '@/ui';

/** Pictures older than this (d) may be kept small. */
const OLD = 365;

/** What pictures take, and a way to keep old ones small. */
export function PhotosRoom({ now }: { now: string }) {
  const { store } = useYard();
  const before = addDays(`${now.slice(0, 10)}T00:00:00.000Z`, -OLD);
  const kept = useAsk('photosKept', { before });
  const [said, setSaid] = useState<string>();
  const [share, setShare] = useState<number>();
  const [problem, setProblem] = useState<string>();
  if (kept.status !== 'ready' || kept.answer.count === 0) return null;
  const { count: all, bytes, thin, old } = kept.answer;
  const thinOut = async () => {
    setProblem(undefined);
    setShare(0);
    try {
      const done = await store.send('thinOut', { before }, { onProgress: setShare });
      setSaid(
        `${count(done.count, 'photo')} kept small, ${bytesText(done.freed)} free again. The whole ones are in your last archive: hold on to it.`,
      );
    } catch (error) {
      setProblem(error instanceof Error ? error.message : String(error));
    }
    setShare(undefined);
  };
  return (
    <div className="mt-3 grid gap-2">
      <p>
        {count(all, 'photo')}, {bytesText(bytes)}
        {thin > 0 && `; ${thin} of them kept small`}.
      </p>
      {old > 0 && said === undefined && (
        <>
          <p className="text-soft">
            {count(old, 'photo')} {old === 1 ? 'is' : 'are'} older than a year and in your last archive. Here
            they can be kept small; archives you save after that leave the small copies out, so hold on to the
            one you have.
          </p>
          <div>
            <Button disabled={share !== undefined} onClick={() => reported(thinOut())}>
              Keep old photos small
            </Button>
          </div>
        </>
      )}
      {share !== undefined && <p role="status">Making smaller copies… {Math.round(share * 100)} %</p>}
      {said && <p role="status">{said}</p>}
      {problem && <FieldError>{problem}</FieldError>}
    </div>
  );
}
