import fc from 'fast-check';
import * as z from 'zod/mini';
import { readDraft, storeDraft } from './draft';

const NOTE = { version: 2, schema: z.object({ text: z.string(), at: z.optional(z.number()) }) };

test('a draft comes back as it was put away', () => {
  expect(readDraft(NOTE, storeDraft(NOTE, { text: 'half', at: 3 }))).toEqual({ text: 'half', at: 3 });
});

test('one from before drafts had versions is read by its shape', () => {
  expect(readDraft(NOTE, { text: 'half' })).toEqual({ text: 'half' });
});

test('one of another version or shape is none', () => {
  expect(readDraft(NOTE, { draft: 1, value: { text: 'half' } })).toBeUndefined();
  expect(readDraft(NOTE, { draft: 2, value: { text: 7 } })).toBeUndefined();
  expect(readDraft(NOTE, undefined)).toBeUndefined();
});

test('whatever lies there, nothing is thrown and nothing misshapen is handed on', () => {
  fc.assert(
    fc.property(fc.anything(), (raw) => {
      const read = readDraft(NOTE, raw);
      expect(read === undefined || typeof read.text === 'string').toBe(true);
    }),
  );
});
