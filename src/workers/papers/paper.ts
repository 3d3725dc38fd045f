import pdfMake from 'pdfmake/build/pdfmake';
import { layoutOf } from './layout';
import type { PaperAnswer, PaperAsk } from './messages';

const FACES = {
  'words.woff': new URL(
    '../../../node_modules/@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff',
    import.meta.url,
  ),
  'words-bold.woff': new URL(
    '../../../node_modules/@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-700-normal.woff',
    import.meta.url,
  ),
  'figures.woff': new URL(
    '../../../node_modules/@fontsource/saira-semi-condensed/files/saira-semi-condensed-latin-600-normal.woff',
    import.meta.url,
  ),
} as const;

const say = (answer: PaperAnswer, transfer: Transferable[] = []) => postMessage(answer, { transfer });

const base64 = (bytes: Uint8Array) => {
  let text = '';
  for (const byte of bytes) text += String.fromCharCode(byte);
  return btoa(text);
};

let ready: Promise<void> | undefined;

/** Our own faces, fetched once; nothing else is ever fetched. */
async function prepare(): Promise<void> {
  const files = await Promise.all(
    Object.entries(FACES).map(async ([name, url]) => {
      const bytes = new Uint8Array(await (await fetch(url)).arrayBuffer());
      return [name, base64(bytes)] as const;
    }),
  );
  pdfMake.setUrlAccessPolicy(() => false);
  pdfMake.addVirtualFileSystem(Object.fromEntries(files));
  const face = (normal: string, bold = normal) => ({
    normal,
    bold,
    italics: normal,
    bolditalics: bold,
  });
  pdfMake.setFonts({
    Words: face('words.woff', 'words-bold.woff'),
    Figures: face('figures.woff'),
  });
}

addEventListener('message', ({ data }: MessageEvent<PaperAsk>) => {
  const make = async () => {
    ready ??= prepare();
    await ready;
    say({ say: 'far', share: 0.1 });
    pdfMake.setProgressCallback((share: number) => say({ say: 'far', share: 0.1 + 0.9 * share }));
    const layout = layoutOf(data.paper, data.sheet, data.pictures, new Date(data.made));
    const buffer: Uint8Array = await pdfMake.createPdf(layout).getBuffer();
    const bytes = new Uint8Array(buffer).buffer;
    say({ say: 'made', bytes }, [bytes]);
  };
  make().catch((error: unknown) => say({ say: 'failed', reason: String(error) }));
});
