'use client';

import { useState } from 'react';
import type { LineProblem } from '@/instruments/recorded';
import { Ruled, type RigView } from '@/features/rigs';
import { usePreferences } from '@/store';
import { count } from '@/text';
import { channelValue, CHANNEL_WORDS, LINE_WORDS, STATE_WORDS } from '@/text/way';
import { Button, Choice, FieldError, FileButton, reported } from '@/ui';
import { deckOf } from './deck';
import { PACES, useTrailer } from './use-trailer';
import type { Way } from './use-way';

/** A file of readings is at most so large (bytes). */
const LARGEST = 20_000_000;

/** A recorded file as an instrument: what could not be read of it is told line by line. */
function RecordedFile({ rig }: { rig: string }) {
  const [problem, setProblem] = useState<string>();
  const [refused, setRefused] = useState<readonly { readonly line: number; readonly why: LineProblem }[]>([]);
  const play = async (file: File) => {
    setRefused([]);
    if (file.size > LARGEST) return setProblem('This file has over 20 MB: cut it into shorter ones.');
    const { parseRecording, player } = await import('@/instruments/recorded');
    const recording = parseRecording(await file.text());
    setRefused(recording.refused);
    if (recording.points.length === 0)
      return setProblem(
        'Nothing in this file is a reading. It wants CSV with the columns at, what, place, value, unit, or the same names as lines of JSON.',
      );
    setProblem(undefined);
    deckOf(rig).connect(player(recording, file.name, Date.now(), 1));
  };
  return (
    <div className="grid justify-items-start gap-2">
      <FileButton
        label="Play a recorded file"
        accept=".csv,.ndjson,.jsonl,.txt"
        onFile={(file) => reported(play(file))}
      />
      {problem && <FieldError>{problem}</FieldError>}
      {refused.length > 0 && (
        <details>
          <summary className="min-h-9 cursor-pointer underline underline-offset-4">
            {count(refused.length, 'line')} left out
          </summary>
          <ul className="text-soft">
            {refused.slice(0, 50).map(({ line, why }) => (
              <li key={line}>
                Line {line}: {LINE_WORDS[why]}
              </li>
            ))}
          </ul>
        </details>
      )}
    </div>
  );
}

/** A trailer that is made up, in the demo alone: every figure it tells is marked as simulated. */
function SimulatedTrip({ view, way }: { view: RigView; way: Way }) {
  const trailer = useTrailer(view);
  return (
    <div className="grid gap-3">
      <p className="text-soft">
        A made-up trailer with tire sensors, hub thermometer and trip meter. A leak and a hot hub are in
        store. Whatever it tells is marked as simulated, and stays in the demo.
      </p>
      <div className="flex flex-wrap gap-2.5">
        {trailer.on ? (
          <Button onClick={trailer.end}>Stop the simulation</Button>
        ) : (
          <Button look="primary" onClick={() => reported(trailer.begin())}>
            Tow with simulated instruments
          </Button>
        )}
      </div>
      {trailer.on && (
        <Choice
          label="How fast it runs"
          columns="grid-cols-3"
          options={PACES.map((pace) => ({ value: String(pace), label: `${pace} ×` }))}
          value={String(trailer.pace)}
          onChange={(pace) => trailer.setPace(Number(pace))}
        />
      )}
      {trailer.on && way.draft.leg === 'stands' && <p role="status">It stands until you drive on.</p>}
    </div>
  );
}

/** What reads the trip beside its owner: the device's position, a recorded file, and in the demo a made-up trailer. */
export function InstrumentsPanel({ view, way }: { view: RigView; way: Way }) {
  const { yard, units } = usePreferences();
  const { connected, watch } = way.deck;
  const position = connected.find(({ id }) => id === 'position');
  const setPosition = (position: boolean) => way.change((draft) => ({ ...draft, position }));
  const latest = (what: 'torque' | 'brake-amps' | 'speed') => watch.heard[`${what}@rig`]?.good;
  return (
    <section aria-label="Instruments" className="grid gap-4">
      <Ruled>Instruments</Ruled>
      <div className="grid gap-2">
        <div className="flex flex-wrap items-center gap-2.5">
          {position ? (
            <Button onClick={() => setPosition(false)}>Stop counting by position</Button>
          ) : (
            <Button onClick={() => setPosition(true)}>Count miles by position</Button>
          )}
          {position && position.state !== 'on' && <FieldError>{STATE_WORDS[position.state]}</FieldError>}
        </div>
        <p className="text-soft text-[0.94rem]">
          While this screen is on. Where you were is not kept, only how far it was.
        </p>
      </div>
      {yard === 'demo' && <SimulatedTrip view={view} way={way} />}
      <RecordedFile rig={view.rig.id} />
      {connected.filter(({ id }) => id !== 'position').length > 0 && (
        <ul>
          {connected
            .filter(({ id }) => id !== 'position')
            .map(({ id, named, reads, state }) => (
              <li key={id} className="border-line flex justify-between gap-4 border-b py-2">
                <span>
                  {named.name}
                  <span className="text-soft block text-[0.94rem]">
                    {reads.map((what) => CHANNEL_WORDS[what]).join(', ')}
                  </span>
                </span>
                <span className="text-soft whitespace-nowrap">
                  {state === 'on'
                    ? (['torque', 'brake-amps', 'speed'] as const)
                        .filter((what) => reads.includes(what))
                        .flatMap((what) => {
                          const good = latest(what);
                          return good ? [channelValue(what, good.value, units)] : [];
                        })
                        .join(' · ') || STATE_WORDS.on
                    : STATE_WORDS[state]}
                </span>
              </li>
            ))}
        </ul>
      )}
    </section>
  );
}
