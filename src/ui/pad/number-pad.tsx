'use client';

import { Delete } from 'lucide-react';
import { useEffect, useState } from 'react';
import { cx } from '../cx';
import { extraKeys, pressed, unitOfLine, unitsLike, type PadKey } from './edit';
import type { PadKind } from './pad-context';

/** So long (ms) the pad stays when its field is left: what is tapped meanwhile does not slip away under the finger. */
const A_BREATH = 250;

/** The input that the pad types into, if it is one. */
function paddedInput(target: EventTarget | null): HTMLInputElement | undefined {
  return target instanceof HTMLInputElement && target.dataset['pad'] ? target : undefined;
}

/** The next field of the same form that the pad types into. */
function nextOf(input: HTMLInputElement): HTMLInputElement | undefined {
  const within = input.closest('form, [role=dialog], main') ?? document;
  const all = [...within.querySelectorAll<HTMLInputElement>('input[data-pad]:not(:disabled)')];
  return all[all.indexOf(input) + 1];
}

/** Types a key into an input as a keyboard would. */
function type(input: HTMLInputElement, key: PadKey): void {
  const from = input.selectionStart ?? input.value.length;
  const to = input.selectionEnd ?? from;
  const line = pressed({ text: input.value, from, to }, key, input.dataset['unit']);
  if (input.maxLength >= 0 && line.text.length > input.maxLength) return;
  input.setRangeText(line.text, 0, input.value.length, 'end');
  input.setSelectionRange(line.from, line.to);
  input.dispatchEvent(new Event('input', { bubbles: true }));
}

function Key({
  children,
  name,
  className,
  onPress,
  on,
  leads = false,
}: {
  children: React.ReactNode;
  name?: string;
  className?: string;
  onPress: () => void;
  on?: boolean;
  /** What leads on stands out. */
  leads?: boolean;
}) {
  return (
    <button
      type="button"
      tabIndex={-1}
      aria-label={name}
      aria-pressed={on}
      // The field keeps the focus.
      onPointerDown={(event) => event.preventDefault()}
      onMouseDown={(event) => event.preventDefault()}
      onClick={onPress}
      className={cx(
        'figures grid min-h-14 place-items-center rounded-sheet border-[1.5px] text-2xl font-semibold active:translate-y-px',
        leads
          ? 'bg-accent text-accent-ink border-accent'
          : on
            ? 'bg-ink text-paper border-ink'
            : 'bg-sheet border-soft active:bg-accent-wash',
        className,
      )}
    >
      {children}
    </button>
  );
}

const OVER = [8, 16, 32] as const;

