import InputBase from '@mui/material/InputBase';
import { useState } from 'react';

/** How a field looks that stands in a row. */
export const FIELD = {
  flex: 1,
  px: 1.25,
  minHeight: 40,
  border: 1,
  borderColor: 'ink.edge',
  borderRadius: 1,
  minWidth: 0,
};

/** A text that can be typed over; leaving the field or Enter keeps it. */
export function KeptField({
  label,
  kept,
  most,
  long,
  onKeep,
}: {
  label: string;
  kept: string;
  /** How many letters it may have. */
  most?: number;
  /** Whether it may take several lines on the screen; Enter keeps it all the same. */
  long?: boolean;
  onKeep: (text: string) => void;
}) {
  const [text, setText] = useState(kept);
  const keep = () => text !== kept && onKeep(text);
  return (
    <InputBase
      value={text}
      onChange={(event) => setText(event.target.value)}
      onBlur={keep}
      onKeyDown={(event) => {
        if (event.key === 'Enter') {
          event.preventDefault();
          keep();
        }
      }}
      multiline={long}
      inputProps={{ 'aria-label': label, maxLength: most }}
      sx={FIELD}
    />
  );
}
