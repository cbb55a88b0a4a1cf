import Box from '@mui/material/Box';
import FormControlLabel from '@mui/material/FormControlLabel';
import Switch from '@mui/material/Switch';
import { useState } from 'react';
import { areSingleKeysOn, setSingleKeys } from '../ui/singleKeys';
import { AskDialog } from '../ui/AskDialog';
import { t } from '../words';

const KEYS = [
  [t('app.enter'), t('app.set-the-typed-sum-out')],
  [t('app.space-or'), t('app.next-step')],
  ['←', t('app.one-step-back')],
  [t('app.home-end'), t('app.first-step-last-step')],
  [t('app.shift-arrows'), t('app.walk-over-the-paper-square')],
  ['B', t('app.to-the-board-and-back')],
  [t('app.digits-shift-digit'), t('app.on-the-slate-write-write')],
  [t('app.and-backspace'), t('app.on-the-slate-strike-rub')],
  ['S', t('app.on-the-slate-stop-at')],
  [t('app.enter'), t('app.on-the-slate-a-number')],
  [t('app.ctrl-z-ctrl-y'), t('app.on-the-slate-undo-redo')],
  [t('app.ctrl-enter'), t('app.on-the-slate-hand-in')],
  ['N', t('app.on-the-slate-when-a')],
  ['+, B, -', t('app.in-marking-right-blank-not')],
  [t('app.figures-then-enter'), t('app.in-marking-a-wrong-answer')],
  [t('common.space'), t('app.in-marking-look-at-an')],
  [t('app.ctrl-v'), t('app.in-marking-read-a-table')],
  [t('app.arrows'), t('app.in-register-and-plan-walk')],
  [t('app.ctrl-arrows'), t('app.in-plan-move-the-lesson')],
  [t('app.alt-number'), t('app.turn-to-a-tab')],
  ['?', t('app.this-list')],
] as const;

/** The list of keys, and whether keys of one letter or sign are heard. */
export default function KeysDialog({ open, onClose }: { open: boolean; onClose: () => void }) {
  const [single, setSingle] = useState(areSingleKeysOn);
  if (!open) {
    return null;
  }
  return (
    <AskDialog title={t('app.keys')} onClose={onClose}>
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
        label={t('app.b-s-and-work-as')}
      />
    </AskDialog>
  );
}
