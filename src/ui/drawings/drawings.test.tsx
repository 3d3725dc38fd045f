import { renderToStaticMarkup } from 'react-dom/server';
import { starOrder } from '@/core/figures';
import { STUD_COUNTS, wheelEnds } from '@/core/rig';
import { CRITERIA, SUBJECTS } from '@/core/rules';
import { sampleModel } from '@/core/testing/arbitraries';
import { Mark } from '../mark';
import { Tape } from '../tape';
import {
  Brake,
  CastleNut,
  Condition,
  Corner,
  HubStack,
  isDrawn,
  RigPlan,
  Star,
  Suspension,
  WalkPlan,
  type BrakePart,
  type CornerPart,
  type HubPart,
  type SuspensionPart,
} from '.';

const draw = renderToStaticMarkup;
const sound = (svg: string) => expect(svg).not.toMatch(/NaN|undefined|Infinity/);

describe('the star', () => {
  test.each(STUD_COUNTS)('of %d studs numbers its nuts in the order they are tightened', (studs) => {
    const svg = draw(<Star studs={studs} done={0} />);
    sound(svg);
    const numbers = [...svg.matchAll(/>(\d+)<\/text>/g)].map((match) => Number(match[1]));
    expect(numbers).toEqual(starOrder(studs).map((_, i) => i + 1));
    expect(svg).toContain(`Nut 1 of ${studs} is next`);
  });

  test('says when a round is done', () => {
    expect(draw(<Star studs={5} done={5} />)).toContain('All nuts of this round done');
  });
});

test.each([
  [5, 1],
  [6, 2],
  [8, 2],
])('the castle nut has its %d slots and %d holes', (slots, holes) => {
  const svg = draw(<CastleNut slots={slots} holes={holes} turn={0.5 / slots} studs={5} label="nut" />);
  sound(svg);
  expect(svg.match(/stroke-width="20"/g)).toHaveLength(slots);
  expect(svg.match(/stroke-dasharray="2 3"/g)).toHaveLength(holes);
});

test('a nut that was not turned back has no arrow', () => {
  const arrow = /stroke="var\(--due\)"/;
  expect(draw(<CastleNut slots={6} holes={1} turn={0} studs={5} label="nut" />)).not.toMatch(arrow);
  expect(draw(<CastleNut slots={6} holes={1} turn={1 / 6} studs={5} label="nut" />)).toMatch(arrow);
});

test.each<HubPart>(['spindle', 'seal', 'inner', 'hub', 'outer', 'washer', 'nut', 'lock', 'cap'])(
  'the hub drawn apart shows the %s in hand, and says so',
  (part) => {
    for (const brake of [true, false]) {
      const svg = draw(<HubStack meant={[part]} brake={brake} />);
      sound(svg);
      expect(svg).toContain('ink-meant');
      expect(svg).toMatch(/in hand: /);
    }
  },
);

test.each<CornerPart>(['vehicle', 'chocks', 'stabilizer', 'cover', 'nuts', 'jack', 'stand', 'wheel', 'tray'])(
  'the corner shows the %s in hand',
  (part) => {
    for (const torsion of [true, false])
      for (const up of [true, false]) {
        const svg = draw(<Corner part={part} up={up} wheelOn torsion={torsion} />);
        sound(svg);
        expect(svg).toContain('ink-meant');
      }
  },
);

test.each<['electric' | 'hydraulic-drum' | 'hydraulic-disc', BrakePart]>([
  ['electric', 'star-wheel'],
  ['electric', 'shoes'],
  ['hydraulic-drum', 'whole'],
  ['hydraulic-disc', 'caliper'],
])('a %s brake shows the %s in hand', (kind, part) => {
  const svg = draw(<Brake kind={kind} part={part} />);
  sound(svg);
  expect(svg).toContain('ink-meant');
});

