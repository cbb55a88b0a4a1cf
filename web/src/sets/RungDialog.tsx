import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { api } from '../api/client';
import type { Recipe, Rung } from '../api/types';
import { useLadderChange, useWholeLadder } from '../session/ladder';
import { useDraft } from '../ui/useDraft';
import { LONGEST_NAME } from '../ui/names';
import { t } from '../words';

/** Keeps the wishes of a sentence as a rung of the class's own. */
export function RungDialog({
  recipe,
  method,
  onClose,
  onKept,
}: {
  recipe: Recipe;
  method: string;
  onClose: () => void;
  onKept: (rung: Rung) => void;
}) {
  const { data: rungs = [] } = useWholeLadder();
  const mine = rungs.filter(({ operation }) => operation === recipe.operation);
  const [name, setName, forgetName] = useDraft('rung name');
  const [news, setNews, forgetNews] = useDraft('rung news');
  const [behind, setBehind] = useState(mine.at(-1)?.id ?? '');
  const change = useLadderChange();
  const keep = () =>
    change.mutate(() => api.addRung({ name, news, recipe, method, behind }), {
      onSuccess: (ladder) => {
        forgetName();
        forgetNews();
        onClose();
        const kept = ladder.find((rung) => rung.own && rung.name === name.trim());
        if (kept) {
          onKept(kept);
        }
      },
    });
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="rung-title">
      <Box
        component="form"
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          keep();
        }}
      >
        <DialogTitle id="rung-title">{t('sets.a-rung-of-your-own')}</DialogTitle>
        <DialogContent sx={{ display: 'grid', gap: 2, pt: '8px !important' }}>
          <TextField
            label={t('sets.name')}
            value={name}
            onChange={(event) => setName(event.target.value)}
            slotProps={{ htmlInput: { maxLength: LONGEST_NAME } }}
            autoFocus
          />
          <TextField
            label={t('sets.what-is-new')}
            value={news}
            onChange={(event) => setNews(event.target.value)}
            slotProps={{ htmlInput: { maxLength: 160 } }}
          />
          <TextField
            select
            label={t('sets.it-comes-behind')}
            value={behind}
            onChange={(event) => setBehind(event.target.value)}
            helperText={t('sets.what-comes-before-it-on')}
          >
            {mine.map((rung) => (
              <MenuItem key={rung.id} value={rung.id}>
                {rung.name}
              </MenuItem>
            ))}
          </TextField>
          {change.error && (
            <Box role="alert" sx={{ p: 1, bgcolor: 'ink.slipPage' }}>
              {change.error.message}
            </Box>
          )}
        </DialogContent>
        <DialogActions sx={{ px: 3, pb: 2.5 }}>
          <Button onClick={onClose}>{t('common.cancel')}</Button>
          <Button type="submit" variant="contained" disabled={change.isPending}>
            {t('sets.put-it-on-the-ladder')}
          </Button>
        </DialogActions>
      </Box>
    </Dialog>
  );
}
