import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { api } from '../api/client';
import type { HandoutRequest } from '../api/types';
import { useCurrentClass } from '../session/classes';
import { ChoiceRow } from '../ui/ChoiceRow';
import { KINDS } from './told';
import { t } from '../words';

/** What is handed out. */
export type HandoutSource = Pick<HandoutRequest, 'title' | 'set' | 'version' | 'sums'>;

const today = () => new Date().toLocaleDateString('en-CA');

/** Gives a set to the class, or to some of it. */
export default function HandoutDialog({
  source,
  onClose,
}: {
  source: HandoutSource;
  onClose: () => void;
}) {
  const room = useCurrentClass();
  const { data: roll } = useQuery({ queryKey: ['roll', room?.id], queryFn: api.roll });
  const there = roll?.filter(({ left }) => !left) ?? [];
  const [kind, setKind] = useState<NonNullable<HandoutRequest['kind']>>('EXERCISE');
  const [givenOn, setGivenOn] = useState(today);
  const [dueOn, setDueOn] = useState('');
  const [mark, setMark] = useState('');
  const [out, setOut] = useState<number[]>([]);
  const navigate = useNavigate();
  const queries = useQueryClient();
  const marked = kind === 'QUIZ' || kind === 'TEST';
  const give = useMutation({
    mutationFn: () =>
      api.giveHandout({
        ...source,
        kind,
        givenOn,
        dueOn: kind === 'HOMEWORK' && dueOn !== '' ? dueOn : undefined,
        passMark: marked && mark !== '' ? Number(mark) : undefined,
        pupils:
          out.length === 0
            ? undefined
            : there.map(({ id }) => id).filter((id) => !out.includes(id)),
      }),
    onSuccess: (grid) => {
      queries.setQueryData(['handout', grid.id], grid);
      void queries.invalidateQueries({ queryKey: ['handouts'] });
      void navigate(`/marking/${grid.id}`);
    },
  });
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="handout-title">
      <form
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          give.mutate();
        }}
      >
        <DialogTitle id="handout-title">
          {t('marking.hand-out-to', {
            title: source.title,
            room: room?.name ?? t('common.the-class'),
          })}
        </DialogTitle>
        <DialogContent>
          {roll && there.length === 0 && (
            <Box role="alert" sx={{ mb: 2 }}>
              {t('marking.there-is-nobody-in-this')}
            </Box>
          )}
          <ChoiceRow label={t('marking.as')} value={kind} names={KINDS} onChoose={setKind} />
          <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, my: 2 }}>
            <TextField
              label={t('marking.given-on')}
              type="date"
              value={givenOn}
              onChange={(event) => setGivenOn(event.target.value)}
              slotProps={{ inputLabel: { shrink: true } }}
            />
            {kind === 'HOMEWORK' && (
              <TextField
                label={t('marking.due-on')}
                type="date"
                value={dueOn}
                onChange={(event) => setDueOn(event.target.value)}
                slotProps={{ inputLabel: { shrink: true } }}
              />
            )}
            {marked && (
              <TextField
                label={t('marking.pass-mark-sums-right')}
                value={mark}
                onChange={(event) => setMark(event.target.value.replaceAll(/\D/g, ''))}
                slotProps={{ htmlInput: { inputMode: 'numeric' } }}
              />
            )}
          </Box>
          {there.length > 0 && (
            <Box role="group" aria-label={t('marking.pupils')}>
              <Box sx={{ mb: 0.75 }}>
                {out.length === 0
                  ? t('marking.to-all-pupils', { pupils: there.length })
                  : t('marking.to-of-pupils', {
                      there: there.length - out.length,
                      pupils: there.length,
                    })}
              </Box>
              <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75 }}>
                {there.map(({ id, name }) => (
                  <Button
                    key={id}
                    size="small"
                    aria-pressed={!out.includes(id)}
                    onClick={() =>
                      setOut(out.includes(id) ? out.filter((each) => each !== id) : [...out, id])
                    }
                  >
                    {name}
                  </Button>
                ))}
              </Box>
            </Box>
          )}
          {give.isError && (
            <Box role="alert" sx={{ mt: 1.5, p: 1, bgcolor: 'ink.slipPage' }}>
              {give.error.message}
            </Box>
          )}
        </DialogContent>
        <DialogActions>
          <Button onClick={onClose}>{t('common.close')}</Button>
          <Button
            type="submit"
            variant="contained"
            disabled={there.length === out.length || give.isPending}
          >
            {t('marking.hand-out')}
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
