import type { Paper } from '@/text/papers';
import type { PaperAnswer, PaperAsk, Sheet } from '@/workers/papers';

/** A thread that says nothing for so long (ms) does not run here. */
const SILENCE = 60_000;

/** Lays a paper out in a thread of its own; gives the bytes of the PDF. Rejects where it cannot, or nobody waits any more. */
export function makePaper(
  paper: Paper,
  sheet: Sheet,
  pictures: PaperAsk['pictures'],
  made: number,
  { signal, onProgress }: { signal: AbortSignal; onProgress: (share: number) => void },
): Promise<ArrayBuffer> {
  const worker = new Worker(new URL('../../../workers/papers/paper.ts', import.meta.url), { type: 'module' });
  return new Promise<ArrayBuffer>((resolve, reject) => {
    let silence = setTimeout(() => reject(new Error('The paper took too long.')), SILENCE);
    const heard = () => {
      clearTimeout(silence);
      silence = setTimeout(() => reject(new Error('The paper took too long.')), SILENCE);
    };
    signal.addEventListener('abort', () => reject(new Error('Stopped.')));
    worker.onerror = ({ message }) => reject(new Error(message || 'The paper could not be made here.'));
    worker.onmessage = ({ data }: MessageEvent<PaperAnswer>) => {
      heard();
      if (data.say === 'far') onProgress(data.share);
      else if (data.say === 'made') resolve(data.bytes);
      else reject(new Error(data.reason));
    };
    worker.postMessage({ paper, sheet, pictures, made } satisfies PaperAsk);
    signal.addEventListener('abort', () => clearTimeout(silence));
  }).finally(() => worker.terminate());
}
