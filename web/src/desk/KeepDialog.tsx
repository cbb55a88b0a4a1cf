import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from '../api/client';
import type { Working } from '../api/types';
import { useNotice } from '../ui/useNotice';
import { useDesk } from '../session/deskContext';

/** Asks for a title and keeps the page; a failure is said here and what was typed stays. */
export function KeepDialog({ working, onClose }: { working: Working; onClose: () => void }) {
  const { dispatch } = useDesk();
  const notice = useNotice();
  const queries = useQueryClient();
  const [title, setTitle] = useState('');
  const [note, setNote] = useState('');
  const { problem, sum } = working;
  const keep = useMutation({
    mutationFn: () => api.keep({ sum, title, note }),
    onSuccess: (page) => {
      dispatch({ do: 'keep', page: { id: page.id, title: page.title } });
      void queries.invalidateQueries({ queryKey: ['pages'] });
      notice({ text: `“${page.title}” is in the Workbook.` });
      onClose();
    },
  });
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="keep-title">
      <form
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          keep.mutate();
        }}
      >
        <DialogTitle id="keep-title">Keep this page</DialogTitle>
        <DialogContent sx={{ display: 'grid', gap: 2.5 }}>
          <Box sx={{ fontSize: 22 }}>{problem}</Box>
          <TextField
            label="Title"
            value={title}
            onChange={(event) => setTitle(event.target.value)}
            autoFocus
            error={keep.isError}
            helperText={keep.error?.message}
            slotProps={{ htmlInput: { maxLength: 120 } }}
          />
          <TextField
            label="Note (optional)"
            value={note}
            onChange={(event) => setNote(event.target.value)}
            multiline
            minRows={2}
            slotProps={{ htmlInput: { maxLength: 2000 } }}
          />
        </DialogContent>
        <DialogActions sx={{ px: 3, pb: 2.5 }}>
          <Button onClick={onClose}>Cancel</Button>
          <Button type="submit" variant="contained" disabled={keep.isPending}>
            Keep page
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
