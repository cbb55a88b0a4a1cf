import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import visuallyHidden from '@mui/utils/visuallyHidden';
import { useRef, type ChangeEvent, type ReactNode } from 'react';

/** A button that takes a file. */
export function FileButton({
  label,
  accept,
  disabled,
  onFile,
  children,
}: {
  /** What the file is. */
  label: string;
  accept: string;
  disabled?: boolean;
  onFile: (file: File) => void;
  children: ReactNode;
}) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button disabled={disabled} onClick={() => input.current?.click()}>
        {children}
      </Button>
      <Box
        component="input"
        ref={input}
        type="file"
        tabIndex={-1}
        accept={accept}
        aria-label={label}
        onChange={(event: ChangeEvent<HTMLInputElement>) => {
          const file = event.target.files?.[0];
          event.target.value = '';
          if (file) {
            onFile(file);
          }
        }}
        sx={visuallyHidden}
      />
    </>
  );
}
