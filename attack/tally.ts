import { mkdirSync, writeFileSync } from 'node:fs';

const FOLDER = 'test-results/attack';

/** Keeps count of one part of the attack: what was tried, and what of it was lost. */
export class Tally {
  private tried = 0;
  private readonly lost: string[] = [];

  constructor(
    private readonly part: string,
    private readonly what: string,
  ) {}

  /** Counts a try; tells whether it was survived. */
  count(survived: boolean, how: string): boolean {
    this.tried += 1;
    if (!survived) this.lost.push(how);
    return survived;
  }

  /** Counts a try that throws where something was lost. */
  async attempt(how: string, work: () => Promise<void>): Promise<void> {
    try {
      await work();
      this.count(true, how);
    } catch (error) {
      this.count(false, `${how}: ${String(error).split('\n')[0] ?? ''}`);
    }
  }

  /** Puts what it came to where the table is made from. */
  write(): void {
    mkdirSync(FOLDER, { recursive: true });
    const { part, what, tried, lost } = this;
    const name = `${part} ${what}`.replace(/[^a-z0-9]+/gi, '-').toLowerCase();
    writeFileSync(`${FOLDER}/${name}.json`, JSON.stringify({ part, what, tried, lost }, null, 2));
  }
}
