import type { ReactNode } from 'react';
import { Button } from './button';

/** A form in a sheet: its fields one below the other, and the one button that saves it. */
export function SheetForm({
  save,
  label,
  look = 'primary',
  children,
}: {
  save: () => void;
  label: string;
  look?: 'primary' | 'plain';
  children: ReactNode;
}) {
  return (
    <form
      noValidate
      className="grid gap-5"
      onSubmit={(event) => {
        event.preventDefault();
        save();
      }}
    >
      {children}
      <Button type="submit" look={look} size="lg">
        {label}
      </Button>
    </form>
  );
}
