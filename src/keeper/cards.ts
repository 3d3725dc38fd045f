import { ok, type Result } from '@/core/base';
import { readRun, storeRun, type Run, type StoredRun } from '@/core/routine';
import { revOf, type Change, type ChangeProblem, type YardPort } from './port';

/** A card in hand as it was read at a revision: one that did not change is not read again. */
interface Card {
  readonly rev: number;
  readonly read: ReturnType<typeof readRun>;
}

/** The cards in hand of a yard: each counts its revisions, so that no tab writes over another. */
export class Cards {
  private cards: ReadonlyMap<string, Card> = new Map();
  private runs: readonly StoredRun[] = [];

  constructor(
    private readonly port: YardPort,
    private readonly changed: (change: Change) => Promise<Result<void, ChangeProblem>>,
  ) {}

  /** Those that can be read; the very same list where none has changed. */
  async now(): Promise<readonly StoredRun[]> {
    const before = this.cards;
    const cards = new Map(
      (await this.port.all('runs')).map(({ key, value }): [string, Card] => {
        const rev = revOf(value);
        const known = before.get(key);
        return [key, known?.rev === rev ? known : { rev, read: readRun(value) }];
      }),
    );
    if (cards.size === before.size && [...cards].every(([key, card]) => before.get(key) === card))
      return this.runs;
    this.cards = cards;
    this.runs = [...cards.values()].flatMap(({ read }) => (read.ok ? [read.value] : []));
    return this.runs;
  }

  /** How each was read last. */
  reads(): readonly Card['read'][] {
    return [...this.cards.values()].map(({ read }) => read);
  }

  /** Keeps one that begins. Throws where it is open already. */
  async start(run: Run): Promise<void> {
    const done = await this.changed({
      put: [{ shelf: 'runs', key: run.id, value: storeRun(run, 1) }],
      when: [{ shelf: 'runs', key: run.id, is: 'gone' }],
    });
    if (!done.ok) throw new Error('That card is open already');
  }

  /** Keeps the next state of one, where it is still at the revision it was read at; tells how it lies there otherwise. */
  async put(run: Run, after: number): Promise<Result<StoredRun, { readonly held: StoredRun | undefined }>> {
    const stored = storeRun(run, after + 1);
    const done = await this.changed({
      put: [{ shelf: 'runs', key: run.id, value: stored }],
      when: [{ shelf: 'runs', key: run.id, is: { rev: after } }],
    });
    if (done.ok) return ok(stored);
    const held = readRun(await this.port.get('runs', run.id));
    return { ok: false, error: { held: held.ok ? held.value : undefined } };
  }

  /** Drops one before anything was taken apart. */
  async drop(id: string): Promise<void> {
    await this.changed({ drop: [{ shelf: 'runs', key: id }] });
  }
}
