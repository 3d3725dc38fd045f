import { readDraft, storeDraft } from '@/store';
import { FORM_DRAFT, stillOpen, withKept } from './form-draft';

const NOW = '2026-05-16T14:00:00.000Z';
const draft = { units: 'us' as const, at: NOW, values: { who: 'the shop', gone: 'x', sure: true } };

test('a draft comes back as it was, with the units it was typed in', () => {
  expect(readDraft(FORM_DRAFT, JSON.parse(JSON.stringify(storeDraft(FORM_DRAFT, draft))))).toEqual(draft);
  expect(readDraft(FORM_DRAFT, { draft: 1, value: { ...draft, units: 'feet' } })).toBeUndefined();
  expect(readDraft(FORM_DRAFT, { draft: 1, value: { ...draft, values: { who: 7 } } })).toBeUndefined();
});

test('fields a form has not, or of another type, are left out', () => {
  expect(withKept({ who: '', said: 'nothing', sure: '' }, draft.values)).toEqual({
    who: 'the shop',
    said: 'nothing',
    sure: '',
  });
  expect(withKept({ constructor: '' }, {})).toEqual({ constructor: '' });
});

test('a month at most', () => {
  expect(stillOpen(draft, '2026-06-15T14:00:00.000Z')).toBe(draft);
  expect(stillOpen(draft, '2026-06-18T14:00:00.000Z')).toBeUndefined();
  expect(stillOpen(undefined, NOW)).toBeUndefined();
});
