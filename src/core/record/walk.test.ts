import {
  emptyRig,
  foldEntries,
  makeEntry,
  type FindingState,
  type RigState,
  type WalkBody,
  type WalkId,
} from '../log';
import { toSI } from '../base';
import type { RigModel } from '../rig';
import { HOUSE_DEFAULT } from '../rules';
import { sampleModel } from '../testing/arbitraries';
import { compileWalk, itemsOf, judgeWalk, type Answers } from '../road';
import { walkEntries, type NewEntry, type WalkedRound } from '.';

const psi = (value: number) => toSI(value, 'psi');
const RIG = '0196d000-0000-7000-8000-0000000000aa';
const NOW = '2026-05-16T12:00:00.000Z';
const model: RigModel = {
  ...sampleModel({ axles: 1, kind: 'utility', brake: 'electric' }),
  tires: { pressure: { value: psi(65), source: 'maker' } },
};
const PHOTO = { hash: 'a'.repeat(64), bytes: 1000, width: 1600, height: 1200 };

function made(
  walk: WalkId,
  answers: Answers,
  more: Partial<RigState> = {},
  photos: WalkedRound['photos'] = [],
  decision?: WalkBody['decision'],
): readonly NewEntry[] {
  const rig: RigState = { ...emptyRig(RIG), model, ...more };
  const compiled = compileWalk(walk, model, 'round');
  const around = { tires: 'cold' as const };
  const judged = judgeWalk(compiled, answers, { rig, model, house: HOUSE_DEFAULT, around });
  let n = 0;
  return walkEntries({
    walk: compiled,
    answers,
    around,
    photos,
    judged,
    rig,
    model,
    house: HOUSE_DEFAULT,
    decision,
    minutes: 4,
    newId: () => `0196d000-0000-7000-8000-${String((n += 1)).padStart(12, '0')}`,
  });
}

/** The drafts as they are written, to see that each is an entry that can be. */
const written = (drafts: readonly NewEntry[]) =>
  drafts.map(({ kind, body, id }, i) =>
    makeEntry(
      kind,
      {
        id: id ?? `0196d000-0000-7000-9000-${String(i).padStart(12, '0')}`,
        rig: RIG,
        happened: NOW,
        recorded: NOW,
      },
      body,
    ),
  );

test('a clean walk is one entry, with every item looked at', () => {
  const compiled = compileWalk('hitch', model, 'round');
  const answers = Object.fromEntries(itemsOf(compiled).map(({ key }) => [key, { as: 'clear' as const }]));
  const decision = { rule: 'clear', go: 'clear' } as const;
  const drafts = made('hitch', answers, {}, [], decision);
  expect(drafts.map(({ kind }) => kind)).toEqual(['walk']);
  expect(drafts[0]?.body).toMatchObject({ walk: 'hitch', minutes: 4, decision });
  expect(written(drafts)).toHaveLength(1);
});

test('what is not right opens a finding that knows its walk, and its pictures know the finding', () => {
  const drafts = made(
    'hitch',
    { 'tire@1L': { as: 'not-right', grade: 'cut', words: 'outside' }, 'cap@1R': { as: 'clear' } },
    {},
    [
      { item: 'tire@1L', photo: PHOTO },
      { item: 'cap@1R', photo: { ...PHOTO, hash: 'b'.repeat(64) } },
    ],
  );
  const [walk, finding, ofFinding, ofWalk] = drafts;
  expect(drafts.map(({ kind }) => kind)).toEqual(['walk', 'finding.opened', 'photo', 'photo']);
  expect(finding?.body).toMatchObject({
    place: '1L',
    verdict: 'stop',
    remedy: 'tire-renew',
    of: { subject: 'tire-wall', grade: 'cut' },
    from: walk?.id,
    note: 'outside',
  });
  expect(ofFinding?.body).toMatchObject({ place: '1L', of: finding?.id });
  expect(ofWalk?.body).toMatchObject({ place: '1R', of: walk?.id });
  const rig = foldEntries(written(drafts)).state.rigs[RIG];
  expect(Object.keys(rig?.findings ?? {})).toEqual([finding?.id]);
});

test('what is the owner’s own is found in its owner’s words, and rests on no rule', () => {
  const own: RigModel = { ...model, own: { a: { name: 'Hive straps', on: 'hitch' } } };
  const compiled = compileWalk('hitch', own, 'round');
  const answers: Answers = { 'own-a@rig': { as: 'not-right', grade: 'bad', words: 'buckle bent' } };
  const rig: RigState = { ...emptyRig(RIG), model: own };
  const around = { tires: 'cold' as const };
  const drafts = walkEntries({
    walk: compiled,
    answers,
    around,
    photos: [],
    judged: judgeWalk(compiled, answers, { rig, model: own, house: HOUSE_DEFAULT, around }),
    rig,
    model: own,
    house: HOUSE_DEFAULT,
    decision: undefined,
    minutes: 4,
    newId: () => '0196d000-0000-7000-8000-000000000001',
  });
  const found = drafts.find(({ kind }) => kind === 'finding.opened');
  expect(found?.body).toMatchObject({ place: 'rig', verdict: 'due', text: 'Hive straps: buckle bent' });
  expect(found?.body).not.toHaveProperty('of');
  expect(written(drafts)).toHaveLength(drafts.length);
});

