import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useId, useRef } from 'react';
import { dayAfter, dayInFull } from './days';

/** Days that the arrow and page keys go on by. */
const MOVES: Record<string, number> = { ArrowUp: -1, ArrowDown: 1, PageUp: -7, PageDown: 7 };

/**
 * A day, written as the class writes days whatever the browser's own way is. Pressing it opens the
 * browser's calendar; the arrows move it by a day, the page keys by a week.
 */
export function DayField({
  label,
  value,
  onChange,
  labelled = true,
}: {
  label: string;
  /** As 2026-11-30; empty where no day is chosen. */
  value: string;
  onChange: (day: string) => void;
  /** Whether the label is seen. */
  labelled?: boolean;
}) {
  const id = useId();
  const calendar = useRef<HTMLInputElement>(null);
  const written = value && dayInFull(value);
  return (
    <Box sx={{ display: 'inline-flex', flexDirection: 'column', gap: 0.25 }}>
      {labelled && (
        <Box component="span" aria-hidden sx={{ fontSize: 'note', color: 'text.secondary' }}>
          {label}
        </Box>
      )}
      <Box sx={{ position: 'relative' }}>
        <Button
          id={id}
          aria-haspopup="dialog"
          aria-label={`${label}: ${written}`}
          onClick={() => calendar.current?.showPicker()}
          onKeyDown={(event) => {
            const days = MOVES[event.key];
            if (days !== undefined && value) {
              event.preventDefault();
              onChange(dayAfter(value, days));
            }
          }}
          sx={{ minWidth: 150 }}
        >
          {written || '–'}
        </Button>
        <input
          ref={calendar}
          type="date"
          data-testid="calendar"
          aria-label={label}
          aria-hidden
          tabIndex={-1}
          value={value}
          onChange={(event) => onChange(event.target.value)}
          style={UNSEEN}
        />
      </Box>
    </Box>
  );
}

/** The field is there only for its calendar, which opens below the button. */
const UNSEEN = {
  position: 'absolute',
  inset: 0,
  width: '100%',
  height: '100%',
  opacity: 0,
  pointerEvents: 'none',
} as const;
