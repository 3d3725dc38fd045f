import { spoken } from '.';

describe('a text as it is read out', () => {
  it.each([
    ['Set the wrench to 100 lbf·ft, 20 % first.', 'Set the wrench to 100 foot-pounds, 20 percent first.'],
    ['135 N·m', '135 newton meters'],
    [
      'Minimum is 1/16 in bonded, 3/32 in over the rivets.',
      'Minimum is 1 sixteenth inch bonded, 3 thirty-seconds inch over the rivets.',
    ],
    ['2 1/4 in', '2 and 1 quarter inches'],
    ['0.005 in of play', '5 thousandths of play'],
    ['0.012 in', '12 thousandths'],
    ['Rock 1R, then 2L.', 'Rock 1 right, then 2 left.'],
    ['65 psi cold', '65 P S I cold'],
    ['1 mi', '1 mile'],
    ['25–100 mi', '25 to 100 miles'],
    ['Above 150 °F', 'Above 150 degrees Fahrenheit'],
    ['12.7 V', '12.7 volts'],
    ['Hands at 12 and 6', 'Hands at 12 and 6'],
    ['1L · 1R', '1 left, 1 right'],
    // What is no measure stays as it is.
    ['2 minutes in the sun', '2 minutes in the sun'],
  ])('%s', (text, said) => {
    expect(spoken(text)).toBe(said);
  });
});