test('one that is open already is seen again, not opened twice', () => {
  const open = {
    id: '0196d000-0000-7000-8000-0000000000f1',
    at: NOW,
    place: '1L' as const,
    verdict: 'watch' as const,
    text: 'crazed',
    of: { subject: 'tire-wall' as const, grade: 'crazed' },
  };
  const drafts = made(
    'hitch',
    { 'tire@1L': { as: 'not-right', grade: 'cracks' } },
    { findings: { [open.id]: open } },
  );
  expect(drafts.map(({ kind }) => kind)).toEqual(['walk', 'finding.seen']);
  expect(drafts[1]?.body).toMatchObject({ finding: open.id, verdict: 'due' });
});

describe('what a walk finds gone', () => {
  const at = (of: FindingState['of'], verdict: FindingState['verdict']) => {
    const id = '0196d000-0000-7000-8000-0000000000f1';
    return { findings: { [id]: { id, at: NOW, place: '1L' as const, verdict, of } } };
  };
  const kinds = (...told: Parameters<typeof made>) => made(...told).map(({ kind }) => kind);
  const crazed = { subject: 'tire-wall', grade: 'crazed' } as const;
  const low = { what: 'pressure', value: psi(50) } as const;

  test('what was only watched is settled by a clear look, what is due is not', () => {
    const clear: Answers = { 'tire@1L': { as: 'clear' } };
    expect(kinds('hitch', clear, at(crazed, 'watch'))).toContain('finding.closed');
    expect(kinds('hitch', clear, at(crazed, 'due'))).not.toContain('finding.closed');
    expect(kinds('hitch', { 'tire@1L': { as: 'skipped' } }, at(crazed, 'watch'))).not.toContain(
      'finding.closed',
    );
  });
  test('a glance at a stop closes nothing: what one tap says of many things looked at no link', () => {
    const worn = { subject: 'chain', grade: 'worn' } as const;
    const id = '0196d000-0000-7000-8000-0000000000f1';
    const chains: Pick<RigState, 'findings'> = {
      findings: { [id]: { id, at: NOW, place: 'safetyChains', verdict: 'watch', of: worn } },
    };
    const clear: Answers = { 'chain@safetyChains': { as: 'clear' } };
    expect(kinds('stop', clear, chains)).not.toContain('finding.closed');
    expect(kinds('first-stop', clear, chains)).not.toContain('finding.closed');
    expect(kinds('hitch', clear, chains)).toContain('finding.closed');
    expect(kinds('stop', { 'tire@1L': { as: 'clear' } }, at(crazed, 'watch'))).not.toContain(
      'finding.closed',
    );
    // A hand on the hub is the very thing that was found there.
    const warm = { subject: 'hub-hand', grade: 'briefly' } as const;
    expect(kinds('stop', { 'hub@1L': { as: 'clear' } }, at(warm, 'watch'))).toContain('finding.closed');
  });
  test('a low tire is settled by its figure, not by a tap that it is clear', () => {
    const read: Answers = { 'pressure@1L': { as: 'clear', value: psi(65), by: 'gauge' } };
    expect(kinds('hitch', read, at(low, 'due'))).toContain('finding.closed');
    expect(kinds('hitch', { 'pressure@1L': { as: 'clear' } }, at(low, 'due'))).not.toContain(
      'finding.closed',
    );
  });
  test('a stop is never settled by a walk', () =>
    expect(kinds('hitch', { 'tire@1L': { as: 'clear' } }, at(crazed, 'stop'))).not.toContain(
      'finding.closed',
    ));
});

test('what is off by its figure knows the work that puts it right', () => {
  const drafts = made('hitch', { 'pressure@1L': { as: 'not-right', value: psi(58), by: 'gauge' } });
  expect(drafts[1]?.body).toMatchObject({
    place: '1L',
    verdict: 'watch',
    remedy: 'pressures',
    of: { what: 'pressure', value: psi(58), held: { against: psi(65) } },
  });
});

test('what nobody said more of is not right by what was looked at', () => {
  const drafts = made('hitch', { 'cap@1R': { as: 'not-right' } });
  expect(drafts[1]?.body).toMatchObject({ place: '1R', verdict: 'due', of: { notRight: 'cap' } });
});

describe('lugs by wrench', () => {
  const refit = { entry: 'e', at: NOW, distance: 0, limits: [1], checked: -1, moves: 0 };
  const results = (answers: Answers, refits: RigState['refits']) =>
    made('first-stop', answers, { refits }).flatMap((draft) =>
      draft.kind === 'recheck' ? [[draft.body.place, draft.body.result]] : [],
    );
  test('answer the recheck that is open there', () => {
    const answers: Answers = {
      'torque@1L': { as: 'clear' },
      'torque@1R': { as: 'not-right', grade: 'moved' },
    };
    expect(results(answers, { '1L': refit, '1R': refit })).toEqual([
      ['1L', 'held'],
      ['1R', 'moved'],
    ]);
    expect(results({ 'torque@1L': { as: 'not-right', grade: 'broken' } }, { '1L': refit })).toEqual([
      ['1L', 'loose'],
    ]);
  });
  test('where none is open, or none was looked at, there is nothing to answer', () => {
    expect(results({ 'torque@1L': { as: 'clear' } }, {})).toEqual([]);
    expect(results({ 'torque@1L': { as: 'skipped' } }, { '1L': refit })).toEqual([]);
  });
});
