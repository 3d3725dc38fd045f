import { reported } from '../reported';
import type { ReactNode } from 'react';
import { Button } from './button';
import { useOnce } from './use-once';

/** A form in a sheet: its fields one below the other, and the one button that saves it. */
export function SheetForm({
  save,
  label,
  look = 'primary',
  children,
}: {
  /** Saves it; asked for again while it saves, it is the same tap. */
  save: () => unknown;
  label: string;
  look?: 'primary' | 'plain';
  children: ReactNode;
}) {
  const once = useOnce();
  return (
    <form
      noValidate
      className="grid gap-5"
      onSubmit={(event) => {
        event.preventDefault();
        reported(once(save));
      }}
    >
      {children}
      <Button type="submit" look={look} size="lg">
        {label}
      </Button>
    </form>
  );
}
