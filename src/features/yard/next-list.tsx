'use client';

import type { ReactNode } from 'react';
import type { Duty } from '@/core/duty';
import type { FindingState } from '@/core/log';
import { DutyTape, Ruled, type RigView } from '@/features/common';
import { usePreferences } from '@/store';
import { day, dutyRule, dutyStanding, dutyTitle, VERDICT_WORDS } from '@/text';
import { Button, cx, LinkButton, Mark, markColor, markOf } from '@/ui';
import { dutyMark } from './marks';

const SHOWN = 3;

type Item =
  | { readonly weight: number; readonly finding: FindingState; readonly duty?: undefined }
  | { readonly weight: number; readonly duty: Duty; readonly finding?: undefined };

const OF_FINDING = { watch: 1, due: 3.5, stop: 5 } as const;
const OF_DUTY = { clear: 0, soon: 1.5, unknown: 2, due: 3, overdue: 4 } as const;

/** Findings and duties of a rig in one order of weight; within one weight the order they come in. */
function itemsOf(view: RigView): readonly Item[] {
  const items: Item[] = [
    ...Object.values(view.rig.findings).map((finding) => ({ weight: OF_FINDING[finding.verdict], finding })),
    ...view.duties.map((duty) => ({ weight: OF_DUTY[duty.verdict], duty })),
  ];
  return items.sort((a, b) => b.weight - a.weight);
}

function Row({
  mark,
  title,
  sub,
  middle,
  figure,
  action,
}: {
  mark: ReactNode;
  title: string;
  sub: string;
  middle?: ReactNode;
  figure: ReactNode;
  action: ReactNode;
}) {
  return (
    <li className="border-line grid grid-cols-[1.75rem_1fr_auto] items-center gap-x-3 gap-y-1 border-b py-3 md:grid-cols-[1.75rem_minmax(10rem,1.2fr)_minmax(6rem,1fr)_7.5rem_6.5rem]">
      {mark}
      <div className={cx('min-w-0', !middle && 'md:col-span-2')}>
        <p className="font-semibold">{title}</p>
        <p className="text-soft text-[0.92rem]">{sub}</p>
      </div>
      {middle && <div className="order-last col-span-3 md:order-none md:col-span-1">{middle}</div>}
      <div className="col-start-2 md:col-start-auto">{figure}</div>
      <div className="col-start-3 row-start-1 md:col-start-auto md:row-start-auto md:justify-self-end">
        {action}
      </div>
    </li>
  );
}

function FindingRow({
  finding,
  now,
  onFix,
}: {
  finding: FindingState;
  now: string;
  onFix: (finding: FindingState) => void;
}) {
  const mark = markOf(finding.verdict);
  return (
    <Row
      mark={<Mark mark={mark} size={26} spoken />}
      title={`${finding.place === 'rig' ? 'Rig' : finding.place}: ${finding.text}`}
      sub={`finding, seen ${day(finding.at, now)}`}
      figure={
        <span className={cx('figures text-xl font-semibold', markColor(mark))}>
          {VERDICT_WORDS[finding.verdict].toLowerCase()}
        </span>
      }
      action={<Button onClick={() => onFix(finding)}>Fixed</Button>}
    />
  );
}

function DutyRow({
  duty,
  rig,
  onRecheck,
  onLook,
}: {
  duty: Duty;
  rig: string;
  onRecheck: (duty: Duty) => void;
  onLook: (duty: Duty) => void;
}) {
  const { units } = usePreferences();
  const { figure, words } = dutyStanding(duty, units);
  const ACTION = {
    'lug-recheck': (
      <Button look={duty.verdict === 'soon' ? 'plain' : 'primary'} onClick={() => onRecheck(duty)}>
        Recheck
      </Button>
    ),
    'hub-look': <Button onClick={() => onLook(duty)}>Log a look</Button>,
    repack: <LinkButton href={`/bench?rig=${rig}&place=${duty.place}`}>Start</LinkButton>,
  } as const;
  return (
    <Row
      mark={<Mark mark={dutyMark(duty)} size={26} spoken />}
      title={dutyTitle(duty)}
      sub={dutyRule(duty, units)}
      middle={<DutyTape duty={duty} />}
      figure={
        <p className="whitespace-nowrap">
          <span className="figures text-xl font-semibold">{figure}</span>{' '}
          <span className="text-soft text-[0.92rem]">{words}</span>
        </p>
      }
      action={ACTION[duty.routine]}
    />
  );
}

/** What comes next for a rig, gravest first: three things, the rest a tap away. */
export function NextList({
  view,
  now,
  onRecheck,
  onLook,
  onFix,
  all,
  onAll,
}: {
  view: RigView;
  now: string;
  all: boolean;
  onAll: () => void;
  onRecheck: (duty: Duty) => void;
  onLook: (duty: Duty) => void;
  onFix: (finding: FindingState) => void;
}) {
  const items = itemsOf(view);
  const shown = all ? items : items.slice(0, SHOWN);
  const hidden = items.length - shown.length;
  return (
    <section aria-label={`Next for ${view.model.name}`}>
      <Ruled>Next for {view.model.name}</Ruled>
      <ul>
        {shown.map((item) =>
          item.finding ? (
            <FindingRow key={item.finding.id} finding={item.finding} now={now} onFix={onFix} />
          ) : (
            <DutyRow
              key={item.duty.id}
              duty={item.duty}
              rig={view.rig.id}
              onRecheck={onRecheck}
              onLook={onLook}
            />
          ),
        )}
      </ul>
      {hidden > 0 && (
        <Button look="quiet" className="mt-1 -ml-4" onClick={onAll}>
          {hidden} more
        </Button>
      )}
    </section>
  );
}
