import type { RigState, RoadLimits } from '@/core/log';
import type { PlaceMark } from '@/core/base';
import { usePreferences } from '@/store';
import { limitsWhy, rollWords } from '@/text';
import { cx, Mark } from '@/ui';
import { findingHref } from './links';
import { Named } from './named';

const MARK: Readonly<Record<RoadLimits['roll'], PlaceMark>> = { care: 'soon', creep: 'due', stay: 'stop' };

/** The limits where they say how far it may roll: on the road, or where it is towed on with something; at home a stop is a stop. */
export function howFar(
  limits: RoadLimits | undefined,
  { underWay }: Pick<RigState, 'underWay'>,
): RoadLimits | undefined {
  return limits && (underWay || limits.of.some(({ limit }) => limit)) ? limits : undefined;
}

/** The strictest limit that stands, as one line: how far, how fast, why, and what would end it a tap away. */
export function RoadLine({
  rig,
  limits,
  now,
  big = false,
}: {
  rig: string;
  limits: RoadLimits;
  now: string;
  /** The first thing of its page. */
  big?: boolean;
}) {
  const { units } = usePreferences();
  return (
    <section aria-label="How far it may roll" className="flex min-w-0 gap-3">
      <span className={cx('shrink-0', big ? 'mt-1.5' : 'mt-0.5')}>
        <Mark mark={MARK[limits.roll]} size={big ? 40 : 24} spoken />
      </span>
      <div className="min-w-0">
        <p className={cx('figures font-semibold', big ? 'text-4xl md:text-5xl' : 'text-2xl')}>
          {rollWords(limits, units)}
        </p>
        <p className={cx('mt-0.5', big ? 'text-lg' : 'text-soft')}>
          <Named href={findingHref(rig, limits.by.id)}>{limitsWhy(limits, units, now)}</Named>
        </p>
      </div>
    </section>
  );
}
