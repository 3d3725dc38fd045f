'use client';

import { Volume2 } from 'lucide-react';
import { useRouter } from 'next/navigation';
import { useEffect, useRef, useState, useSyncExternalStore, type ReactNode } from 'react';
import { useRecord } from '@/features/forms';
import { LetGo, PhotosRoom, PicturesIn, TablesIn, TablesOut, TracksIn, useArrived } from '@/features/files';
import { OtherDevices } from '@/features/in-step';
import { Failed, Loading, useRigs, type Rigs } from '@/features/rigs';
import { PATHS } from '@/links';
import {
  abilitiesOf,
  type Ability,
  askToKeep,
  setPreferences,
  storageState,
  type StorageState,
  thisBrowser,
  usePreferences,
  useYard,
} from '@/store';
import { ABILITY_OFF, ABILITY_WORDS, bytesText, day, list, spoken } from '@/text';
import { Button, Choice, FieldError, reported, Mark, readOut, useVoice } from '@/ui';
import { ArchiveIn } from './archive-in';
import { ArchiveOut } from './archive-out';

function Block({ title, came = false, children }: { title: string; came?: boolean; children: ReactNode }) {
  const box = useRef<HTMLElement>(null);
  // What was shared to the application is shown where it has come in.
  useEffect(() => {
    if (came) box.current?.scrollIntoView();
  }, [came]);
  return (
    <section ref={box} className="border-ink grid gap-x-8 gap-y-3 border-t-2 py-5 md:grid-cols-[13rem_1fr]">
      <h2 className="text-xl">{title}</h2>
      <div className="max-w-2xl">{children}</div>
    </section>
  );
}

const kept = (bytes: number | undefined) => (bytes === undefined ? 'not known' : bytesText(bytes));

function Storage() {
  const [state, setState] = useState<StorageState>();
  useEffect(() => {
    let gone = false;
    reported(storageState().then((next) => !gone && setState(next)));
    return () => {
      gone = true;
    };
  }, []);
  if (!state) return null;
  return (
    <div className="grid gap-2">
      <p>
        {state.kept
          ? 'The browser has promised to keep this data.'
          : 'The browser has not promised to keep this data: it may clear it when the device runs full.'}
      </p>
      <p>In a private window all of it is gone when the window closes: save an archive before that.</p>
      <p className="text-soft">
        Used: {kept(state.used)} of {kept(state.quota)}.
      </p>
      {!state.kept && (
        <div>
          <Button onClick={() => reported(askToKeep().then(async () => setState(await storageState())))}>
            Ask it to keep the data
          </Button>
        </div>
      )}
    </div>
  );
}

function DemoBlock() {
  const { yard } = usePreferences();
  const { store } = useYard();
  const router = useRouter();
  const go = (to: 'own' | 'demo') => {
    setPreferences({ yard: to });
    router.push(PATHS.yard);
  };
  if (yard === 'own')
    return (
      <Block title="Demo yard">
        <p className="text-soft mb-3">
          Three invented rigs with two and a half years behind them, apart from your own data.
        </p>
        <Button onClick={() => go('demo')}>Look around the demo yard</Button>
      </Block>
    );
  return (
    <Block title="Demo yard">
      <p className="text-soft mb-3">You are in it: nothing here is yours, and your own yard is untouched.</p>
      <div className="flex flex-wrap gap-2.5">
        <Button look="primary" onClick={() => go('own')}>
          Go to my own yard
        </Button>
        <Button onClick={() => reported(store.send('clear', undefined).then(() => location.reload()))}>
          Start the demo over
        </Button>
      </div>
    </Block>
  );
}

const nothingChanges = () => () => undefined;

/** What the product can do in this browser, at this address, and what it cannot. */
function Abilities() {
  // One text, so that it is the same value until it says something else.
  const told = useSyncExternalStore(
    nothingChanges,
    () => JSON.stringify(abilitiesOf(thisBrowser())),
    () => '[]',
  );
  const abilities = JSON.parse(told) as readonly Ability[];
  return (
    <ul>
      {abilities.map((ability) => (
        <li key={ability.id} className="border-line flex gap-3 border-b py-2.5">
          <span className="mt-0.5">
            <Mark mark={ability.here ? 'clear' : 'soon'} size={20} />
          </span>
          <span>
            {ABILITY_WORDS[ability.id].name}
            {!ability.here && (
              <span className="text-soft block">
                {ABILITY_OFF[ability.why]} {ABILITY_WORDS[ability.id].off}
              </span>
            )}
          </span>
        </li>
      ))}
    </ul>
  );
}

/** Rigs that were retired: their record stays, and each can be brought back. */
function Retired({ yard }: { yard: Extract<Rigs, { status: 'ready' }> }) {
  const record = useRecord();
  if (yard.retired.length === 0) return null;
  return (
    <Block title="Retired rigs">
      <ul className="grid gap-3">
        {yard.retired.map(({ rig, model }) => (
          <li key={rig.id} className="flex flex-wrap items-center gap-x-4 gap-y-1">
            <span className="min-w-0 flex-1">
              <span className="text-lg font-semibold">{model.name}</span>
              <span className="text-soft block">
                since {rig.retired ? day(rig.retired.at, yard.now) : ''}
                {rig.retired?.reason ? `: ${rig.retired.reason}` : ''}
              </span>
            </span>
            <Button
              onClick={() =>
                reported(
                  record(rig.id, [{ kind: 'rig.returned', body: {} }], `${model.name} is back on the Yard`),
                )
              }
            >
              Bring it back
            </Button>
          </li>
        ))}
      </ul>
    </Block>
  );
}

