import { emptyRig, type FindingState, type RigState } from '../log';
import { HOUSE_DEFAULT } from '../rules';
import { sampleModel } from '../testing/arbitraries';
import { gradedFound, reportEntries } from '.';

const model = sampleModel({ axles: 1, brake: 'electric' });
const wall = (grade: string) => {
  const found = gradedFound(
    '1L',
    { subject: 'tire-wall', grade, note: 'seen today' },
    { model, house: HOUSE_DEFAULT },
  );
  if (!found) throw new Error('nothing found');
  return found;
};
const cut: FindingState = {
  id: '0196d000-0000-7000-8000-000000000001',
  at: '2026-05-16T12:00:00.000Z',
  place: '1L',
  verdict: 'stop',
  of: { subject: 'tire-wall', grade: 'cut' },
};
const told = (grade: string, ...open: readonly FindingState[]) => {
  const rig: RigState = { ...emptyRig('x'), findings: Object.fromEntries(open.map((one) => [one.id, one])) };
  return reportEntries(wall(grade), [], rig, () => '0196d000-0000-7000-8000-000000000009')[0];
};

test('told by hand it has its verdict and its repair by the rule', () => {
  expect(told('flat')).toMatchObject({
    kind: 'finding.opened',
    body: { verdict: 'stop', remedy: 'tire-renew', of: { grade: 'flat' }, note: 'seen today' },
  });
  expect(
    gradedFound('1L', { subject: 'tire-wall', grade: 'clean', note: '' }, { model, house: HOUSE_DEFAULT }),
  ).toBeUndefined();
});

test('something milder told beside it makes what stands no milder; something graver makes it graver', () => {
  expect(told('crazed', cut)).toMatchObject({
    kind: 'finding.seen',
    body: { finding: cut.id, verdict: 'stop', of: { grade: 'cut' }, note: 'seen today' },
  });
  const cracks: FindingState = { ...cut, verdict: 'due', of: { subject: 'tire-wall', grade: 'cracks' } };
  expect(told('bulge', cracks)).toMatchObject({ body: { verdict: 'stop', of: { grade: 'bulge' } } });
});
