import { readFileSync } from 'node:fs';
import { basename } from 'node:path';
import userEvent from '@testing-library/user-event';
import { quiet } from './quiet';
import { isHidden, isUnread, nameOf, withRole, wordsOf } from './roles';

/**
 * What is meant on a page, looked up anew each time it is asked, as the browser tests mean it: a case can move between
 * them and the component tests word for word. Actions wait until exactly one is there.
 */

type Words = string | RegExp;

/** How long anything may take to come (ms): a busy machine is slow, not wrong. */
const PATIENCE = 20_000;
const BETWEEN = 15;

/** How far clicks lie apart (px), and how long (ms) their owner has looked before: no click is the second half of another. */
const APART = 100;
let at = 0;
let lookedFor = 1000;
Object.defineProperty(Event.prototype, 'timeStamp', {
  configurable: true,
  get: () => performance.now() + lookedFor,
});

/** Taps of a hurried owner: nothing is looked at first, and each lies where the last one did. */
export async function hurried(work: () => Promise<void>): Promise<void> {
  const before = lookedFor;
  lookedFor = 0;
  try {
    await work();
  } finally {
    lookedFor = before;
  }
}

const user = userEvent.setup({ delay: null, pointerEventsCheck: 0 });

/** Waits until something holds; throws what was wrong last. */
export async function until<T>(look: () => T | Promise<T>, patience = PATIENCE): Promise<T> {
  const since = performance.now();
  for (;;) {
    try {
      return await look();
    } catch (error) {
      if (performance.now() - since > patience) throw error;
    }
    await new Promise((resolve) => setTimeout(resolve, BETWEEN));
  }
}

/** True where words hold what is looked for: text anywhere and in any case, unless exactly that. */
export function says(words: string, wanted: Words, exact = false): boolean {
  if (typeof wanted !== 'string') return wanted.test(words);
  const plain = wanted.replace(/\s+/g, ' ').trim();
  return exact ? words === plain : words.toLowerCase().includes(plain.toLowerCase());
}

const inOrder = (found: Iterable<Element>): Element[] =>
  [...new Set(found)].sort((a, b) =>
    a.compareDocumentPosition(b) & Node.DOCUMENT_POSITION_FOLLOWING ? -1 : 1,
  );

/** The innermost elements that say something. */
function saying(root: ParentNode, wanted: Words, exact: boolean): Element[] {
  // What a part says the whole says as well, unless it is asked for whole.
  const anchored = exact || (typeof wanted !== 'string' && /[$^]/.test(wanted.source));
  const look = (element: Element): Element[] => {
    if (/^(SCRIPT|STYLE)$/.test(element.tagName)) return [];
    const holds = says(wordsOf(element), wanted, exact);
    if (!holds && !anchored) return [];
    const inner = [...element.children].flatMap(look);
    return inner.length > 0 || !holds ? inner : [element];
  };
  return [...root.children].flatMap(look);
}

function labelled(root: ParentNode, wanted: Words, exact: boolean): Element[] {
  const by = [...root.querySelectorAll('[aria-label], [aria-labelledby]')].filter((element) => {
    const ids = element.getAttribute('aria-labelledby')?.split(/\s+/);
    const words = ids
      ? ids.map((id) => document.getElementById(id)?.textContent ?? '').join(' ')
      : (element.getAttribute('aria-label') ?? '');
    return says(words.replace(/\s+/g, ' ').trim(), wanted, exact);
  });
  const labels = [...document.querySelectorAll('label')].flatMap((label) =>
    label.control && root.contains(label.control) && says(wordsOf(label), wanted, exact)
      ? [label.control as Element]
      : [],
  );
  return inOrder([...by, ...labels]);
}

interface Named {
  readonly name?: Words;
  readonly exact?: boolean;
  readonly level?: number;
  readonly checked?: boolean;
  readonly expanded?: boolean;
  readonly pressed?: boolean;
  readonly selected?: boolean;
}

