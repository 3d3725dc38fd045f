import { ABILITIES, abilitiesOf } from './abilities';

const all = (has: boolean) => ({ offline: has, kept: has, awake: has, apart: has });

test('a browser that can do it all is told so', () => {
  expect(abilitiesOf({ secure: true, has: all(true) })).toEqual(ABILITIES.map((id) => ({ id, here: true })));
});

test('over plain HTTP what needs HTTPS says that it does, the rest that the browser has it not', () => {
  const why = Object.fromEntries(
    abilitiesOf({ secure: false, has: all(false) }).map((one) => [one.id, one.here ? '' : one.why]),
  );
  expect(why).toEqual({
    offline: 'not-secure',
    kept: 'not-secure',
    awake: 'not-secure',
    apart: 'not-in-browser',
  });
});

test('over HTTPS a browser without it is a browser without it', () => {
  const [, , awake] = abilitiesOf({ secure: true, has: { ...all(true), awake: false } });
  expect(awake).toEqual({ id: 'awake', here: false, why: 'not-in-browser' });
});
