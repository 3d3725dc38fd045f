import type { FromDesk, ToDesk } from './messages';
import { serve, type Served } from './serve';

/** Bytes cross to a page without being copied. */
function movable(value: unknown): readonly Transferable[] {
  const bytes = typeof value === 'object' && value !== null && 'bytes' in value ? value.bytes : undefined;
  return bytes instanceof Uint8Array ? [bytes.buffer] : [];
}

const asError = (error: unknown) => (error instanceof Error ? error : new Error(String(error)));

/** Attends to a desk: opens the yard it is told to, answers what is asked, says what changed; gives what hears, and what closes it. */
export function attend(say: (message: FromDesk, transfer: readonly Transferable[]) => void): {
  readonly hear: (message: ToDesk) => void;
  readonly close: () => void;
} {
  let served: Promise<Served> | undefined;
  const answer = async ({ n, name, ask }: Extract<ToDesk, { say: 'ask' }>) => {
    try {
      if (!served) throw new Error('The yard is not open');
      const value = await (
        await served
      ).answer(name, ask as never, (share) => say({ say: 'progress', n, share }, []));
      say({ say: 'answer', n, value }, movable(value));
    } catch (error) {
      const { name: kind, message } = asError(error);
      say({ say: 'failure', n, name: kind, reason: message }, []);
    }
  };
  const open = ({ opening, show }: Extract<ToDesk, { say: 'open' }>) => {
    served = serve(
      opening,
      (message) => say({ say: 'warning', message }, []),
      (reason) => say({ say: 'shut', reason }, []),
      show ? (shown) => say({ say: 'shown', shown }, []) : undefined,
    );
    served.then(
      ({ opened }) => say({ say: 'open', opened }, []),
      (error: unknown) => say({ say: 'shut', reason: asError(error).message }, []),
    );
  };
  return {
    hear: (message) => {
      if (message.say === 'open') open(message);
      // Whatever goes wrong is answered; only a page that is gone hears nothing.
      else answer(message).catch(() => undefined);
    },
    close: () => {
      served?.then(({ close }) => close()).catch(() => undefined);
    },
  };
}
