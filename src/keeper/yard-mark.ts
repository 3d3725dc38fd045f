import { revOf, type Change, type YardPort } from './port';

/** The yard was cleared or begun afresh in another tab. */
export class YardGone extends Error {
  override readonly name = 'YardGone';
  constructor() {
    super('This yard was cleared or begun afresh in another tab.');
  }
}

/** Which yard this is, as a revision of its own: one that was cleared and begun afresh is another. */
export class YardMark {
  private known: number | undefined;

  constructor(
    private readonly port: YardPort,
    /** A number that no other yard has. */
    private readonly fresh: () => number,
  ) {}

  private async now(): Promise<number> {
    return revOf(await this.port.get('meta', 'yard'));
  }

  /** The mark of the yard, set where it has none. */
  async read(): Promise<number> {
    if (this.known !== undefined) return this.known;
    await this.port.change({
      put: [{ shelf: 'meta', key: 'yard', value: { rev: this.fresh() } }],
      when: [{ shelf: 'meta', key: 'yard', is: 'gone' }],
    });
    return (this.known = await this.now());
  }

  /** A change that is made only into this very yard. */
  async into(change: Change): Promise<Change> {
    const here = { shelf: 'meta', key: 'yard', is: { rev: await this.read() } } as const;
    return { ...change, when: [...(change.when ?? []), here] };
  }

  /** True where the yard is another one by now. */
  async isGone(): Promise<boolean> {
    return this.known !== undefined && (await this.now()) !== this.known;
  }

  /** What comes next is another yard, as after it was cleared here. */
  forget(): void {
    this.known = undefined;
  }
}
