import { ArrowLeft } from 'lucide-react';
import type { ReactNode } from 'react';
import { Button, FieldError, Settled } from '@/ui';

/** What stands at the thumb of a card: done, back, and something is wrong. */
export function CardFooter({
  of,
  problem,
  done,
  blocked = false,
  onBack,
  onWrong,
  children,
}: {
  /** What the buttons are for: they settle when it changes. */
  of: string;
  problem: string | undefined;
  /** The words of the tap that goes on. */
  done: string;
  /** True while there is no going on. */
  blocked?: boolean;
  onBack: (() => void) | undefined;
  onWrong: () => void;
  /** What else there is. */
  children?: ReactNode;
}) {
  return (
    <footer className="bg-paper border-line sticky bottom-[calc(var(--bar)+env(safe-area-inset-bottom))] z-10 border-t px-4 py-3 md:bottom-0 md:px-8">
      {problem && (
        <div className="pb-2">
          <FieldError>{problem}</FieldError>
        </div>
      )}
      <Settled of={of} className="flex flex-wrap gap-2.5">
        <Button type="submit" look="primary" size="lg" className="min-w-36 flex-1" disabled={blocked}>
          {done}
        </Button>
        {children}
        <Button size="lg" disabled={!onBack} onClick={onBack}>
          <ArrowLeft aria-hidden className="sm:hidden" />
          <span className="sr-only sm:not-sr-only">Back</span>
        </Button>
        <Button size="lg" look="danger" onClick={onWrong}>
          <span className="sm:hidden">
            Not <br />
            right
          </span>
          <span className="hidden sm:inline">Something is wrong</span>
        </Button>
      </Settled>
    </footer>
  );
}