const STATES = ['checked', 'expanded', 'pressed', 'selected'] as const;
const stateOf = (element: Element, state: (typeof STATES)[number]): boolean =>
  state === 'checked' && element instanceof HTMLInputElement
    ? element.checked
    : element.getAttribute(`aria-${state}`) === 'true';

/** A file as it is chosen: from disk, or made of its words. */
export interface Chosen {
  readonly name: string;
  readonly mimeType: string;
  readonly buffer: Uint8Array | string;
}

export class Locator {
  constructor(
    /** All that is meant, now. */
    readonly find: () => Element[],
    readonly meant: string,
  ) {}

  private below(look: (root: ParentNode) => Element[], meant: string): Locator {
    return new Locator(() => inOrder(this.find().flatMap((root) => look(root))), `${this.meant} › ${meant}`);
  }

  getByRole(role: string, { name, exact = false, level, ...states }: Named = {}): Locator {
    return this.below(
      (root) =>
        withRole(root, role).filter(
          (element) =>
            (level === undefined || element.tagName === `H${level}`) &&
            STATES.every(
              (state) => states[state] === undefined || states[state] === stateOf(element, state),
            ) &&
            !isUnread(element) &&
            (name === undefined || says(nameOf(element), name, exact)),
        ),
      `${role}${name === undefined ? '' : ` ${String(name)}`}`,
    );
  }

  getByText(words: Words, { exact = false } = {}): Locator {
    return this.below((root) => saying(root, words, exact), `text ${String(words)}`);
  }

  getByLabel(words: Words, { exact = false } = {}): Locator {
    return this.below((root) => labelled(root, words, exact), `label ${String(words)}`);
  }

  getByTitle(words: Words): Locator {
    return this.below(
      (root) =>
        [...root.querySelectorAll('[title]')].filter((element) =>
          says(element.getAttribute('title') ?? '', words),
        ),
      `title ${String(words)}`,
    );
  }

  locator(css: string): Locator {
    return this.below((root) => [...root.querySelectorAll(css)], css);
  }

  filter({ hasText, has }: { readonly hasText?: Words; readonly has?: Locator }): Locator {
    return new Locator(
      () => {
        const inner = has?.find();
        return this.find().filter(
          (element) =>
            (hasText === undefined || says(wordsOf(element), hasText)) &&
            (inner === undefined || inner.some((one) => element !== one && element.contains(one))),
        );
      },
      `${this.meant} with ${String(hasText ?? has?.meant)}`,
    );
  }

  or(other: Locator): Locator {
    return new Locator(() => inOrder([...this.find(), ...other.find()]), `${this.meant} or ${other.meant}`);
  }

  nth(n: number): Locator {
    return new Locator(() => {
      const found = this.find().at(n);
      return found ? [found] : [];
    }, `${this.meant} (${n})`);
  }
  first = (): Locator => this.nth(0);
  last = (): Locator => this.nth(-1);

  count = (): Promise<number> => Promise.resolve(this.find().length);
  all = (): Promise<Locator[]> =>
    Promise.resolve(this.find().map((element) => new Locator(() => [element], this.meant)));

  /** The one that is meant, once it is there. */
  one(patience?: number): Promise<Element> {
    return until(() => this.only(), patience);
  }

  /** The one that is meant, now; throws where there is none, or more than one. */
  only(): Element {
    const found = this.find();
    const [only] = found;
    if (!only) throw new Error(`There is no ${this.meant}. The page says:\n${wordsOf(document.body)}`);
    if (found.length > 1)
      throw new Error(
        `${found.length} of ${this.meant}: ${found.map((each) => each.outerHTML.slice(0, 200)).join('\n')}`,
      );
    return only;
  }

  private async ready(patience?: number): Promise<HTMLElement> {
    return until(() => {
      const only = this.only();
      if (isHidden(only)) throw new Error(`${this.meant} is hidden`);
      if (only.matches(':disabled')) throw new Error(`${this.meant} cannot be used`);
      return only as HTMLElement;
    }, patience);
  }

