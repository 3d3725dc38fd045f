'use client';

import Link from 'next/link';
import type { ReactNode } from 'react';
import { markOfVerdict, markOfDuty } from '@/core/base';
import type { Duty } from '@/core/duty';
import type { Conflict } from '@/core/judge';
import type { FindingState } from '@/core/log';
import type { Place } from '@/core/rig';
import { DutyTape, remedyIn, RepairButton, Ruled, type RigView } from '@/features/rigs';
import { to } from '@/links';
import { usePreferences } from '@/store';
import {
  conflictTitle,
  conflictWords,
  day,
  dutyRule,
  dutyStanding,
  dutyWhy,
  jobsTitle,
  placeName,
  routineTitle,
  small,
  VERDICT_WORDS,
  findingWords,
  limitStands,
} from '@/text';
import { Button, cx, LinkButton, Mark, markColor } from '@/ui';
import { DutyAction, type DutyActions } from '@/features/duties';
import { nextItems } from './next-items';

const SHOWN = 3;
/** Work that is written down on a sheet rather than led step by step. */
const SHEETS: ReadonlySet<string> = new Set(['lug-torque', 'pressures', 'underside', 'brake-adjust']);

function Row({
  mark,
  title,
  sub,
  middle,
  figure,
  action,
  onWhy,
  href,
}: {
  mark: ReactNode;
  title: string;
  sub: string;
  middle?: ReactNode;
  figure: ReactNode;
  action: ReactNode;
  onWhy?: (() => void) | undefined;
  /** Its own page. */
  href?: string;
}) {
  return (
    <li className="border-line grid grid-cols-[1.75rem_1fr_auto] items-center gap-x-3 gap-y-1 border-b py-3 @2xl:grid-cols-[1.75rem_minmax(10rem,1.2fr)_minmax(6rem,1fr)_7.5rem_6.5rem]">
      {mark}
      <div className={cx('min-w-0', !middle && '@2xl:col-span-2')}>
        {onWhy ? (
          <button
            type="button"
            onClick={onWhy}
            className="decoration-line hover:decoration-ink -my-1 py-1 text-left font-semibold underline-offset-4 hover:underline"
          >
            {title}
          </button>
        ) : href ? (
          <Link
            prefetch={false}
            href={href}
            className="decoration-line hover:decoration-ink -my-1 block py-1 font-semibold underline-offset-4 hover:underline"
          >
            {title}
          </Link>
        ) : (
          <p className="font-semibold">{title}</p>
        )}
        <p className="text-soft text-[0.92rem]">{sub}</p>
      </div>
      {/* Where it is narrow the tape runs on beside its figure. */}
      <div className="order-last col-span-2 col-start-2 flex items-center gap-4 @2xl:contents">
        {middle && <div className="order-last min-w-0 flex-1 @2xl:order-none">{middle}</div>}
        <div>{figure}</div>
      </div>
      <div className="col-start-3 row-start-1 @2xl:col-start-auto @2xl:row-start-auto @2xl:justify-self-end">
        {action}
      </div>
    </li>
  );
}

function FindingRow({
  finding,
  view,
  actions,
  onFix,
}: {
  finding: FindingState;
  view: RigView;
  actions: DutyActions;
  onFix: (finding: FindingState) => void;
}) {
  const { units } = usePreferences();
  const mark = markOfVerdict(finding.verdict);
  const { jobs, figure } = remedyIn(view, finding);
  const limit = limitStands(finding, view.rig.distance, units);
  // What a sheet answers is answered there; what is worked off is a card.
  const [job] = jobs;
  const cure =
    !figure &&
    jobs.length === 1 &&
    view.duties.find(
      (duty) => duty.routine === job?.routine && duty.place === job.place && SHEETS.has(duty.routine),
    );
  return (
    <Row
      mark={<Mark mark={mark} size={26} spoken />}
      title={`${placeName(finding.place)}: ${findingWords(finding, units)}`}
      href={to('finding', view.rig.id, { id: finding.id })}
      sub={`${limit ? `${limit}; ` : ''}finding, seen ${day(finding.at, view.now)}${jobs.length > 0 ? `; put right by ${small(jobsTitle(jobs))}` : ''}${finding.waits ? `; waits for ${finding.waits.who}` : ''}`}
      figure={
        <span className={cx('figures text-xl font-semibold', markColor(mark))}>
          {VERDICT_WORDS[finding.verdict].toLowerCase()}
        </span>
      }
      action={
        cure ? (
          <DutyAction view={view} duties={[cure]} actions={actions} />
        ) : figure || jobs.length > 0 ? (
          <RepairButton view={view} finding={finding}>
            Start
          </RepairButton>
        ) : (
          <Button onClick={() => onFix(finding)}>Fixed</Button>
        )
      }
    />
  );
}

