import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import FormControlLabel from '@mui/material/FormControlLabel';
import Switch from '@mui/material/Switch';
import { useState } from 'react';
import { areSingleKeysOn, setSingleKeys } from '../ui/singleKeys';

const KEYS = [
  ['Enter', 'set the typed sum out'],
  ['Space or →', 'next step'],
  ['←', 'one step back'],
  ['Home, End', 'first step, last step'],
  ['Shift + arrows', 'walk over the paper square by square'],
  ['B', 'to the Board and back'],
  ['Digits, Shift + digit', 'on the Slate: write, write small'],
  ['/ and Backspace', 'on the Slate: strike, rub out'],
  ['S', 'on the Slate: stop at the squares for small figures, or pass them by'],
  ['Enter', 'on the Slate: a number is complete, or go on'],
  ['Ctrl + Z, Ctrl + Y', 'on the Slate: undo, redo; in Marking: undo'],
  ['Ctrl + Enter', 'on the Slate: hand in'],
  ['N', 'on the Slate, when a page is handed in: another sum like it'],
  ['+, B, -', 'in Marking: right, blank, not asked'],
  ['Figures, then Enter', 'in Marking: a wrong answer'],
  ['Space', 'in Marking: look at an answer closely'],
  ['Ctrl + V', 'in Marking: read a table of answers that was copied'],
  ['Arrows', 'in Register and Plan: walk over the squares'],
  ['Ctrl + arrows', 'in Plan: move the lesson to another day'],
  ['Alt + number', 'turn to a tab'],
  ['?', 'this list'],
] as const;

/** The list of keys, and whether those of one letter or sign are heard. */
export function KeysDialog({ open, onClose }: { open: boolean; onClose: () => void }) {
  const [single, setSingle] = useState(areSingleKeysOn);
  return (
    <Dialog open={open} onClose={onClose} aria-labelledby="keys-title">
      <DialogTitle id="keys-title">Keys</DialogTitle>
      <DialogContent>
        <Box
          component="dl"
          sx={{ m: 0, display: 'grid', gridTemplateColumns: 'auto auto', columnGap: 4, rowGap: 1 }}
        >
          {KEYS.map(([key, what]) => (
            <Box key={key} sx={{ display: 'contents' }}>
              <Box component="dt" sx={{ fontWeight: 700 }}>
                {key}
              </Box>
              <Box component="dd" sx={{ m: 0 }}>
                {what}
              </Box>
            </Box>
          ))}
        </Box>
        <FormControlLabel
          sx={{ mt: 2 }}
          control={
            <Switch
              checked={single}
              onChange={(_, on) => {
                setSingle(on);
                setSingleKeys(on);
              }}
            />
          }
          label="B, S and ? work as keys of their own"
        />
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Close</Button>
      </DialogActions>
    </Dialog>
  );
}
