import { dutiesOf, seasonLists, towVerdict, surveyItems } from '../src/core/duty';
import { toLine } from '../src/core/exchange';
import { reviewRig, historyOfReadings, trendsAt } from '../src/core/judge';
import { foldEntries, type Entry, type RigState } from '../src/core/log';
import { wheelEnds } from '../src/core/rig';
import { compile } from '../src/core/routine';
import { HOUSE_DEFAULT, rulesFor, seasonOf } from '../src/core/rules';
import { compileWalk } from '../src/core/road';
import { LogbookReader } from '../src/keeper/reads';
import { LogSearch } from '../src/keeper/reads/search';
import {
  conflictWords,
  dutyTitle,
  dutyWhy,
  entryWords,
  findingWords,
  layOut,
  partNamer,
  reasonWords,
  stepWords,
  towHeadline,
  towSummary,
  trendWords,
} from '../src/text';

/** What no sentence of the product ever holds: the traces of something that was not there. */
const BROKEN = /\bNaN\b|\bundefined\b|\[object |\[native code\]|=>|\bInfinity\b/;

const SYSTEMS = ['us', 'metric'] as const;

function wordsOfRig(rig: RigState, now: string): readonly string[] {
  const { model } = rig;
  if (!model) return [];
  const house = rulesFor({}, rig.rules);
  const season = seasonOf(undefined, rig.season);
  const duties = dutiesOf(rig, now, house, season);
  const conflicts = reviewRig({ model, parts: rig.parts }, house, now);
  const tow = towVerdict(rig, duties, [], conflicts);
  if (season) seasonLists(duties, { model, house, season }, now);
  compileWalk('hitch', model, 'round');
  surveyItems(model);
  const cards = wheelEnds(model)
    .slice(0, 1)
    .map((place) => compile(model, [{ routine: 'repack', place }], house));
  return SYSTEMS.flatMap((system) => [
    towHeadline(tow),
    towSummary(tow, system, now),
    ...tow.reasons.map((reason) => reasonWords(reason, system, now)),
    ...duties.flatMap((duty) => [dutyTitle(duty), dutyWhy(duty, system, now)]),
    ...conflicts.flatMap((conflict) => Object.values(conflictWords(conflict, system))),
    ...Object.values(rig.findings).map((finding) => findingWords(finding, system)),
    ...cards.flatMap((card) =>
      card.ok
        ? [
            ...card.value.steps.map((step) => stepWords(step, model, card.value, system).title),
            ...(({ tools, used, parts }) => [...tools, ...used, ...parts])(
              layOut(card.value, model, rig, house, system),
            ).map(({ name, note = '' }) => `${name} ${note}`),
          ]
        : [],
    ),
  ]);
}

/**
 * Does with a log all that the pages do, and tells what was wrong: what threw, or a sentence with a hole in it.
 * Nothing where the log lives.
 */
export function troublesOf(entries: readonly Entry[], now: string): readonly string[] {
  const troubles: string[] = [];
  const attempt = <T>(what: string, work: () => T): T | undefined => {
    try {
      return work();
    } catch (error) {
      troubles.push(`${what}: ${String(error).slice(0, 200)}`);
      return undefined;
    }
  };
  const said = (what: string, texts: readonly string[] | undefined) => {
    const broken = texts?.find((text) => typeof text !== 'string' || BROKEN.test(text));
    if (broken !== undefined) troubles.push(`${what} says: ${String(broken).slice(0, 200)}`);
  };
  const fold = attempt('fold', () => foldEntries(entries));
  if (!fold) return troubles;
  attempt('lines', () => entries.map(toLine));
  for (const rig of Object.values(fold.state.rigs)) {
    said(
      'a rig',
      attempt('a rig', () => wordsOfRig(rig, now)),
    );
    const { model } = rig;
    if (model)
      attempt('trends', () => {
        const history = historyOfReadings(fold, rig.id);
        for (const place of wheelEnds(model)) {
          const { trends } = trendsAt(history, { model, house: HOUSE_DEFAULT }, place, now);
          said(
            'a trend',
            trends.flatMap((trend) => Object.values(trendWords(trend, 'us', now)).map(String)),
          );
        }
      });
  }
  for (const entry of entries)
    for (const system of SYSTEMS)
      said(
        entry.kind,
        attempt(`words of ${entry.kind}`, () => {
          const { title, lines } = entryWords(
            entry,
            system,
            () => undefined,
            partNamer(fold.state, entry.rig, system),
          );
          return [title, ...lines];
        }),
      );
  attempt('logbook', () => new LogbookReader().page(fold, { most: 50, place: '1L' }));
  attempt('search', () => new LogSearch().matching(fold, 'us', 'seal'));
  return troubles;
}