/** The keys for one field; its own text is the display. */
function Keys({ input, onClose }: { input: HTMLInputElement; onClose: () => void }) {
  const kind = (input.dataset['pad'] ?? 'figure') as PadKind;
  const asked = input.dataset['unit'];
  const units = unitsLike(asked);
  const unit = unitOfLine(input.value, asked);
  const press = (key: PadKey) => () => type(input, key);
  const letters = extraKeys(kind);
  const next = nextOf(input);
  const beside = input.dataset['beside'];
  const negative = asked?.startsWith('°');
  // Parts are read off rules and slots; the road and a gauge have tenths.
  const parts = asked === undefined || asked === 'in' || asked === 'mm';
  return (
    <div className="mx-auto grid max-w-lg gap-2">
      <p className="flex items-baseline gap-3 px-1">
        <strong className="min-w-0 flex-1 truncate">{input.labels?.[0]?.innerText ?? input.ariaLabel}</strong>
        <span className="figures shrink-0 text-2xl font-semibold">
          {input.value || '–'} {unit === asked ? asked : ''}
        </span>
      </p>
      {beside && <p className="text-soft -mt-1 px-1">{beside}</p>}
      {kind === 'figure' && (
        <div className="flex gap-2">
          {asked === 'in' &&
            OVER.map((over) => (
              <Key key={over} className="min-h-12 flex-1 text-xl" onPress={press({ over })}>
                {`/${over}`}
              </Key>
            ))}
          {units.length > 1 &&
            units.map((one) => (
              <Key
                key={one}
                name={`in ${one}`}
                on={one === unit}
                className="min-h-12 flex-1 text-xl"
                onPress={press({ unit: one })}
              >
                {one}
              </Key>
            ))}
        </div>
      )}
      {letters.length > 0 && (
        <div className="grid grid-cols-7 gap-1.5">
          {letters.map((letter) => (
            <Key key={letter} className="min-h-11 text-xl" onPress={press({ put: letter })}>
              {letter}
            </Key>
          ))}
        </div>
      )}
      <div className="grid grid-cols-4 gap-2">
        {['7', '8', '9'].map((digit) => (
          <Key key={digit} onPress={press({ put: digit })}>
            {digit}
          </Key>
        ))}
        <Key name="Erase" onPress={press('erase')}>
          <Delete aria-hidden />
        </Key>
        {['4', '5', '6'].map((digit) => (
          <Key key={digit} onPress={press({ put: digit })}>
            {digit}
          </Key>
        ))}
        <Key name="Clear" className="text-lg" onPress={press('clear')}>
          Clear
        </Key>
        {['1', '2', '3'].map((digit) => (
          <Key key={digit} onPress={press({ put: digit })}>
            {digit}
          </Key>
        ))}
        <Key leads className="row-span-2 text-xl" onPress={() => (next ? next.focus() : onClose())}>
          {next ? 'Next' : 'OK'}
        </Key>
        {kind === 'figure' && (negative || parts) ? (
          negative ? (
            <Key name="Minus" onPress={press({ put: '-' })}>
              −
            </Key>
          ) : (
            <Key name="Over" onPress={press({ put: '/' })}>
              /
            </Key>
          )
        ) : (
          <span />
        )}
        <Key onPress={press({ put: '0' })}>0</Key>
        {kind === 'figure' ? (
          <div className={cx('grid gap-1', parts && 'grid-cols-2')}>
            <Key name="Point" onPress={press({ put: '.' })}>
              .
            </Key>
            {parts && (
              <Key name="Space, for a whole and a part" className="text-base" onPress={press({ put: ' ' })}>
                1 ½
              </Key>
            )}
          </div>
        ) : (
          <span />
        )}
      </div>
    </div>
  );
}

/** Our own keys for figures, at the thumb, while a field that takes them has the focus. */
export default function NumberPad() {
  const [input, setInput] = useState<HTMLInputElement>();
  const [, setTyped] = useState(0);

  useEffect(() => {
    let leaving: ReturnType<typeof setTimeout> | undefined;
    const opened = (target: EventTarget | null) => {
      const padded = paddedInput(target);
      if (!padded) return;
      clearTimeout(leaving);
      setInput(padded);
    };
    const came = (event: FocusEvent) => opened(event.target);
    let down = false;
    const left = () => {
      clearTimeout(leaving);
      leaving = setTimeout(() => {
        // A finger that is down has its button where it put it.
        if (down) return left();
        if (!paddedInput(document.activeElement)) setInput(undefined);
      }, A_BREATH);
    };
    const finger = (event: PointerEvent) => {
      down = event.type === 'pointerdown';
    };
    const PRESSES = ['pointerdown', 'pointerup', 'pointercancel'] as const;
    for (const press of PRESSES) document.addEventListener(press, finger, { capture: true });
    const typed = () => setTyped((count) => count + 1);
    opened(document.activeElement);
    document.addEventListener('focusin', came);
    document.addEventListener('focusout', left);
    document.addEventListener('input', typed);
    return () => {
      clearTimeout(leaving);
      for (const press of PRESSES) document.removeEventListener(press, finger, { capture: true });
      document.removeEventListener('focusin', came);
      document.removeEventListener('focusout', left);
      document.removeEventListener('input', typed);
    };
  }, []);

  useEffect(() => {
    if (!input) return;
    document.documentElement.dataset['pad'] = '';
    input.scrollIntoView({ block: 'center' });
    return () => {
      delete document.documentElement.dataset['pad'];
    };
  }, [input]);

  if (!input) return null;
  return (
    <div
      role="group"
      aria-label="Number pad"
      data-number-pad
      className="bg-paper border-ink pointer-events-auto fixed inset-x-0 bottom-0 z-60 border-t-2 px-3 pt-2 pb-[max(0.75rem,env(safe-area-inset-bottom))] md:left-auto md:w-[30rem] md:border-l-2"
    >
      <Keys
        input={input}
        onClose={() => {
          input.blur();
          // Nothing else is under the finger: what comes next lies where it will stay.
          setInput(undefined);
        }}
      />
    </div>
  );
}
