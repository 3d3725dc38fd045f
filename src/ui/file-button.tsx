import { useId } from 'react';

/** A button that asks for a file, or several at once; the same one can be chosen again. */
export function FileButton({
  label,
  accept,
  several = false,
  onFile,
  onFiles,
}: {
  label: string;
  accept: string;
  several?: boolean;
  onFile?: (file: File) => void;
  onFiles?: (files: readonly File[]) => void;
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
          multiple={several}
          className="sr-only"
          onChange={(event) => {
            const files = [...(event.target.files ?? [])];
            if (files.length > 0) onFiles?.(files);
            if (files[0]) onFile?.(files[0]);
            event.target.value = '';
          }}
        />
      </label>
    </div>
  );
}
