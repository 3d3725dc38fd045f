import { Locator, says, until } from './locator';
import { isHidden, wordsOf } from './roles';

/** What is expected of a page is waited for, as in the browser tests. */

type Words = string | RegExp;

interface Waiting<R> {
  toBeVisible: (options?: { readonly timeout?: number }) => Promise<R>;
  toBeHidden: () => Promise<R>;
  toHaveText: (words: Words | readonly Words[]) => Promise<R>;
  toContainText: (words: Words | readonly Words[]) => Promise<R>;
  toHaveCount: (count: number) => Promise<R>;
  toHaveValue: (value: Words) => Promise<R>;
  toHaveAttribute: (name: string, value?: Words) => Promise<R>;
  toHaveURL: (url: RegExp) => Promise<R>;
  toBeChecked: () => Promise<R>;
  toBeDisabled: () => Promise<R>;
  toBeEnabled: () => Promise<R>;
  toBeFocused: () => Promise<R>;
}

declare global {
  // The way matchers are declared to Jest's types.
  namespace jest {
    interface Matchers<R, T> extends Waiting<void> {
      readonly waits?: R & T;
    }
  }
}

const whole = (words: string, wanted: Words) => says(words, wanted, true);
const list = (wanted: Words | readonly Words[]): readonly Words[] =>
  Array.isArray(wanted) ? wanted : [wanted as Words];

/** Holds words of one, or of several in their order, against what is wanted. */
function reads(
  meant: Locator,
  wanted: Words | readonly Words[],
  fits: (words: string, one: Words) => boolean,
) {
  const said = Array.isArray(wanted) ? meant.find().map(wordsOf) : [wordsOf(meant.only())];
  const all = list(wanted);
  const holds = said.length === all.length && all.every((one, i) => fits(said[i] ?? '', one));
  return { holds, told: said.join(' | ') };
}

const checked = (element: Element) =>
  element instanceof HTMLInputElement ? element.checked : element.getAttribute('aria-checked') === 'true';

type Look = (meant: Locator, ...wanted: never[]) => { readonly holds: boolean; readonly told: string };

const one =
  (
    look: (element: Element) => boolean,
    told: (element: Element) => string = (element) => element.outerHTML.slice(0, 300),
  ) =>
  (meant: Locator) => {
    const element = meant.only();
    return { holds: look(element), told: told(element) };
  };

const LOOKS = {
  toBeVisible: (meant) => ({ holds: !isHidden(meant.only()), told: 'hidden' }),
  toBeHidden: (meant) => ({ holds: meant.find().every(isHidden), told: 'in sight' }),
  toHaveText: (meant, wanted: Words | readonly Words[]) => reads(meant, wanted, whole),
  toContainText: (meant, wanted: Words | readonly Words[]) =>
    reads(meant, wanted, (words, each) => says(words, each)),
  toHaveCount: (meant, count: number) => {
    const { length } = meant.find();
    return { holds: length === count, told: `${length}` };
  },
  toHaveValue: (meant, value: Words) =>
    one(
      (element) => whole((element as HTMLInputElement).value, value),
      (element) => (element as HTMLInputElement).value,
    )(meant),
  toHaveAttribute: (meant, name: string, value?: Words) =>
    one((element) => {
      const said = element.getAttribute(name);
      return said !== null && (value === undefined || whole(said, value));
    })(meant),
  toBeChecked: one(checked),
  toBeDisabled: one(
    (element) => element.matches(':disabled') || element.getAttribute('aria-disabled') === 'true',
  ),
  toBeEnabled: one((element) => !element.matches(':disabled')),
  toBeFocused: one(
    (element) => element === document.activeElement,
    () => document.activeElement?.outerHTML.slice(0, 300) ?? '',
  ),
} satisfies Record<string, Look>;

/** Where nothing is there, what may not be so is not so. */
const ABSENT = new Set<string>(['toBeVisible', 'toBeChecked', 'toBeFocused']);

expect.extend({
  ...Object.fromEntries(
    Object.entries(LOOKS).map(([name, look]) => [
      name,
      async function wait(this: jest.MatcherContext, meant: Locator, ...wanted: never[]) {
        const not = this.isNot === true;
        const patience = (wanted[0] as { timeout?: number } | undefined)?.timeout;
        let told = '';
        try {
          await until(() => {
            if (not && ABSENT.has(name) && meant.find().length === 0) return;
            const seen = (look as Look)(meant, ...wanted);
            told = seen.told;
            if (seen.holds === not) throw new Error(seen.told);
          }, patience);
        } catch (error) {
          told ||= String(error);
          return {
            pass: not,
            message: () =>
              `${name} of ${meant.meant}${not ? ' (not)' : ''}: wanted ${wanted.map(String).join(', ')}; it is: ${told}`,
          };
        }
        return { pass: !not, message: () => '' };
      },
    ]),
  ),
  async toHaveURL(this: jest.MatcherContext, _page: unknown, url: RegExp) {
    const not = this.isNot === true;
    try {
      await until(() => {
        if (url.test(window.location.href) === not) throw new Error(window.location.href);
      });
    } catch (error) {
      return { pass: not, message: () => `wanted ${String(url)}; it is ${String(error)}` };
    }
    return { pass: !not, message: () => '' };
  },
});
