import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from '../api/client';
import type { Room, RoomWork } from '../api/types';
import { useDesk } from '../session/deskContext';
import { useGroups } from '../session/groups';
import { ChoiceRow } from '../ui/ChoiceRow';
import { useAct } from '../ui/useAct';
import { useDraft } from '../ui/useDraft';
import { t } from '../words';

const ALL = 'all';

/** What is worked next, and by whom. */
export function GiveDialog({
  onClose,
  onGiven,
}: {
  onClose: () => void;
  onGiven: (room: Room) => void;
}) {
  const { working } = useDesk();
  const [what, setWhat] = useState<'sum' | 'set'>('sum');
  const [line, setLine] = useDraft('room sum', working?.problem ?? '');
  const [set, setSet] = useState<number | ''>('');
  const [whom, setWhom] = useState(ALL);
  const { groups } = useGroups();
  const { data: sets } = useQuery({ queryKey: ['sets', 'room'], queryFn: () => api.sets('') });
  const give = useAct({
    mutationFn: async () => {
      const pupils =
        whom === ALL ? undefined : groups.find(({ id }) => String(id) === whom)?.pupils;
      return api.giveOut({ ...(await work()), pupils });
    },
    onSuccess: onGiven,
  });
  const work = async (): Promise<RoomWork> => {
    if (what === 'sum' || set === '') {
      // The sum on the Desk is worked there as it stands there.
      return { sum: line === working?.problem ? working.sum : { plain: line } };
    }
    const opened = await api.set(set, 'A');
    return {
      title: opened.title,
      set,
      version: 'A',
      sums: opened.sums.map(({ plain, method, rung }) => ({ plain, method, rung })),
    };
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="give-title">
      <form
        onSubmit={(event) => {
          event.preventDefault();
          give.mutate();
        }}
      >
        <DialogTitle id="give-title">{t('rooms.give-out')}</DialogTitle>
        <DialogContent>
          <ChoiceRow
            label={t('rooms.what')}
            value={what}
            names={{ sum: t('rooms.one-sum'), set: t('rooms.the-sums-of-a-set') }}
            onChoose={setWhat}
          />
          {what === 'sum' ? (
            <TextField
              fullWidth
              autoFocus
              label={t('rooms.sum')}
              value={line}
              onChange={(event) => {
                setLine(event.target.value);
                give.reset();
              }}
              error={give.error !== null}
              helperText={give.error?.message}
              slotProps={{ htmlInput: { autoComplete: 'off' } }}
              sx={{ mb: 2, mt: 0.5 }}
            />
          ) : (
            <TextField
              select
              fullWidth
              label={t('rooms.set')}
              value={set}
              onChange={(event) => setSet(Number(event.target.value))}
              error={give.error !== null}
              helperText={
                give.error?.message ?? (sets?.entries.length === 0 ? t('rooms.no-set') : undefined)
              }
              sx={{ mb: 2, mt: 0.5 }}
            >
              {(sets?.entries ?? []).map(({ id, title }) => (
                <MenuItem key={id} value={id}>
                  {title}
                </MenuItem>
              ))}
            </TextField>
          )}
          <ChoiceRow
            label={t('rooms.for')}
            value={whom}
            names={{
              [ALL]: t('rooms.all-pupils'),
              ...Object.fromEntries(groups.map(({ id, name }) => [String(id), name])),
            }}
            onChoose={setWhom}
          />
          <Box sx={{ color: 'text.secondary' }}>{t('rooms.what-is-not-done-stays')}</Box>
        </DialogContent>
        <DialogActions>
          <Button onClick={onClose}>{t('common.cancel')}</Button>
          <Button
            type="submit"
            variant="contained"
            disabled={give.isPending || (what === 'sum' ? line.trim() === '' : set === '')}
          >
            {t('rooms.give-out-now')}
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
