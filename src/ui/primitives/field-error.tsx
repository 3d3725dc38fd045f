import type { ReactNode } from 'react';

/** What is wrong, at the place where it is. */
export function FieldError({ children, id }: { children: ReactNode; id?: string | undefined }) {
  return (
    <p id={id} role="alert" className="text-stop mt-1.5 flex gap-2 font-medium">
      <span aria-hidden className="bg-stop mt-[0.32em] size-2.5 shrink-0 rotate-45" />
      <span>{children}</span>
    </p>
  );
}
