import type { ReactNode } from 'react';
import { Button } from './button';

/** A form in a sheet: its fields one below the other, and the one button that saves it. */
export function SheetForm({
  save,
  label,
  children,
}: {
  save: () => void;
  label: string;
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
      <Button type="submit" look="primary" size="lg">
        {label}
      </Button>
    </form>
  );
}
