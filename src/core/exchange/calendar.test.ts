import { DAY_MS } from '../base';
import ICAL from 'ical.js';
import fc from 'fast-check';
import { writeCalendar, type CalendarDay } from '.';
import { runs } from '../testing/runs';

const NOW = '2026-05-16T14:00:00.000Z';
const LATER = '2026-06-02T08:00:00.000Z';
const repack: CalendarDay = {
  key: 'rig-repack-1L',
  day: '2026-08-10',
  title: 'Juniper: Repack 1L; seals, grease',
  about: 'Likely about Aug 10;\neight times of ten between Aug 1 and Sep 3. ' + 'long '.repeat(40) + 'end.',
};

/** The events of a file as an ordinary calendar reads them. */
function read(text: string) {
  const calendar = new ICAL.Component(ICAL.parse(text) as unknown[]);
  return calendar.getAllSubcomponents('vevent').map((one) => {
    const event = new ICAL.Event(one);
    return {
      uid: event.uid,
      title: event.summary,
      about: event.description,
      start: event.startDate.toString(),
      end: event.endDate.toString(),
      wholeDay: event.startDate.isDate,
      sequence: event.sequence,
    };
  });
}

test('is read back as it was meant: whole days, their words, and a UID each', () => {
  const [event] = read(writeCalendar('Yardline', [repack], NOW));
  expect(event).toMatchObject({
    uid: 'rig-repack-1L@yardline',
    title: repack.title,
    about: repack.about,
    start: '2026-08-10',
    end: '2026-08-11',
    wholeDay: true,
  });
});

test('a later file moves the same events and doubles none', () => {
  const first = read(writeCalendar('Yardline', [repack], NOW));
  const second = read(writeCalendar('Yardline', [{ ...repack, day: '2026-08-24' }], LATER));
  expect(second.map(({ uid }) => uid)).toEqual(first.map(({ uid }) => uid));
  expect(second[0]?.start).toBe('2026-08-24');
  expect(second[0]?.sequence).toBeGreaterThan(first[0]?.sequence ?? 0);
});

test('lines are folded and end as calendars want them', () => {
  const lines = writeCalendar('Yardline', [repack], NOW).split('\r\n');
  expect(lines[0]).toBe('BEGIN:VCALENDAR');
  for (const line of lines) expect(Buffer.byteLength(line)).toBeLessThanOrEqual(75);
});

test('whatever the words, they come back', () => {
  const words = fc
    .string({ minLength: 1, maxLength: 120, unit: 'grapheme-ascii' })
    .filter((text) => text.trim() === text);
  fc.assert(
    fc.property(words, words, fc.integer({ min: 0, max: 4000 }), (title, about, n) => {
      const day = new Date(Date.UTC(2024, 0, 1) + n * DAY_MS).toISOString().slice(0, 10);
      const [event] = read(writeCalendar('Yardline', [{ key: 'k', day, title, about }], NOW));
      expect(event).toMatchObject({ title, about, start: day });
    }),
    { numRuns: runs(80) },
  );
});
