import type { Channel } from '@/core/road';
import type { Instrument } from '../instrument';
import type { Recorded, Recording } from './parse';

const BEAT = 250;

const atOf = (point: Recorded) => (point.is === 'fix' ? point.fix.at : point.sample.at);

/** A recorded file as an instrument: told from a moment on (ms), so many times faster than it was recorded. */
export function player(recording: Recording, name: string, begins: number, pace: number): Instrument {
  const named = { name: `Recorded: ${name}`.slice(0, 60) };
  const reads: (Channel | 'position')[] = [
    ...new Set(recording.points.map((one) => (one.is === 'fix' ? ('position' as const) : one.sample.what))),
  ];
  return {
    id: `recorded ${name}`,
    named,
    reads,
    start: (tell) => {
      let next = 0;
      let played = 0;
      const timer = setInterval(() => {
        played += BEAT * pace;
        for (
          let point = recording.points[next];
          point && atOf(point) <= played;
          point = recording.points[next]
        ) {
          next += 1;
          if (point.is === 'fix') tell({ told: 'fix', fix: { ...point.fix, at: begins + point.fix.at } });
          else
            tell({
              told: 'sample',
              sample: { ...point.sample, at: begins + point.sample.at, from: named },
            });
        }
        if (next < recording.points.length) return;
        clearInterval(timer);
        tell({ told: 'end' });
      }, BEAT);
      return () => clearInterval(timer);
    },
  };
}
