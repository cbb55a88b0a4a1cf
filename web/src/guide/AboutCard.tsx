import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from '../api/client';
import { CARD } from '../ui/card';
import { CLOSED } from '../ui/closed';
import { useAct } from '../ui/useAct';
import { TroubleNote } from '../ui/TroubleNote';
import { t } from '../words';

/** Which Bemble this is, where it keeps everything, and how it is closed. */
export function AboutCard() {
  const { data } = useQuery({ queryKey: ['about'], queryFn: api.about, staleTime: Infinity });
  const [asked, setAsked] = useState(false);
  const queries = useQueryClient();
  const quit = useAct({
    mutationFn: api.quit,
    onSuccess: () => queries.setQueryData(CLOSED, true),
  });
  return (
    <Box component="section" aria-labelledby="about" sx={{ ...CARD, borderColor: 'ink.edge' }}>
      <Box component="h2" id="about" sx={{ m: 0, fontSize: 'lead' }}>
        {t('guide.about')}
      </Box>
      <Box>{data && t('common.version', { version: data.version })}</Box>
      <Box sx={{ overflowWrap: 'anywhere' }}>{data && t('guide.kept-in', { file: data.data })}</Box>
      <Box sx={{ color: 'text.secondary', fontSize: 'note' }}>{t('guide.licence')}</Box>
      <TroubleNote of={quit.error} />
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 1 }}>
        {asked ? (
          <>
            <Button
              variant="contained"
              disabled={quit.isPending}
              onClick={() => quit.mutate(undefined)}
            >
              {t('guide.close-it')}
            </Button>
            <Button onClick={() => setAsked(false)}>{t('common.cancel')}</Button>
          </>
        ) : (
          <Button onClick={() => setAsked(true)}>{t('guide.quit')}</Button>
        )}
      </Box>
    </Box>
  );
}
