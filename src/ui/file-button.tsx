import { useId } from 'react';

/** A button that asks for a file; the same one can be chosen again. */
export function FileButton({
  label,
  accept,
  onFile,
}: {
  label: string;
  accept: string;
  onFile: (file: File) => void;
}) {
  const id = useId();
  return (
    <div>
      <label
        htmlFor={id}
        className="border-ink bg-sheet hover:bg-accent-wash inline-flex min-h-11 items-center rounded-sheet border-[1.5px] px-4 font-semibold focus-within:outline-3 focus-within:outline-offset-2 focus-within:outline-accent"
      >
        {label}
        <input
          id={id}
          type="file"
          accept={accept}
          className="sr-only"
          onChange={(event) => {
            const file = event.target.files?.[0];
            if (file) onFile(file);
            event.target.value = '';
          }}
        />
      </label>
    </div>
  );
}