const TRIED = 'Set the wrench to 100 lbf·ft. Careful. No impact gun in any round.';

/** How a card is worked: with gloves on, and read out. */
function OnTheBench() {
  const { gloves, aloud, rate } = usePreferences();
  const voice = useVoice();
  return (
    <div className="grid gap-4">
      <Choice
        label="Hands"
        columns="grid-cols-2"
        options={[
          { value: 'bare', label: 'Bare' },
          { value: 'gloves', label: 'Gloves', hint: 'large buttons, number pad, one question at a time' },
        ]}
        value={gloves ? 'gloves' : 'bare'}
        onChange={(value) => setPreferences({ gloves: value === 'gloves' })}
      />
      <Choice
        label="Read each step aloud"
        columns="grid-cols-2"
        options={[
          { value: 'off', label: 'Off' },
          { value: 'on', label: 'On', hint: 'with the voice of this device' },
        ]}
        value={aloud ? 'on' : 'off'}
        onChange={(value) => setPreferences({ aloud: value === 'on' })}
      />
      {voice === 'none' ? (
        <p className="text-soft">
          This device has no English voice of its own. Voices that speak over the network are not used.
        </p>
      ) : (
        <>
          <Choice
            label="Speed"
            columns="grid-cols-3"
            options={[
              { value: '0.8', label: 'Slower' },
              { value: '1', label: 'Normal' },
              { value: '1.25', label: 'Faster' },
            ]}
            value={rate}
            onChange={(value) => setPreferences({ rate: value })}
          />
          <p>
            <Button
              disabled={voice === 'asking'}
              onClick={() => voice !== 'asking' && readOut([spoken(TRIED)], voice, Number(rate))}
            >
              <Volume2 aria-hidden size={20} /> Hear it
            </Button>
          </p>
        </>
      )}
    </div>
  );
}

/** Keep: is my record safe, and does it speak my units? */
export function SettingsView() {
  const yard = useRigs();
  const { units, theme } = usePreferences();
  const arrived = useArrived();
  if (yard.status === 'loading') return <Loading />;
  if (yard.status === 'failed') return <Failed reason={yard.reason} />;
  return (
    <div className="mx-auto w-full max-w-[64rem] px-4 py-4 md:px-8 md:py-6">
      <h1 className="mb-1 text-4xl md:text-5xl">Your record is yours</h1>
      <p className="text-soft mb-6 text-lg">
        It stays on this device, in an open format, and goes nowhere unless you take it.
      </p>
      {arrived.left.length > 0 && (
        <div className="mb-5">
          <FieldError>
            Not taken in: {list(arrived.left.map(({ name }) => name))}. Yardline reads archives (.zip) and
            tables (.csv) one at a time, tracks (.gpx), photos, and files from your other devices (.ndjson).
          </FieldError>
        </div>
      )}
      <Block title="Take it with you">
        <ArchiveOut ready={yard} />
      </Block>
      <Block title="Bring one in" came={arrived.archive.length > 0}>
        <ArchiveIn arrived={arrived.archive} />
      </Block>
      <Block title="Other devices" came={arrived.sealed.length > 0}>
        <OtherDevices now={yard.now} arrived={arrived.sealed} />
      </Block>
      <Block title="Tables out">
        <TablesOut rigs={[...yard.rigs, ...yard.retired]} />
      </Block>
      <Block title="Tables in" came={arrived.table.length > 0}>
        <TablesIn rigs={yard.rigs} now={yard.now} arrived={arrived.table} />
      </Block>
      <Block title="Tracks in" came={arrived.tracks.length > 0}>
        <TracksIn rigs={yard.rigs} now={yard.now} arrived={arrived.tracks} />
      </Block>
      <Block title="Photos in" came={arrived.pictures.length > 0}>
        <PicturesIn rigs={yard.rigs} arrived={arrived.pictures} />
      </Block>
      <Block title="Kept here">
        <Storage />
        <PhotosRoom now={yard.now} />
      </Block>
      <Block title="What works here">
        <Abilities />
      </Block>
      <Retired yard={yard} />
      <Block title="Sold or gone">
        <LetGo rigs={[...yard.rigs, ...yard.retired]} />
      </Block>
      <Block title="Units">
        <Choice
          label="Units"
          hideLabel
          columns="grid-cols-2"
          options={[
            { value: 'us', label: 'US', hint: 'mi, in, lbf·ft, psi, °F' },
            { value: 'metric', label: 'Metric', hint: 'km, mm, N·m, bar, °C' },
          ]}
          value={units}
          onChange={(value) => setPreferences({ units: value })}
        />
      </Block>
      <Block title="Light">
        <Choice
          label="Light"
          hideLabel
          columns="grid-cols-2 sm:grid-cols-4"
          options={[
            { value: 'auto', label: 'Same as device' },
            { value: 'day', label: 'Day' },
            { value: 'night', label: 'Night' },
            { value: 'sun', label: 'Full sun', hint: 'no tints' },
          ]}
          value={theme}
          onChange={(value) => setPreferences({ theme: value })}
        />
      </Block>
      <Block title="On the Bench">
        <OnTheBench />
      </Block>
      <DemoBlock />
      <Block title="Open format">
        <p className="text-soft">
          An archive is a zip with one entry a line.{' '}
          <a href="/api/schema" className="text-ink underline underline-offset-4">
            Its JSON Schema
          </a>{' '}
          says what a line may hold.
        </p>
      </Block>
    </div>
  );
}
