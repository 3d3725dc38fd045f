'use client';

import type { Duty } from '@/core/duty';
import type { FindingState } from '@/core/log';
import { hubOpens, axleOf, type WheelEnd } from '@/core/rig';
import { DutyTape, type RigView } from '@/features/common';
import { usePreferences } from '@/store';
import {
  BASIS_WORDS,
  day,
  dutyStanding,
  dutyTitle,
  dutyWhy,
  HUB_WORDS,
  MARK_WORDS,
  measure,
  placeInWords,
  THICKENER_WORDS,
  torqueSpec,
  VERDICT_WORDS,
} from '@/text';
import { Button, Dialog, LinkButton, Mark, markOf } from '@/ui';
import { dutyMark } from './marks';

/** What can be done from a wheel end. */
export interface PlaceActions {
  readonly onRecheck: (place: WheelEnd) => void;
  readonly onMemory: (place: WheelEnd) => void;
  readonly onLook: (place: WheelEnd) => void;
  readonly onReport: (place: WheelEnd) => void;
  readonly onFix: (finding: FindingState) => void;
}

function DutyBlock({
  view,
  duty,
  now,
  actions,
}: {
  view: RigView;
  duty: Duty;
  now: string;
  actions: PlaceActions;
}) {
  const { units } = usePreferences();
  const { figure, words } = dutyStanding(duty, units);
  const run = view.open.find((work) => work.place === duty.place);
  return (
    <section className="border-line border-b py-4">
      <p className="flex items-center gap-2.5">
        <Mark mark={dutyMark(duty)} size={24} spoken />
        <span className="text-lg font-semibold">{dutyTitle(duty)}</span>
        <span className="ml-auto whitespace-nowrap">
          <span className="figures text-xl font-semibold">{figure}</span>{' '}
          <span className="text-soft">{words}</span>
        </span>
      </p>
      <div className="my-1">
        <DutyTape duty={duty} />
      </div>
      <p className="text-soft">{dutyWhy(duty, units, now)}</p>
      <div className="mt-3 flex flex-wrap gap-2">
        {duty.routine === 'lug-recheck' && (
          <Button look="primary" onClick={() => actions.onRecheck(duty.place)}>
            Recheck
          </Button>
        )}
        {duty.routine === 'hub-look' && (
          <Button look="primary" onClick={() => actions.onLook(duty.place)}>
            Log a look
          </Button>
        )}
        {duty.routine === 'repack' && (
          <>
            <LinkButton
              look={run || duty.verdict !== 'clear' ? 'primary' : 'plain'}
              href={run ? `/bench?run=${run.session}` : `/bench?rig=${view.rig.id}&place=${duty.place}`}
            >
              {run ? 'Go on with the work' : 'Start the repack'}
            </LinkButton>
            {duty.verdict === 'unknown' && (
              <Button onClick={() => actions.onMemory(duty.place)}>I know when it was done</Button>
            )}
          </>
        )}
      </div>
    </section>
  );
}

/** One wheel end: what is due there and why, what is open, and what is known of it. */
export function PlaceSheet({
  view,
  place,
  now,
  actions,
  onClose,
}: {
  view: RigView;
  place: WheelEnd;
  now: string;
  actions: PlaceActions;
  onClose: () => void;
}) {
  const { units } = usePreferences();
  const { rig, model } = view;
  const axle = model.axles[axleOf(place)];
  const state = view.places.find((one) => one.place === place);
  const findings = Object.values(rig.findings).filter((finding) => finding.place === place);
  const play = rig.endPlay[place];
  const grease = rig.grease[place];
  if (!axle || !state) return null;
  return (
    <Dialog
      open
      onClose={onClose}
      title={
        <span className="flex items-center gap-3">
          <Mark mark={state.mark} size={34} />
          <span className="text-4xl">{place}</span>
          <span className="text-soft font-words text-base font-normal">
            {placeInWords(place, model.axles.length)} · {MARK_WORDS[state.mark].toLowerCase()}
          </span>
        </span>
      }
    >
      {findings.map((finding) => (
        <section key={finding.id} className="border-line border-b py-4">
          <p className="flex items-start gap-2.5">
            <Mark mark={markOf(finding.verdict)} size={24} />
            <span>
              <span className="font-semibold">{VERDICT_WORDS[finding.verdict]}:</span> {finding.text}
              <span className="text-soft block">seen {day(finding.at, now)}</span>
            </span>
          </p>
          <Button className="mt-3" onClick={() => actions.onFix(finding)}>
            Fixed
          </Button>
        </section>
      ))}
      {view.duties
        .filter((duty) => duty.place === place)
        .map((duty) => (
          <DutyBlock key={duty.id} view={view} duty={duty} now={now} actions={actions} />
        ))}
      <dl className="grid grid-cols-[auto_1fr] gap-x-6 gap-y-1.5 py-4">
        <dt className="text-soft">Hub</dt>
        <dd>
          {HUB_WORDS[axle.hub]}
          {!hubOpens(axle) && ', stays shut'}
        </dd>
        <dt className="text-soft">Lug torque</dt>
        <dd>{torqueSpec(model, units)}</dd>
        <dt className="text-soft">End play</dt>
        <dd>{play ? `${measure(play.play, 'length', units)}, set ${day(play.at, now)}` : 'not on record'}</dd>
        <dt className="text-soft">Grease in it</dt>
        <dd>{grease ? THICKENER_WORDS[grease] : 'not on record'}</dd>
        {axle.threadPitch && (
          <>
            <dt className="text-soft">Thread pitch</dt>
            <dd>
              {measure(axle.threadPitch.value, 'length', units, units === 'us' ? 4 : 2)},{' '}
              {BASIS_WORDS[axle.threadPitch.source]}
            </dd>
          </>
        )}
      </dl>
      <Button className="mb-2 w-full" look="danger" onClick={() => actions.onReport(place)}>
        Something is not right here
      </Button>
    </Dialog>
  );
}
