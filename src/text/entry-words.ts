/** An entry of the log as it is told: a headline, and lines that say the rest. */
export interface EntryWords {
  readonly title: string;
  readonly lines: readonly string[];
}
