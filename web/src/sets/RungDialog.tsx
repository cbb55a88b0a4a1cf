import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { api } from '../api/client';
import type { Recipe, Rung } from '../api/types';
import { useLadderChange, useWholeLadder } from '../session/ladder';
import { useDraft } from '../ui/useDraft';
import { LONGEST_NAME } from '../ui/names';
import { AskDialog } from '../ui/AskDialog';
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
    <AskDialog
      title={t('sets.a-rung-of-your-own')}
      content={{ sx: { display: 'grid', gap: 2, pt: '8px !important' } }}
      trouble={change.error}
      does={{ label: t('sets.put-it-on-the-ladder'), isOff: change.isPending, run: keep }}
      onClose={onClose}
    >
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
    </AskDialog>
  );
}
