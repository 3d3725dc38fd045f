import { readdirSync } from 'node:fs';
import fc from 'fast-check';
import { PATHS, to, toCard, toWork, type PlaceName } from '.';

const asked = (href: string) => Object.fromEntries(new URL(href, 'http://here').searchParams);

test('every page of the product has a name to link to, and every name a page', () => {
  const pages = readdirSync('src/app', { recursive: true, encoding: 'utf8' })
    .filter((file) => /(^|\/)page\.tsx$/.test(file))
    .map((file) => `/${file.replace(/\/?page\.tsx$/, '')}`)
    // Only the worker opens it, where the network is gone.
    .filter((path) => path !== '/lost');
  expect(Object.values<string>(PATHS).sort()).toEqual(pages.sort());
});

test('whatever an address carries is read from it again, and its rig comes first', () => {
  const name = fc.constantFrom(...(Object.keys(PATHS) as PlaceName[]));
  fc.assert(
    fc.property(
      name,
      fc.uuid(),
      fc.dictionary(fc.stringMatching(/^[a-z]{1,6}$/), fc.string()),
      (place, rig, more) => {
        const { rig: _, ...rest } = more;
        const href = to(place, rig, rest);
        expect(href.startsWith(`${PATHS[place]}?rig=${rig}`)).toBe(true);
        expect(asked(href)).toEqual({ rig, ...rest });
      },
    ),
  );
});

test('what is not known is left out', () => {
  expect(to('papers', undefined)).toBe('/papers');
  expect(to('parts', 'one', { kind: undefined })).toBe('/parts?rig=one');
  expect(to('trouble', undefined, { into: 0 })).toBe('/trouble?into=0');
});

test('work and cards stand in an address as people read them', () => {
  expect(
    toWork('one', [
      { routine: 'repack', place: '1L' },
      { routine: 'tire-rotate', place: '1L', with: '2L' },
    ]),
  ).toBe('/bench?rig=one&jobs=repack:1L,tire-rotate:1L:2L');
  expect(toWork('one', [{ routine: 'lights', place: 'rig' }], { on: 'sheet' })).toBe(
    '/sheet?rig=one&jobs=lights:rig',
  );
  expect(toCard('seven', { by: 'paper' })).toBe('/bench?run=seven&by=paper');
});
