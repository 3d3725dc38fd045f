import { Button, reported, saveFile } from '@/ui';
import type { Made } from './use-made';

/** A paper before it is saved: shown, saved, shared or opened by itself; or how far it is. */
export function Shown({
  made,
  name,
  onKept,
}: {
  made: Made;
  /** The name of its file. */
  name: string;
  /** It was saved or shared: it is a paper that exists. */
  onKept: () => void;
}) {
  if (made.status === 'none') return null;
  if (made.status === 'failed')
    return (
      <p role="alert" className="border-stop bg-stop-wash rounded-r-sheet border-l-[6px] px-4 py-3 text-lg">
        It could not be made: {made.reason} Nothing else is lost.
      </p>
    );
  if (made.status === 'making')
    return (
      <p role="status" className="text-soft text-lg">
        Making it: {Math.round(made.share * 100)} %
      </p>
    );
  const { url, bytes } = made;
  const file = new File([bytes], name, { type: 'application/pdf' });
  const shares = typeof navigator.canShare === 'function' && navigator.canShare({ files: [file] });
  return (
    <section aria-label="The paper" className="grid gap-3">
      <div className="flex flex-wrap gap-2.5">
        <Button
          look="primary"
          size="lg"
          onClick={() => {
            saveFile(bytes, 'application/pdf', name);
            onKept();
          }}
        >
          Save it
        </Button>
        {shares && (
          <Button
            size="lg"
            onClick={() => reported(navigator.share({ files: [file] }).then(onKept, () => undefined))}
          >
            Share it
          </Button>
        )}
        <a
          href={url}
          target="_blank"
          rel="noopener"
          className="border-ink bg-sheet hover:bg-accent-wash inline-flex min-h-16 items-center rounded-sheet border-[1.5px] px-6 text-lg font-semibold"
        >
          Open it by itself
        </a>
      </div>
      <iframe title="The paper as it will be" src={url} className="border-line h-[46rem] w-full border" />
    </section>
  );
}
