import type { RefObject } from 'react';

/** What a button picks files with; not seen, and the same file can be picked again. */
export function FileInput({
  input,
  label,
  accept,
  multiple = false,
  onFiles,
}: {
  /** Clicked by the button. */
  input: RefObject<HTMLInputElement | null>;
  label: string;
  /** Endings and types that are offered. */
  accept: string;
  multiple?: boolean;
  /** Files that were picked, one or more. */
  onFiles: (files: readonly File[]) => void;
}) {
  return (
    <input
      ref={input}
      type="file"
      accept={accept}
      multiple={multiple}
      aria-label={label}
      hidden
      onChange={(event) => {
        const files = [...(event.target.files ?? [])];
        event.target.value = '';
        if (files.length > 0) onFiles(files);
      }}
    />
  );
}
