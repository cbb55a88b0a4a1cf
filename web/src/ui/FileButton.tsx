import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import visuallyHidden from '@mui/utils/visuallyHidden';
import { useRef, type ChangeEvent, type ReactNode } from 'react';

/** A button that takes a file. */
export function FileButton({
  label,
  accept,
  disabled,
  several,
  onFile,
  children,
}: {
  /** The words for the file. */
  label: string;
  accept: string;
  disabled?: boolean;
  /** Whether more than one may be chosen; each is given by itself. */
  several?: boolean;
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
        multiple={several}
        aria-label={label}
        onChange={(event: ChangeEvent<HTMLInputElement>) => {
          const files = [...(event.target.files ?? [])];
          event.target.value = '';
          files.forEach(onFile);
        }}
        sx={visuallyHidden}
      />
    </>
  );
}
