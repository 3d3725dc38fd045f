import { renderToStaticMarkup } from 'react-dom/server';
import { makeSound, PICTURED, picturedGrades } from '@/core/practice';
import { toSI } from '@/core/base';
import { LookDrawing } from './look-drawing';
import { NutDrawing } from './nut-drawing';
import { PlayTape } from './play-tape';
import { Trace } from './trace';

/** No number of a drawing was lost on the way. */
const sound = (markup: string) => {
  expect(markup).not.toMatch(/NaN|undefined|Infinity/);
  return markup;
};

test.each(PICTURED.flatMap((subject) => picturedGrades(subject).map((grade) => [subject, grade] as const)))(
  'a picture of %s as %s is drawn, and named for who does not see it',
  (subject, grade) => {
    for (let seed = 1; seed < 8; seed++) {
      const markup = sound(
        renderToStaticMarkup(
          <LookDrawing subject={subject} grade={grade} seed={seed} label="what there is to see" />,
        ),
      );
      expect(markup).toContain('role="img" aria-label="what there is to see"');
      expect(markup.match(/<path/g)?.length).toBeGreaterThan(1);
    }
  },
);

test.each([
  [6, 1, 0],
  [6, 2, 0.13],
  [8, 1, -0.02],
])('a nut of %i slots and %i holes is a slider that says what the hand feels', (slots, holes, angle) => {
  const markup = sound(
    renderToStaticMarkup(
      <NutDrawing
        slots={slots}
        holes={holes}
        angle={angle}
        spinning={angle > 0}
        strain={angle < 0 ? 1 : 0}
        text="Finger-tight. Next slot 12° back."
        onTurn={() => undefined}
      />,
    ),
  );
  expect(markup).toContain('role="slider"');
  expect(markup).toContain('aria-valuetext="Finger-tight. Next slot 12° back."');
  expect(markup.includes('animate-tremble')).toBe(angle < 0);
  expect(markup.includes('animate-spin')).toBe(angle > 0);
});

test('end play on its tape is named mark by mark, in either unit, however loose', () => {
  const tape = (units: 'us' | 'metric', play: number) =>
    sound(
      renderToStaticMarkup(
        <PlayTape
          window={{ min: toSI(0.001, 'in'), max: toSI(0.01, 'in') }}
          units={units}
          marks={[{ name: 'Yours', play, own: true }]}
        />,
      ),
    );
  expect(tape('us', toSI(0.005, 'in'))).toContain('Yours 0.005 in');
  expect(tape('metric', toSI(0.005, 'in'))).toContain('Yours 0.13 mm');
  expect(tape('us', toSI(0.09, 'in'))).toContain('Yours 0.090 in');
  expect(tape('us', 0)).toContain('Yours 0.000 in');
});

test('a sound to be seen: louder is taller, and each turn has its tick', () => {
  const good = makeSound('good', 4);
  const rough = makeSound('outer', 4);
  const peak = (samples: Float32Array) => samples.reduce((most, x) => Math.max(most, Math.abs(x)), 0);
  const full = Math.max(peak(good.samples), peak(rough.samples));
  const heights = (of: typeof good) => {
    const markup = sound(
      renderToStaticMarkup(<Trace samples={of.samples} turns={of.turns} full={full} label="loudness" />),
    );
    expect(markup.match(/y1="122"/g)?.length).toBe(of.turns.length);
    return Math.max(
      ...[...markup.matchAll(/M[\d.]+ ([\d.]+)V([\d.]+)/g)].map(([, from, to]) => Number(to) - Number(from)),
    );
  };
  expect(heights(rough)).toBeGreaterThan(2 * heights(good));
});
