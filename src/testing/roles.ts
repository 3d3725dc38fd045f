import { computeAccessibleName } from 'dom-accessibility-api';

/** What has a role by itself; what says its role is found by that. */
const ELEMENTS: Readonly<Record<string, string>> = {
  button: 'button, summary, input[type=button], input[type=submit]',
  link: 'a[href]',
  heading: 'h1, h2, h3, h4, h5, h6',
  textbox: 'input:not([type]), input[type=text], input[type=tel], input[type=email], textarea',
  searchbox: 'input[type=search]',
  spinbutton: 'input[type=number]',
  checkbox: 'input[type=checkbox]',
  radio: 'input[type=radio]',
  slider: 'input[type=range]',
  combobox: 'select:not([multiple])',
  option: 'option',
  group: 'fieldset, details',
  navigation: 'nav',
  complementary: 'aside',
  main: 'main',
  region: 'section[aria-label], section[aria-labelledby]',
  article: 'article',
  list: 'ul, ol',
  listitem: 'li',
  table: 'table',
  row: 'tr',
  rowheader: 'th[scope=row]',
  columnheader: 'th[scope=col]',
  cell: 'td',
  img: 'img',
  status: 'output',
  form: 'form[aria-label], form[aria-labelledby]',
  definition: 'dd',
  term: 'dt',
  progressbar: 'progress',
  figure: 'figure',
};

/** Elements below a root that have a role, in the order of the page. */
export function withRole(root: ParentNode, role: string): Element[] {
  const said = `[role=${role}]`;
  const own = ELEMENTS[role];
  return [...root.querySelectorAll(own ? `${said}, ${own}` : said)].filter(
    (element) => !element.hasAttribute('role') || element.getAttribute('role') === role,
  );
}

/** Nothing is laid out here: what a style would say is what stands at the element. */
const styleOf = (element: Element): CSSStyleDeclaration =>
  element instanceof HTMLElement || element instanceof SVGElement
    ? element.style
    : document.documentElement.style;

const STYLE = new Proxy({} as CSSStyleDeclaration, {
  get: (_, name) => (name === 'getPropertyValue' ? () => '' : ''),
});

/** What an element is called by whoever does not see it. */
export const nameOf = (element: Element): string =>
  computeAccessibleName(element, {
    getComputedStyle: () => STYLE,
    computedStyleSupportsPseudoElements: false,
  })
    .replace(/\s+/g, ' ')
    .trim();

/** True where an element, or what it stands in, is hidden from whoever looks. */
export function isHidden(element: Element): boolean {
  for (let at: Element | null = element; at; at = at.parentElement) {
    if (at.hasAttribute('hidden')) return true;
    const { display, visibility } = styleOf(at);
    if (display === 'none' || visibility === 'hidden') return true;
    const { parentElement } = at;
    if (parentElement instanceof HTMLDetailsElement && !parentElement.open && at.tagName !== 'SUMMARY')
      return true;
  }
  return !element.isConnected;
}

/** True where an element is hidden from whoever has it read, as what lies behind a sheet. */
export const isUnread = (element: Element): boolean =>
  element.closest('[aria-hidden=true], [inert]') !== null || isHidden(element);

/** Words of an element on one line. */
export const wordsOf = (element: Element): string =>
  (element instanceof HTMLInputElement && /^(submit|button)$/.test(element.type)
    ? element.value
    : (element.textContent ?? '')
  )
    .replace(/\s+/g, ' ')
    .trim();
