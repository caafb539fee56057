/** A button that opens a file; the same file can be opened again. */
export function FileButton({
  label,
  accept,
  className = 'btn',
  onFile,
}: {
  label: string;
  accept: string;
  className?: string;
  onFile: (file: File) => void;
}) {
  return (
    <label className={className}>
      {label}
      <input
        type="file"
        accept={accept}
        className="sr-only"
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = '';
          if (file) onFile(file);
        }}
      />
    </label>
  );
}
