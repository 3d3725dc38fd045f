'use client';

import { useState } from 'react';
import { compareHeard, type Heard } from '@/core/practice';
import { isWheelEnd, matesOf, wheelEnds, type WheelEnd } from '@/core/rig';
import { PlacePicker, useRecord } from '@/features/forms';
import { Failed, Loading, useChosenRig, useRigs } from '@/features/rigs';
import { to } from '@/links';
import { capital } from '@/text';
import { heardWords, MICROPHONE_WORDS, signNote, UNHEARD_WORDS } from '@/text/practice';
import { Button, FieldError, LinkButton, reported } from '@/ui';
import { Ended } from './ended';
import { listen, workOut } from './microphone';

const WHICH = ['this', 'mate'] as const;
type Which = (typeof WHICH)[number];

/** Listen to a real wheel and to its mate: which sounds rougher, as an aid beside one’s own grade. */
export default function RealWheel() {
  const yard = useRigs();
  const record = useRecord();
  const view = useChosenRig(yard.status === 'ready' ? yard.rigs : []);
  const [chosen, setChosen] = useState<WheelEnd>();
  const [heard, setHeard] = useState<Partial<Record<Which, Heard>>>({});
  const [busy, setBusy] = useState<{ readonly which: Which; readonly seconds: number }>();
  const [problem, setProblem] = useState<string>();
  const [kept, setKept] = useState(false);
  if (yard.status === 'failed') return <Failed reason={yard.reason} />;
  if (yard.status === 'loading') return <Loading />;
  const ends = view ? wheelEnds(view.model) : [];
  const place = chosen ?? ends[0];
  const names: Record<Which, string> =
    view && place
      ? { this: place, mate: matesOf(place, view.model).across }
      : { this: 'this wheel', mate: 'its mate' };

  const hear = async (which: Which) => {
    setProblem(undefined);
    setKept(false);
    setBusy({ which, seconds: 0 });
    try {
      const recorded = await listen((seconds) => setBusy({ which, seconds }));
      if (typeof recorded === 'string') return setProblem(MICROPHONE_WORDS[recorded]);
      const answer = await workOut(recorded);
      if ('unheard' in answer) setProblem(UNHEARD_WORDS[answer.unheard]);
      else setHeard((now) => ({ ...now, [which]: answer.heard }));
    } catch (error) {
      setProblem(error instanceof Error ? error.message : String(error));
    } finally {
      setBusy(undefined);
    }
  };
  const compared = heard.this && heard.mate ? compareHeard(heard.this, heard.mate) : undefined;
  const said = compared && capital(heardWords(compared, names.this, names.mate));
  const note = compared && compared.rougher !== 'alike' ? signNote(compared.signs) : undefined;
  const keep = async () => {
    if (!view || !said) return;
    await record(
      view.rig.id,
      [{ kind: 'note', body: { text: `Heard by microphone: ${said}`.slice(0, 2000) } }],
      'Note saved',
    );
    setKept(true);
  };
  return (
    <div className="mx-auto w-full max-w-[56rem] px-4 py-4 md:px-8 md:py-6">
      <LinkButton look="quiet" className="-ml-4" href={to('practice', view?.rig.id)}>
        All practice
      </LinkButton>
      <h1 className="mt-1 text-3xl md:text-4xl">Listen to a real wheel</h1>
      <p className="mt-1 text-lg">
        Corner on its stand, brake backed off. Spin the wheel by hand, hold the phone a hand’s width from the
        hub, and tap. Then its mate the same way, just as near.
      </p>
      <p className="border-soon my-4 border-l-4 pl-3">
        Tried on made sounds only, on no real wheel yet. It is an aid beside your own ear and hand, and no
        verdict. Sleeves and fingers away from the turning wheel.
      </p>
      {view && place && (
        <div className="mb-4 max-w-xs">
          <PlacePicker
            model={view.model}
            among={ends}
            value={place}
            first="Which wheel"
            label="Which wheel"
            onChange={(to) => {
              if (to === undefined || !isWheelEnd(to)) return;
              setChosen(to);
              setHeard({});
            }}
          />
        </div>
      )}
      <div className="grid gap-3 sm:grid-cols-2">
        {WHICH.map((which) => (
          <div key={which} className="border-line bg-sheet grid gap-3 rounded-sheet border p-4">
            <h2 className="text-2xl">{capital(names[which])}</h2>
            <p role="status" className="text-soft min-h-7">
              {busy?.which === which
                ? `Listening, ${busy.seconds.toFixed(1)} of 5 s`
                : heard[which]
                  ? 'Heard.'
                  : 'Not heard yet.'}
            </p>
            <Button size="lg" disabled={busy !== undefined} onClick={() => reported(hear(which))}>
              {heard[which] ? 'Listen again' : 'Listen, 5 seconds'}
            </Button>
          </div>
        ))}
      </div>
      {problem && (
        <div className="mt-4">
          <FieldError>{problem}</FieldError>
        </div>
      )}
      {compared && said && (
        <div className="mt-5">
          <Ended
            verdict={compared.rougher === 'alike' ? 'clear' : 'watch'}
            title={compared.rougher === 'alike' ? 'They sound alike' : 'One sounds rougher'}
          >
            <p className="text-lg">{said}</p>
            {note && <p>{note} Rock it and spin it yourself before you grade it.</p>}
            {compared.rougher === 'alike' && (
              <p>Two worn hubs can sound alike, too. Your own grade stands.</p>
            )}
            {view && (
              <div>
                <Button disabled={kept} onClick={() => reported(keep())}>
                  {kept ? 'Kept in the Logbook' : 'Keep these words in the Logbook'}
                </Button>
              </div>
            )}
            <p className="text-soft text-[0.92rem]">
              The sound itself is not kept and never leaves this device.
            </p>
          </Ended>
        </div>
      )}
    </div>
  );
}