describe('the rig from above', () => {
  const model = sampleModel({ axles: 2, kind: 'rv' });

  test('names every wheel end to those who do not see it', () => {
    const svg = draw(
      <RigPlan
        model={model}
        heading="left"
        labels={{ '2R': { mark: 'due', note: 'repack due' } }}
        onChoose={() => undefined}
      />,
    );
    sound(svg);
    for (const place of wheelEnds(model)) expect(svg).toContain(`aria-label="${place}, `);
    expect(svg).toContain('aria-label="2R, right, rear axle: Due, repack due"');
  });

  test('without something to choose it is a picture, not a row of buttons', () => {
    expect(draw(<RigPlan model={model} heading="up" />)).not.toContain('<button');
  });
});

describe('the tape', () => {
  const tape = (used: number) => draw(<Tape used={used} limit={100} mark="due" label="tape" />);

  test('underlines what is used, and dashes only what is past', () => {
    for (const used of [0, 40, 100, 120, 900]) sound(tape(used));
    expect(tape(40)).not.toContain('stroke-dasharray');
    expect(tape(120)).toContain('stroke-dasharray');
  });
});

test('every state is a shape of its own, and is spoken where no word stands beside it', () => {
  const marks = (['clear', 'soon', 'unknown', 'due', 'stop'] as const).map((mark) =>
    draw(<Mark mark={mark} />).replace(/text-\w+/, ''),
  );
  expect(new Set(marks).size).toBe(5);
  expect(draw(<Mark mark="stop" spoken />)).toContain('aria-label="Stop"');
  expect(draw(<Mark mark="stop" />)).toContain('aria-hidden="true"');
});

test('the suspension shows each part in hand, for one axle and for two', () => {
  const parts: SuspensionPart[] = ['springs', 'equalizer', 'hangers', 'bushings', 'bolts', 'axles', 'stands'];
  for (const axles of [1, 2])
    for (const part of parts) {
      const svg = draw(<Suspension part={part} axles={axles} up />);
      sound(svg);
      expect(svg).toContain(`in hand: ${part}`);
      expect(svg).toContain('ink-meant');
    }
  expect(draw(<Suspension part="axles" axles={2} up={false} />).match(/<circle/g)).toHaveLength(10);
});

test('on the right side forward is to the right', () => {
  for (const draw2 of [
    <Brake key="b" kind="electric" part="shoes" side="R" />,
    <Suspension key="s" part="bolts" axles={2} up side="R" />,
  ]) {
    const svg = draw(draw2);
    expect(svg).toContain('forward →');
    expect(svg).toContain('scale(-1 1)');
  }
  expect(draw(<Brake kind="electric" part="shoes" />)).toContain('← forward');
});

describe('conditions to grade', () => {
  const drawn = SUBJECTS.filter(isDrawn);
  test('those that two people grade apart are drawn', () =>
    expect(drawn).toEqual(
      expect.arrayContaining([
        'rollers',
        'spindle',
        'lining',
        'tire-wall',
        'wear',
        'old-grease',
        'drum',
        'eye',
        'strap',
        'weld',
      ]),
    ));
  test.each(drawn)('every grade of %s is a picture of its own', (subject) => {
    const grades = Object.keys(CRITERIA[subject]);
    const pictures = grades.map((grade) => draw(<Condition subject={subject} grade={grade} />));
    pictures.forEach(sound);
    expect(new Set(pictures).size).toBe(grades.length);
  });
  test('what is told in words well enough has none', () =>
    expect(draw(<Condition subject="spin" grade="free" />)).toBe(''));
});

describe('the way round a rig', () => {
  const model = { ...sampleModel({ axles: 2 }), spares: 1 };
  const gone = (at: Parameters<typeof WalkPlan>[0]['at']) => {
    const svg = draw(<WalkPlan model={model} at={at} chosen={[]} label="Stop" />);
    sound(svg);
    return Number(/stroke-dasharray="([\d.]+) /.exec(svg)?.[1] ?? Number.NaN);
  };
  test('grows from stop to stop, down the left side and up the right', () => {
    const way = (['tow', 'tongue', '1L', '2L', 'back', '2R', '1R', 'spares'] as const).map(gone);
    expect([...way].sort((a, b) => a - b)).toEqual(way);
    expect(new Set(way).size).toBe(way.length);
  });
  test('is not drawn where one goes by systems', () => expect(gone(undefined)).toBeNaN());
});
