import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useQuery } from '@tanstack/react-query';
import { api } from '../api/client';
import type { Fact, Paper } from '../api/types';
import { Drawing } from '../paper/Drawing';
import { t } from '../words';

/** Ways of getting the facts of a step, with their hops and dots. */
export default function FactHelp({ facts, onClose }: { facts: Fact[]; onClose: () => void }) {
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="md" aria-labelledby="help-title">
      <DialogTitle id="help-title">{t('desk.how-to-get-there')}</DialogTitle>
      <DialogContent tabIndex={0} sx={{ display: 'grid', gap: 3 }}>
        {facts.map((fact, index) => (
          <Ways key={index} fact={fact} />
        ))}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>{t('common.close')}</Button>
      </DialogActions>
    </Dialog>
  );
}

function Ways({ fact }: { fact: Fact }) {
  const ways = useQuery({
    queryKey: ['fact', fact.kind, fact.operands.join(' ')],
    queryFn: () => api.factHelp(fact),
    staleTime: Infinity,
  });
  return (
    <Box component="section">
      <Box component="h3" sx={{ m: 0, mb: 1, fontSize: 22 }}>
        {fact.sum} = {fact.result}
      </Box>
      {ways.isError && <Box role="alert">{ways.error.message}</Box>}
      <Box component="ul" sx={{ m: 0, pl: 0, listStyle: 'none', display: 'grid', gap: 2 }}>
        {ways.data?.map(({ text, drawing }) => (
          <Box component="li" key={text} sx={{ fontSize: 19 }}>
            {text}
            {drawing && <Picture paper={drawing} />}
          </Box>
        ))}
      </Box>
    </Box>
  );
}

function Picture({ paper }: { paper: Paper }) {
  return (
    <Box sx={{ mt: 1 }}>
      <Drawing paper={paper} step={0} height={120} label="" />
    </Box>
  );
}
