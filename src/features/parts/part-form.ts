import {
  fail,
  ok,
  type Result,
  parseNumber,
  parseQuantity,
  toSI,
  unitFor,
  type UnitSystem,
} from '@/core/base';
import { tireDate, tireSize } from '@/core/figures';
import {
  LOAD_RANGES,
  PART_FACTS,
  TIRE_CLASSES,
  type PartFacts,
  type PartKind,
  type Source,
  type Specified,
} from '@/core/rig';
import { dotWords, parseWords, partFactText } from '@/text';

/** What is known of a part, as typed. */
export type PartDraft = Readonly<Record<string, string>>;

/** What is wrong with a part as typed, by fact; `ask` may be insisted on. */
export interface PartErrors {
  readonly fields: Readonly<Record<string, string>>;
  readonly ask: boolean;
}

type Read = Result<string | number | undefined, { readonly text: string; readonly ask: boolean }>;

const wrong = (text: string, ask = false): Read => fail({ text, ask });

/** Facts of parts that are chosen rather than typed, with what they can be. */
export const CHOSEN: Readonly<Record<string, readonly string[]>> = {
  loadRange: LOAD_RANGES,
  madeFor: TIRE_CLASSES,
  hand: ['left', 'right'],
  light: ['bulb', 'led'],
};

function readOne(fact: string, text: string, system: UnitSystem, now: number, insisted: boolean): Read {
  switch (fact) {
    case 'dot': {
      const code = text.toUpperCase().replace(/\s+/g, ' ');
      const read = tireDate(code, now);
      if (read.ok || insisted || read.error.code === 'before-2000') return ok(code);
      return wrong(`${dotWords(read.error)} If that is what is molded there, save again to confirm.`, true);
    }
    case 'size':
      if (insisted || tireSize(text)) return ok(text.toUpperCase());
      return wrong(
        'This is not written like a tire size, such as ST225/75R15. If it is, save again to confirm.',
        true,
      );
    case 'capacity': {
      const read = parseQuantity(text, 'weight', unitFor('weight', system));
      if (!read.ok) return wrong(parseWords(read.error, system));
      return read.value >= toSI(200, 'lb') && read.value <= toSI(10_000, 'lb')
        ? read
        : wrong('A trailer tire carries from 200 to 10,000 lb. Look at the unit.');
    }
    case 'drumMax': {
      const read = parseQuantity(text, 'length', unitFor('length', system));
      if (!read.ok) return wrong(parseWords(read.error, system));
      return read.value > toSI(5, 'in') && read.value < toSI(20, 'in')
        ? read
        : wrong('Trailer drums are from 5 to 20 in across. Look at the unit.');
    }
    case 'discMin': {
      const read = parseQuantity(text, 'length', unitFor('length', system));
      if (!read.ok) return wrong(parseWords(read.error, system));
      return read.value > toSI(0.15, 'in') && read.value < toSI(2, 'in')
        ? read
        : wrong('A brake disc is worn out somewhere from 0.15 to 2 in thick. Look at the unit.');
    }
    case 'magnet': {
      const read = parseNumber(text);
      if (!read.ok) return wrong(parseWords(read.error, system));
      return read.value > 0 && read.value <= 100
        ? read
        : wrong('A magnet has a few ohms. Look at the meter’s range.');
    }
    case 'since':
      return /^\d{4}-\d{2}-\d{2}$/.test(text) && Date.parse(text) <= now
        ? ok(text)
        : wrong('Enter a day that has passed.');
    default:
      return text.length > 40 ? wrong('Forty letters at most.') : ok(text);
  }
}

/** The facts of a part as they would be typed. */
export function partDraft(kind: PartKind, facts: PartFacts, system: UnitSystem): PartDraft {
  return Object.fromEntries(
    PART_FACTS[kind].map((fact) => {
      const spec = facts[fact];
      if (!spec) return [fact, ''];
      const raw = typeof spec.value === 'number' ? partFactText(fact, spec.value, system) : spec.value;
      return [fact, fact in CHOSEN ? String(spec.value) : raw.replace(/ (lb|kg|in|mm|Ω)$/, '')];
    }),
  );
}

/** Reads the facts of a part as typed, each with where it came from; what was not touched keeps its value and source. */
export function readPartFacts(
  kind: PartKind,
  draft: PartDraft,
  source: Source,
  was: PartFacts,
  system: UnitSystem,
  now: number,
  insisted: boolean,
): Result<Readonly<Record<string, Specified<string | number>>>, PartErrors> {
  const before = partDraft(kind, was, system);
  const fields: Record<string, string> = {};
  let ask = true;
  const facts: Record<string, Specified<string | number>> = {};
  for (const fact of PART_FACTS[kind]) {
    const text = (draft[fact] ?? '').trim();
    const old = was[fact];
    if (old && text === before[fact]) {
      facts[fact] = old;
      continue;
    }
    if (text === '') continue;
    const read = readOne(fact, text, system, now, insisted);
    if (!read.ok) {
      fields[fact] = read.error.text;
      ask &&= read.error.ask;
    } else if (read.value !== undefined) facts[fact] = { value: read.value, source };
  }
  return Object.keys(fields).length > 0 ? fail({ fields, ask }) : ok(facts);
}

/** What was learned or withdrawn between two readings of a part. */
export function readChanges(
  was: PartFacts,
  facts: PartFacts,
): Readonly<Record<string, Specified<string | number> | null>> {
  const keys = new Set([...Object.keys(was), ...Object.keys(facts)]);
  return Object.fromEntries(
    [...keys].flatMap((key) => {
      const [before, after] = [was[key], facts[key]];
      if (JSON.stringify(before) === JSON.stringify(after)) return [];
      return [[key, after ?? null] as const];
    }),
  );
}