  async click({ timeout }: { readonly timeout?: number } = {}): Promise<void> {
    const target = await this.ready(timeout);
    if (lookedFor > 0) at += APART;
    await user.pointer({ keys: '[MouseLeft]', target, coords: { x: at, y: at, clientX: at, clientY: at } });
    if (lookedFor > 0) await quiet();
  }
  tap = (): Promise<void> => this.click();
  isDisabled = async (): Promise<boolean> => (await this.one()).matches(':disabled');
  blur = async (): Promise<void> => ((await this.one()) as HTMLElement).blur();

  async check(): Promise<void> {
    const box = await this.ready();
    if (!stateOf(box, 'checked')) await this.click();
  }

  async uncheck(): Promise<void> {
    const box = await this.ready();
    if (stateOf(box, 'checked')) await this.click();
  }

  /** What stood in a field is gone, what is pasted stands there. */
  async fill(words: string): Promise<void> {
    const field = (await this.ready()) as HTMLInputElement;
    if (/^(date|time|month|datetime-local|range|color|number)$/.test(field.type)) {
      field.focus();
      Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')?.set?.call(field, words);
      field.dispatchEvent(new Event('input', { bubbles: true }));
      field.dispatchEvent(new Event('change', { bubbles: true }));
      return;
    }
    field.focus();
    field.setSelectionRange(0, field.value.length);
    if (words === '') await user.keyboard('{Delete}');
    else await user.paste(words);
  }

  async pressSequentially(words: string): Promise<void> {
    (await this.ready()).focus();
    await typed(words);
  }

  async press(key: string): Promise<void> {
    (await this.ready()).focus();
    await pressed(key);
  }

  async focus(): Promise<void> {
    (await this.ready()).focus();
  }

  async selectOption(words: string | { readonly label: string }): Promise<void> {
    await user.selectOptions(await this.ready(), typeof words === 'string' ? words : words.label);
  }

  async setInputFiles(chosen: string | Chosen | readonly Chosen[]): Promise<void> {
    const input = (await this.one()) as HTMLInputElement;
    const files = [chosen]
      .flat()
      .map((one) =>
        typeof one === 'string'
          ? new File([new Uint8Array(readFileSync(one))], basename(one))
          : new File([one.buffer as BlobPart], one.name, { type: one.mimeType }),
      );
    Object.defineProperty(input, 'files', {
      configurable: true,
      value: Object.assign([...files], { item: (i: number) => files[i] ?? null }),
    });
    input.dispatchEvent(new Event('change', { bubbles: true }));
  }

  innerText = async (): Promise<string> => wordsOf(await this.one());
  textContent = async (): Promise<string> => (await this.one()).textContent ?? '';
  inputValue = async (): Promise<string> => ((await this.one()) as HTMLInputElement).value;
  allInnerTexts = (): Promise<string[]> => Promise.resolve(this.find().map(wordsOf));
  getAttribute = async (name: string): Promise<string | null> => (await this.one()).getAttribute(name);
  isVisible = (): Promise<boolean> => Promise.resolve(this.find().some((element) => !isHidden(element)));
  evaluate = async <T>(look: (element: HTMLElement) => T): Promise<T> =>
    look((await this.one()) as HTMLElement);
}

/** Types words where the focus is. */
export const typed = (words: string): Promise<void> => user.keyboard(words.replace(/[{[]/g, '$&$&'));

/** Presses keys where the focus is, named as browsers name them, joined by a plus. */
export async function pressed(keys: string): Promise<void> {
  const parts = keys.split('+');
  const held = parts.slice(0, -1).map((key) => `{${key}>}`);
  const back = parts.slice(0, -1).map((key) => `{/${key}}`);
  const last = parts.at(-1) ?? '';
  await user.keyboard(`${held.join('')}{${last === ' ' || last === 'Space' ? ' ' : last}}${back.join('')}`);
  await quiet();
}
