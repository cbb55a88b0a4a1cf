import Box from '@mui/material/Box';
import { useQuery } from '@tanstack/react-query';
import { api } from '../api/client';
import type { Fact, Paper } from '../api/types';
import { Drawing } from '../paper/Drawing';
import { TroubleNote } from '../ui/TroubleNote';
import { AskDialog } from '../ui/AskDialog';
import { t } from '../words';

/** Ways of getting the facts of a step, with their hops and dots. */
export default function FactHelp({ facts, onClose }: { facts: Fact[]; onClose: () => void }) {
  return (
    <AskDialog
      title={t('desk.how-to-get-there')}
      maxWidth="md"
      content={{ sx: { display: 'grid', gap: 3 }, tabIndex: 0 }}
      onClose={onClose}
    >
      {facts.map((fact, index) => (
        <Ways key={index} fact={fact} />
      ))}
    </AskDialog>
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
      <Box component="h3" sx={{ m: 0, mb: 1, fontSize: 'head' }}>
        {fact.sum} = {fact.result}
      </Box>
      <TroubleNote of={ways.error} />
      <Box component="ul" sx={{ m: 0, pl: 0, listStyle: 'none', display: 'grid', gap: 2 }}>
        {ways.data?.map(({ text, drawing }) => (
          <Box component="li" key={text} sx={{ fontSize: 'lead' }}>
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
