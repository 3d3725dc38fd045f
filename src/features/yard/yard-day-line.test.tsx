import { renderToStaticMarkup } from 'react-dom/server';
import type { PlanningState } from '@/core/log';
import { YardDayLine } from './yard-day-line';

const RIG = '018bf000-0000-7000-8000-000000000001';
const noon = (day: string) => new Date(`${day}T12:00`).toISOString();
const kept = {
  entry: 'e',
  at: noon('2026-05-20'),
  days: [
    {
      day: '2026-05-30',
      minutes: 187,
      jobs: [
        { rig: RIG, routine: 'repack', place: '2R' },
        { rig: 'other', routine: 'lights', place: 'rig' },
      ],
    },
  ],
  pins: [],
  never: [],
  closed: [],
  hours: [],
} as unknown as NonNullable<PlanningState['kept']>;
const said = (now: string, rig = RIG) =>
  renderToStaticMarkup(<YardDayLine kept={kept} rig={rig} now={noon(now)} />).replace(/<[^>]+>/g, '');

test('the evening before a yard day and on its day the Yard says so, of this rig alone', () => {
  expect(said('2026-05-29')).toContain('Tomorrow is a yard day: Repack 2R, 3 h 7 min in all.');
  expect(said('2026-05-30')).toContain('Today is a yard day: Repack 2R');
  expect(said('2026-05-30', 'other')).toContain('Lights');
  expect(said('2026-05-28')).toBe('');
  expect(said('2026-05-29', 'a third')).toBe('');
  expect(renderToStaticMarkup(<YardDayLine kept={undefined} rig={RIG} now={noon('2026-05-29')} />)).toBe('');
});
