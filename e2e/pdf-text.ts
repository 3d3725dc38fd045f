import { readFileSync } from 'node:fs';
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';

/** What a PDF says, page by page. */
export async function pdfText(path: string): Promise<readonly string[]> {
  const document = await getDocument({
    data: new Uint8Array(readFileSync(path)),
    useSystemFonts: false,
    isEvalSupported: false,
  }).promise;
  const pages: string[] = [];
  for (let i = 1; i <= document.numPages; i++) {
    const { items } = await (await document.getPage(i)).getTextContent();
    const text = items.map((item) => ('str' in item ? item.str : '')).join(' ');
    // Words are laid out one by one, and broken after a hyphen.
    pages.push(text.replace(/\s+/g, ' ').replaceAll('- ', '-'));
  }
  await document.destroy();
  return pages;
}
