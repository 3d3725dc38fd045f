import { X } from 'lucide-react';
import { Dialog as Radix } from 'radix-ui';
import { useState, type ReactNode } from 'react';
import { useTapRest } from './use-tap-rest';
import { Veil } from './veil';

/** A sheet over the page: from below on a phone, at the side on a desk. */
export function Dialog({
  open,
  onClose,
  title,
  description,
  children,
}: {
  open: boolean;
  onClose: () => void;
  title: ReactNode;
  description?: ReactNode;
  children: ReactNode;
}) {
  // Sheets are opened by state, not by a trigger of the package's own: what had the focus gets it back.
  const [opener] = useState(() => (typeof document === 'undefined' ? null : document.activeElement));
  const tapped = useTapRest();
  return (
    <Radix.Root open={open} onOpenChange={(next) => !next && onClose()}>
      <Radix.Portal>
        <Veil />
        <Radix.Content
          onPointerDownCapture={tapped}
          // The pad lies over the sheet and belongs to it.
          onInteractOutside={(event) => {
            if (event.target instanceof Element && event.target.closest('[data-number-pad]'))
              event.preventDefault();
          }}
          onCloseAutoFocus={() => opener instanceof HTMLElement && opener.focus()}
          {...(!description && { 'aria-describedby': undefined })}
          className="bg-paper border-ink fixed inset-x-0 bottom-0 z-50 flex max-h-[92dvh] flex-col border-t-2 md:inset-y-0 md:left-auto md:w-[30rem] md:max-h-none md:border-t-0 md:border-l-2"
        >
          <header className="flex items-start gap-4 px-5 pt-5 pb-3">
            <div className="min-w-0 flex-1">
              <Radix.Title className="text-2xl">{title}</Radix.Title>
              {description && <Radix.Description className="text-soft mt-1">{description}</Radix.Description>}
            </div>
            <Radix.Close
              aria-label="Close"
              className="hover:bg-accent-wash -mt-2 -mr-2 grid size-11 place-items-center rounded-sheet"
            >
              <X aria-hidden size={22} />
            </Radix.Close>
          </header>
          <div className="overflow-y-auto px-5 pb-[max(1.25rem,env(safe-area-inset-bottom))]">{children}</div>
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