function ConflictRow({ conflict, rig }: { conflict: Conflict; rig: string }) {
  const { units } = usePreferences();
  const { why } = conflictWords(conflict, units);
  const mark = markOfVerdict(conflict.verdict);
  const about = /^(tire|battery|load)/.test(conflict.code) ? 'parts' : 'rig';
  return (
    <Row
      mark={<Mark mark={mark} size={26} spoken />}
      title={conflictTitle(conflict, units)}
      sub={why}
      figure={
        <span className={cx('figures text-xl font-semibold', markColor(mark))}>
          {VERDICT_WORDS[conflict.verdict].toLowerCase()}
        </span>
      }
      action={
        <LinkButton
          href={`/${about}?rig=${rig}${conflict.code.startsWith('battery') ? '&kind=battery' : ''}`}
        >
          {about === 'parts' ? 'Parts' : 'Facts'}
        </LinkButton>
      }
    />
  );
}

function DutiesRow({
  duties,
  view,
  actions,
  onWhy,
}: {
  duties: readonly [Duty, ...Duty[]];
  view: RigView;
  actions: DutyActions;
  onWhy: (place: Place | 'rig') => void;
}) {
  const { units } = usePreferences();
  // The one that comes first stands for those that stand alike.
  const [first] = duties;
  const { figure, words } = dutyStanding(first, units);
  return (
    <Row
      mark={<Mark mark={markOfDuty(first.verdict)} size={26} spoken />}
      title={routineTitle(
        first.routine,
        duties.map((duty) => duty.place),
      )}
      onWhy={() => onWhy(first.place)}
      sub={first.deferral ? dutyWhy(first, units, view.now) : dutyRule(first, units)}
      middle={<DutyTape duty={first} />}
      figure={
        <p className="whitespace-nowrap">
          <span className="figures text-xl font-semibold">{figure}</span>{' '}
          <span className="text-soft text-[0.92rem]">{words}</span>
        </p>
      }
      action={
        <DutyAction
          view={view}
          duties={duties}
          actions={actions}
          primary={first.routine === 'lug-recheck' && first.verdict !== 'soon'}
        />
      }
    />
  );
}

/** What comes next for a rig, gravest first: three things, the rest a tap away. */
export function NextList({
  view,
  actions,
  onWhy,
  onFix,
  all,
  onAll,
}: {
  view: RigView;
  actions: DutyActions;
  onWhy: (place: Place | 'rig') => void;
  onFix: (finding: FindingState) => void;
  all: boolean;
  onAll: () => void;
}) {
  const items = nextItems(view);
  const shown = all ? items : items.slice(0, SHOWN);
  const hidden = items.length - shown.length;
  return (
    <section aria-label={`Next for ${view.model.name}`} className="@container">
      <Ruled>Next for {view.model.name}</Ruled>
      <ul>
        {shown.map((item) => {
          switch (item.is) {
            case 'finding':
              return (
                <FindingRow
                  key={item.finding.id}
                  finding={item.finding}
                  view={view}
                  actions={actions}
                  onFix={onFix}
                />
              );
            case 'conflict':
              return <ConflictRow key={item.conflict.id} conflict={item.conflict} rig={view.rig.id} />;
            case 'duties':
              return (
                <DutiesRow
                  key={item.duties[0].id}
                  duties={item.duties}
                  view={view}
                  actions={actions}
                  onWhy={onWhy}
                />
              );
          }
        })}
      </ul>
      {hidden > 0 && (
        <Button look="quiet" className="mt-1 -ml-4" onClick={onAll}>
          {hidden} more
        </Button>
      )}
    </section>
  );
}
