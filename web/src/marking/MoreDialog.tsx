import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from '../api/client';
import type { Cell, Grid } from '../api/types';
import { useAct } from '../ui/useAct';
import { FileButton } from '../ui/FileButton';
import { open, save } from '../ui/save';
import { useNotice } from '../ui/useNotice';
import { PupilSheets } from './PupilSheets';
import type { Reading } from './useReading';
import { AskDialog } from '../ui/AskDialog';
import { t } from '../words';

/** The slips that can be made in sums, in the order of the sums, each once. */
async function slipsOf(sums: Grid['sums']) {
  const methods = new Map(sums.map((sum) => [sum.method, sum]));
  const asked = [...methods.values()].map(({ plain, method }) => api.slips({ plain, method }));
  const all = await Promise.all(asked);
  return [...new Map(all.flat().map((slip) => [slip.id, slip])).values()];
}

/** A marked handout on paper, and its answers as a table. */
export default function MoreDialog({
  grid: { id, title, sums },
  read,
  onTaken,
  onClose,
}: {
  grid: Grid;
  read: Reading;
  onTaken: (kept: Cell[]) => void;
  onClose: () => void;
}) {
  const notice = useNotice();
  const print = useAct({
    mutationFn: async (kind: 'LIST' | 'CUT_OUTS') => open(await api.handoutPaper(id, kind)),
  });
  const table = useAct({
    mutationFn: async () => save(await api.gridTable(id), `${title}.csv`),
    onSuccess: (name) => notice({ text: t('common.downloaded', { name }) }),
  });
  const [slips, setSlips] = useState<string[]>([]);
  const [asked, setAsked] = useState(false);
  const known = useQuery({ queryKey: ['slips of', id], queryFn: () => slipsOf(sums) });
  const simulate = useAct({
    mutationFn: () => api.simulateAnswers(id, slips.length > 0 ? slips : undefined),
    onSuccess: ({ kept }) => onTaken(kept),
  });
  const trouble = print.error ?? table.error ?? read.error ?? simulate.error;
  return (
    <AskDialog
      title={title}
      content={{ sx: { display: 'grid', gap: 2.5 } }}
      trouble={trouble}
      onClose={onClose}
    >
      <PupilSheets handout={id} />
      <Box>
        <Box component="h3" sx={{ m: 0, mb: 1, fontSize: 'said' }}>
          {t('common.on-paper')}
        </Box>
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
          <Button disabled={print.isPending} onClick={() => print.mutate('CUT_OUTS')}>
            {t('marking.a-card-for-each-pupil')}
          </Button>
          <Button disabled={print.isPending} onClick={() => print.mutate('LIST')}>
            {t('marking.list-of-marks')}
          </Button>
        </Box>
        <Box sx={{ mt: 1, color: 'text.secondary' }}>{t('marking.thirty-cards-to-cut-out')}</Box>
      </Box>
      <Box>
        <Box component="h3" sx={{ m: 0, mb: 1, fontSize: 'said' }}>
          {t('common.as-a-table')}
        </Box>
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
          <Button disabled={table.isPending} onClick={() => table.mutate()}>
            {t('marking.table-of-answers-csv')}
          </Button>
          <FileButton
            label={t('marking.table-of-answers')}
            accept=".csv,text/csv"
            onFile={(file) => read.mutate(() => file.text())}
          >
            {t('marking.read-a-table-in')}
          </FileButton>
        </Box>
        <Box sx={{ mt: 1, color: 'text.secondary' }}>{t('marking.a-row-for-each-pupil')}</Box>
      </Box>
      <Box>
        <Box component="h3" sx={{ m: 0, mb: 1, fontSize: 'said' }}>
          {t('common.to-try-it-out')}
        </Box>
        <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'end', gap: 1.5 }}>
          <Button
            disabled={simulate.isPending}
            onClick={() => (asked ? simulate.mutate() : setAsked(true))}
          >
            {asked ? t('marking.yes-fill-it-in') : t('marking.have-simulated-pupils-fill-it')}
          </Button>
          <TextField
            select
            variant="standard"
            value={slips}
            onChange={(event) => setSlips([event.target.value].flat())}
            slotProps={{
              select: {
                multiple: true,
                displayEmpty: true,
                renderValue: () =>
                  slips.length === 0
                    ? t('marking.with-any-slips')
                    : t('marking.with-slips', { count: slips.length }),
              },
              htmlInput: { 'aria-label': t('marking.slips-of-the-simulated-pupils') },
            }}
          >
            {known.data?.map((slip) => (
              <MenuItem key={slip.id} value={slip.id}>
                {slip.name}
              </MenuItem>
            ))}
          </TextField>
        </Box>
        <Box role="status" sx={{ mt: 1, color: 'text.secondary' }}>
          {simulate.data?.kept.length === 0
            ? t('marking.something-is-entered-for-everybody')
            : simulate.data
              ? t('marking.answers-are-made-up', { answers: simulate.data.kept.length })
              : asked
                ? t('marking.made-up-for-real-children')
                : t('marking.made-up-answers-are-entered')}
        </Box>
      </Box>
      {read.data && (
        <Box role="status">
          {t('marking.answers-were-read', { answers: read.data.kept.length })}
          {read.data.bad.length > 0 && (
            <Box component="ul" sx={{ m: 0, mt: 0.5, pl: 2.5 }}>
              {read.data.bad.map((sentence) => (
                <li key={sentence}>{sentence}</li>
              ))}
            </Box>
          )}
        </Box>
      )}
    </AskDialog>
  );
}
