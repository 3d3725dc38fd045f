'use client';

import { useState } from 'react';
import { idOfContent, type RowEntry } from '@/core/exchange';
import { readTrack, type TrackRead } from '@/core/road';
import type { RigView } from '@/features/rigs';
import { useYard, usePreferences } from '@/store';
import { count, dateField, dayInFull, fromDateField, measure, minutes } from '@/text';
import type { UnitSystem } from '@/core/base';
import { useTaken } from './arrivals';
import { Button, Field, FieldError, FileButton, reported, Select } from '@/ui';

/** A track that was read: what it comes to, and the day it is for where it has no times. */
interface Read {
  readonly key: string;
  readonly file: string;
  readonly name: string;
  readonly track: TrackRead;
  readonly content: string;
  readonly day: string;
}

/** Shorter than this (m) it is no trip. */
const SHORT = 200;

const about = ({ climbed, stops, stopped, jumps }: TrackRead, units: UnitSystem): readonly string[] => [
  ...(climbed === undefined ? [] : [`climbed ${measure(climbed, 'height', units, 0)}`]),
  ...(stops > 0 ? [`${count(stops, 'stop')}, ${minutes(stopped)}`] : []),
  ...(jumps > 0 ? [`${count(jumps, 'jump')} left out`] : []),
];

/** Tracks that a phone or receiver recorded, as trips. */
export function TracksIn({
  rigs,
  now,
  arrived,
}: {
  rigs: readonly RigView[];
  now: string;
  /** Tracks that the application was opened with. */
  arrived: readonly File[];
}) {
  const { store } = useYard();
  const { units } = usePreferences();
  const [rig, setRig] = useState(rigs[0]?.rig.id ?? '');
  const [read, setRead] = useState<readonly Read[]>([]);
  const [problems, setProblems] = useState<readonly string[]>([]);
  const [said, setSaid] = useState<string>();

  const open = async (files: readonly File[]) => {
    setSaid(undefined);
    const { readGpx } = await import('./read-gpx');
    const wrong: string[] = [];
    const found: Read[] = [];
    for (const file of files) {
      const tracks = readGpx(await file.text());
      if (!tracks || tracks.length === 0) {
        wrong.push(`${file.name}: ${tracks ? 'there is no track in it' : 'this is no GPX file'}.`);
        continue;
      }
      for (const { name, points } of tracks) {
        const track = readTrack(points);
        // What is the same track is told by where it went and when, whatever the file is called.
        const content = points
          .map(({ lat, lon, at = '' }) => `${lat.toFixed(5)} ${lon.toFixed(5)} ${at}`)
          .join();
        if (track.distance < SHORT)
          wrong.push(`${file.name}: a track of ${measure(track.distance, 'distance', units, 1)} is no trip.`);
        else
          found.push({
            key: `${file.name} ${found.length}`,
            file: file.name,
            name,
            track,
            content,
            day: track.ended ? dateField(track.ended) : '',
          });
      }
    }
    setProblems(wrong);
    setRead(found);
  };
  useTaken(arrived, open);
  const undated = read.filter(({ track, day }) => !track.ended && fromDateField(day, now) === undefined);
  const bring = async () => {
    const rows = read.flatMap(({ track, name, content, day }): readonly RowEntry[] => {
      const happened = track.ended ?? fromDateField(day, now);
      if (!happened) return [];
      const note = [name, ...about(track, units)].filter((part) => part !== '').join('; ');
      return [
        {
          id: idOfContent(happened, `${rig} track ${content}`),
          kind: 'trip',
          happened,
          body: {
            distance: track.distance,
            launches: 0,
            ...(track.started && track.ended && { started: track.started }),
            ...(note !== '' && { note }),
          },
        },
      ];
    });
    const added = await store.send('bringTracks', { rig, rows, now: store.clock.now() });
    setRead([]);
    const known = rows.length - added;
    setSaid(
      `${count(added, 'trip')} brought in${known > 0 ? `; ${known} ${known === 1 ? 'was' : 'were'} here already` : ''}.`,
    );
  };
  if (rigs.length === 0) return null;
  return (
    <div className="grid gap-4">
      <p className="text-soft">
        GPX files of trips: their length becomes the trip’s, climbs and stops its note. The places themselves
        are not kept. The same track twice adds nothing.
      </p>
      <div className="grid gap-3 sm:grid-cols-2">
        <Select label="Towed" value={rig} onChange={setRig}>
          {rigs.map((one) => (
            <option key={one.rig.id} value={one.rig.id}>
              {one.model.name}
            </option>
          ))}
        </Select>
      </div>
      <FileButton
        label="Choose tracks"
        accept=".gpx,application/gpx+xml"
        several
        onFiles={(files) => reported(open(files))}
      />
      {problems.map((words) => (
        <FieldError key={words}>{words}</FieldError>
      ))}
      {read.length > 0 && (
        <div className="border-accent grid gap-3 border-l-4 pl-4">
          <ul>
            {read.map((one) => (
              <li key={one.key} className="border-line grid gap-2 border-b py-2">
                <p>
                  <strong className="figures">{measure(one.track.distance, 'distance', units, 1)}</strong>
                  {one.track.ended ? `, ${dayInFull(one.track.ended)}` : ''}
                  <span className="text-soft block text-[0.94rem]">
                    {[one.name || one.file, ...about(one.track, units)].join('; ')}
                  </span>
                </p>
                {!one.track.ended && (
                  <Field
                    label="It has no times: which day?"
                    type="date"
                    value={one.day}
                    onChange={(event) =>
                      setRead(
                        read.map((each) =>
                          each.key === one.key ? { ...each, day: event.target.value } : each,
                        ),
                      )
                    }
                  />
                )}
              </li>
            ))}
          </ul>
          <div className="flex flex-wrap gap-2.5">
            <Button look="primary" disabled={undated.length > 0} onClick={() => reported(bring())}>
              Bring {count(read.length, 'trip')} in
            </Button>
            <Button onClick={() => setRead([])}>Cancel</Button>
          </div>
        </div>
      )}
      {said && <p role="status">{said}</p>}
    </div>
  );
}
