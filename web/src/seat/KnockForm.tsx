import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useEffect, useState } from 'react';
import { useAct } from '../ui/useAct';
import { knock } from './seatLink';
import { SCREEN } from './Said';
import { LONGEST_NAME } from '../ui/names';
import { t } from '../words';

/** Behind the number sign of the address that a camera reads. */
const codeInAddress = () => /^#(\d{6})$/.exec(location.hash)?.[1] ?? '';

/** The door: the code that stands on the Board, and who writes on this device. */
export function KnockForm({
  closed,
  onKnocked,
}: {
  /** Why the device has no seat any more. */
  closed: string | null;
  onKnocked: (token: string) => void;
}) {
  const [code, setCode] = useState(codeInAddress);
  const [who, setWho] = useState('');
  useEffect(() => {
    // A camera may bring the code to a page that is open already.
    const bring = () => setCode(codeInAddress);
    window.addEventListener('hashchange', bring);
    return () => window.removeEventListener('hashchange', bring);
  }, []);
  const come = useAct({
    mutationFn: () => knock(code.replace(/\s/g, ''), who.trim()),
    onSuccess: ({ token }) => onKnocked(token),
  });
  const said = come.error?.message ?? closed;
  return (
    <Box component="main" sx={{ ...SCREEN, overflow: 'auto', display: 'grid', p: 2 }}>
      <Box
        component="form"
        onSubmit={(event) => {
          event.preventDefault();
          come.mutate();
        }}
        sx={FORM}
      >
        <Box component="h1" sx={{ m: 0, fontSize: 'far' }}>
          {t('seat.into-the-room')}
        </Box>
        <TextField
          label={t('seat.code')}
          helperText={t('seat.six-figures-on-the-board')}
          value={code}
          onChange={(event) => setCode(event.target.value)}
          autoFocus={code === ''}
          autoComplete="off"
          slotProps={{ htmlInput: { inputMode: 'numeric', maxLength: 12 } }}
          sx={LARGE}
        />
        <TextField
          label={t('seat.number-or-name')}
          helperText={t('seat.a-part-of-the-name-will-do')}
          value={who}
          onChange={(event) => setWho(event.target.value)}
          autoFocus={code !== ''}
          autoComplete="off"
          slotProps={{ htmlInput: { maxLength: LONGEST_NAME } }}
          sx={LARGE}
        />
        {said && (
          <Box role="alert" sx={{ fontSize: 'said', color: 'error.main' }}>
            {said}
          </Box>
        )}
        <Button
          type="submit"
          variant="contained"
          disabled={come.isPending || code.trim() === '' || who.trim() === ''}
          sx={{ minHeight: 56, fontSize: 'lead' }}
        >
          {t('seat.knock')}
        </Button>
      </Box>
    </Box>
  );
}

const LARGE = { '& input': { fontSize: 'far', py: 1.5 } };

const FORM = {
  m: 'auto',
  width: '100%',
  maxWidth: 440,
  display: 'flex',
  flexDirection: 'column',
  gap: 2.5,
  p: { xs: 2, sm: 4 },
  bgcolor: 'background.paper',
  borderLeft: 10,
  borderColor: 'ink.tab',
  borderRadius: '4px 14px 14px 4px',
} as const;
