'use client';
/** A button that opens the file chooser; the input behind it stays out of the tab order. */
import { useRef } from 'react';
import Button, { type ButtonProps } from '@mui/material/Button';

export function FileButton({
  label,
  accept,
  busy = false,
  multiple = false,
  onFiles,
  ...rest
}: {
  label: string;
  accept: string;
  busy?: boolean;
  multiple?: boolean;
  onFiles: (files: readonly File[]) => void;
} & Pick<ButtonProps, 'size'>) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button variant="outlined" disabled={busy} onClick={() => input.current?.click()} {...rest}>
        {label}
      </Button>
      <input
        ref={input}
        hidden
        type="file"
        accept={accept}
        multiple={multiple}
        tabIndex={-1}
        onChange={(e) => {
          const files = [...(e.target.files ?? [])];
          e.target.value = '';
          if (files.length > 0) onFiles(files);
        }}
      />
    </>
  );
}
