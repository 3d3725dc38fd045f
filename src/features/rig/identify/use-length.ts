'use client';

import { useState } from 'react';
import { parseQuantity, unitFor } from '@/core/base';
import { useFormUnits } from '@/store';
import { parseWords } from '@/text';

/** A length that is typed: its text, its value (m) once it can be read, and what is wrong with it. */
export interface Typed {
  readonly value: number | undefined;
  readonly field: {
    readonly value: string;
    readonly unit: string;
    readonly inputMode: 'decimal';
    readonly error: string | undefined;
    readonly onChange: (event: { readonly target: { readonly value: string } }) => void;
  };
}

/** A length between bounds (m), typed in the owner's units. */
export function useLength(min: number, max: number, start = ''): Typed {
  const units = useFormUnits();
  const [text, setText] = useState(start);
  const unit = unitFor('length', units);
  const read = parseQuantity(text, 'length', unit);
  const outside = read.ok && (read.value < min || read.value > max);
  const error =
    text.trim() === ''
      ? undefined
      : !read.ok
        ? parseWords(read.error, units)
        : outside
          ? 'Nothing on a trailer measures this. Check the figure and its unit.'
          : undefined;
  return {
    value: read.ok && !outside ? read.value : undefined,
    field: {
      value: text,
      unit,
      inputMode: 'decimal',
      error,
      onChange: (event) => setText(event.target.value),
    },
  };
}
