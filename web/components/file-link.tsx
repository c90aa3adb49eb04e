// A link that opens files: a label with the browser's own file field in it, which a keyboard reaches.
import { clsx } from 'clsx';

interface FileLinkProps {
  readonly label: string;
  /** Kinds of files, as the browser lists them: `.csv,text/csv`. */
  readonly accept: string;
  readonly onFiles: (files: readonly File[]) => void;
  readonly isMany?: boolean;
  /** A tablet opens its camera; a computer without one asks for a file. */
  readonly isCamera?: boolean;
  readonly isButton?: boolean;
}

export function FileLink({
  label,
  accept,
  onFiles,
  isMany = false,
  isCamera = false,
  isButton = false,
}: FileLinkProps) {
  return (
    <label
      className={clsx(
        'chrome cursor-pointer focus-within:outline-2 focus-within:outline-act',
        isButton ? 'button' : 'link',
      )}
    >
      {label}
      <input
        type="file"
        accept={accept}
        multiple={isMany}
        {...(isCamera && { capture: 'environment' })}
        className="sr-only"
        onChange={(event) => {
          const files = [...(event.target.files ?? [])];
          // The same file can be chosen again.
          event.target.value = '';
          if (files.length > 0) onFiles(files);
        }}
      />
    </label>
  );
}
