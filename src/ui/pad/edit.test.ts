import * as fc from 'fast-check';
import { parseQuantity } from '@/core/base';
import { pressed, unitOfLine, unitsLike, type Line, type PadKey } from './edit';

const line = (text: string, at = text.length): Line => ({ text, from: at, to: at });
const typed = (keys: readonly PadKey[], asked?: string, begin = '') =>
  keys.reduce((before, key) => pressed(before, key, asked), line(begin)).text;

describe('what a key of the pad does to a figure', () => {
  it('puts digits, a point and a part one after another', () => {
    expect(typed([{ put: '1' }, { put: '2' }, { put: '.' }, { put: '5' }])).toBe('12.5');
    expect(typed([{ put: '2' }, { put: ' ' }, { put: '1' }, { put: '/' }, { put: '4' }])).toBe('2 1/4');
  });

  it('makes parts of an inch of what stands there, and others of it again', () => {
    expect(typed([{ put: '3' }, { over: 32 }], 'in')).toBe('3/32');
    expect(typed([{ put: '3' }, { over: 32 }, { over: 16 }], 'in')).toBe('3/16');
  });

  it('names a unit that is not the one asked for, and keeps digits in front of it', () => {
    expect(typed([{ put: '2' }, { unit: 'mm' }], 'in')).toBe('2 mm');
    expect(typed([{ put: '2' }, { unit: 'mm' }, { put: '.' }, { put: '4' }], 'in')).toBe('2.4 mm');
    expect(typed([{ put: '2' }, { unit: 'mm' }, { unit: 'in' }], 'in')).toBe('2');
    expect(typed(['erase', { put: '5' }], 'psi', '42 bar')).toBe('45 bar');
    expect(typed(['clear'], 'psi', '42 bar')).toBe('');
  });

  it('erases what is marked, or the sign before the mark', () => {
    expect(pressed({ text: '1234', from: 1, to: 3 }, 'erase')).toEqual(line('14', 1));
    expect(pressed(line('1234', 2), 'erase')).toEqual(line('134', 1));
    expect(pressed(line('', 0), 'erase')).toEqual(line('', 0));
  });

  it('leaves letters of a number on a part alone', () => {
    expect(typed([{ put: 'S' }, { put: '7' }, { put: '-' }, { put: '2' }])).toBe('S7-2');
  });

  it('knows the units like the one asked for, that one first', () => {
    expect(unitsLike('kPa')).toEqual(['kPa', 'psi', 'bar']);
    expect(unitsLike('mm')).toEqual(['mm', 'in']);
    expect(unitsLike('nuts')).toEqual([]);
    expect(unitsLike(undefined)).toEqual([]);
    expect(unitOfLine('2.4 mm', 'in')).toBe('mm');
    expect(unitOfLine('2.4', 'in')).toBe('in');
  });

  it('types every figure so that it can be read', () => {
    const digit = fc.constantFrom<PadKey>(...['1', '2', '5', '9'].map((put) => ({ put })));
    fc.assert(
      fc.property(
        fc.array(digit, { minLength: 1, maxLength: 4 }),
        fc.constantFrom<PadKey>({ over: 8 }, { over: 16 }, { over: 32 }, { put: '.' }),
        fc.constantFrom<PadKey>({ unit: 'in' }, { unit: 'mm' }),
        (digits, part, unit) => {
          const text = typed([...digits, part, unit], 'in');
          expect(parseQuantity(text, 'length', 'in').ok).toBe(true);
        },
      ),
    );
  });
});
