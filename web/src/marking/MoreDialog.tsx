import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useMutation } from '@tanstack/react-query';
import { api } from '../api/client';
import type { Grid } from '../api/types';
import { FileButton } from '../ui/FileButton';
import { open, save } from '../ui/save';
import { useNotice } from '../ui/useNotice';

/** A marked handout on paper, and its answers as a table. */
export default function MoreDialog({
  grid: { id, title },
  onEntered,
  onClose,
}: {
  grid: Grid;
  onEntered: () => void;
  onClose: () => void;
}) {
  const notice = useNotice();
  const print = useMutation({
    mutationFn: async (kind: 'LIST' | 'CUT_OUTS') => open(await api.handoutPaper(id, kind)),
  });
  const table = useMutation({
    mutationFn: async () => save(await api.gridTable(id), `${title}.csv`),
    onSuccess: (name) => notice({ text: `${name} is in your downloads.` }),
  });
  const read = useMutation({
    mutationFn: async (file: File) => api.readGrid(id, await file.text()),
    onSuccess: onEntered,
  });
  const simulate = useMutation({
    mutationFn: () => api.simulateAnswers(id),
    onSuccess: onEntered,
  });
  const trouble = print.error ?? table.error ?? read.error ?? simulate.error;
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="paper-title">
      <DialogTitle id="paper-title">{title}</DialogTitle>
      <DialogContent sx={{ display: 'grid', gap: 2.5 }}>
        <Box>
          <Box component="h3" sx={{ m: 0, mb: 1, fontSize: 17 }}>
            On paper
          </Box>
          <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
            <Button disabled={print.isPending} onClick={() => print.mutate('CUT_OUTS')}>
              A slip of paper for each pupil
            </Button>
            <Button disabled={print.isPending} onClick={() => print.mutate('LIST')}>
              List of marks
            </Button>
          </Box>
          <Box sx={{ mt: 1, color: 'text.secondary' }}>
            Thirty slips to cut out of a sheet: what is right, what to look at again, and a question
            that leads back. No answer stands on them.
          </Box>
        </Box>
        <Box>
          <Box component="h3" sx={{ m: 0, mb: 1, fontSize: 17 }}>
            As a table
          </Box>
          <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
            <Button disabled={table.isPending} onClick={() => table.mutate()}>
              Table of answers (CSV)
            </Button>
            <FileButton
              label="Table of answers"
              accept=".csv,text/csv"
              onFile={(file) => read.mutate(file)}
            >
              Read a table in
            </FileButton>
          </Box>
        </Box>
        <Box>
          <Box component="h3" sx={{ m: 0, mb: 1, fontSize: 17 }}>
            To try it out
          </Box>
          <Button disabled={simulate.isPending} onClick={() => simulate.mutate()}>
            Have simulated pupils fill it in
          </Button>
          <Box role="status" sx={{ mt: 1, color: 'text.secondary' }}>
            {simulate.data?.kept.length === 0
              ? 'Something is entered for everybody already.'
              : simulate.data
                ? `${simulate.data.kept.length} answers are made up.`
                : 'Made-up answers are entered for everybody of whom there are none. Delete the handout afterwards.'}
          </Box>
        </Box>
        {read.data && (
          <Box role="status">
            {read.data.kept.length === 1
              ? '1 answer was read.'
              : `${read.data.kept.length} answers were read.`}
            {read.data.bad.length > 0 && (
              <Box component="ul" sx={{ m: 0, mt: 0.5, pl: 2.5 }}>
                {read.data.bad.map((sentence) => (
                  <li key={sentence}>{sentence}</li>
                ))}
              </Box>
            )}
          </Box>
        )}
        {trouble && (
          <Box role="alert" sx={{ p: 1, bgcolor: 'ink.slipPage' }}>
            {trouble.message}
          </Box>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Close</Button>
      </DialogActions>
    </Dialog>
  );
}
