import { emptyRig } from '@/core/log';
import { toSI } from '@/core/base';
import { sampleModel } from '@/core/testing/arbitraries';
import { begunUnderWay, seenUnderWay } from './seen-under-way';

const mi = (value: number) => toSI(value, 'mi');
const model = sampleModel({ axles: 2 });
const at = '2026-05-16T14:00:00.000Z';
const rig = {
  ...emptyRig('r'),
  underWay: { entry: 't', at, into: mi(40), told: at, launches: 0 },
};
const params = (text: string) => new URLSearchParams(text);

test('what the live values called out begins the trouble: what, where, how far in, and the figures', () => {
  const hub = toSI(172, '°F');
  expect(
    seenUnderWay(params(`seen=hot&at=2L&into=${mi(62)}&hub=${hub}&mate=999`), { model, rig }, 'us'),
  ).toEqual({
    safety: {},
    safe: false,
    met: 'road',
    trouble: 'hot',
    at: '2L',
    answers: { hub },
    told: { into: '62' },
  });
});

test('a place that it cannot be at is asked for, a trouble nobody knows is none', () => {
  expect(seenUnderWay(params('seen=hot&at=S1'), { model, rig }, 'us')?.at).toBeUndefined();
  expect(seenUnderWay(params('seen=mood&at=2L'), { model, rig }, 'us')).toBeUndefined();
});

test('begun by itself on a trip it is on the road, so far in, in the owner’s units; at home it is asked', () => {
  expect(begunUnderWay(params(''), { rig }, 'metric')).toMatchObject({ met: 'road', told: { into: '64' } });
  expect(begunUnderWay(params(''), { rig: emptyRig('r') }, 'us')).toBeUndefined();
});
