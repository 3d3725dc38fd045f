import type { Paper } from '@/text/papers';
import type { Sheet } from './layout';

/** What the page asks for: a paper, its sheet, and the pictures it shows, as data addresses by their hash. */
export interface PaperAsk {
  readonly paper: Paper;
  readonly sheet: Sheet;
  readonly pictures: Readonly<Record<string, string>>;
  /** When it is made (ms since 1970). */
  readonly made: number;
}

/** What comes back: how far it is (0–1), the bytes of the PDF, or why there are none. */
export type PaperAnswer =
  | { readonly say: 'far'; readonly share: number }
  | { readonly say: 'made'; readonly bytes: ArrayBuffer }
  | { readonly say: 'failed'; readonly reason: string };
