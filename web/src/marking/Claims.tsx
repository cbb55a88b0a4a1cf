import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api } from '../api/client';
import type { Unclaimed } from '../api/types';
import { useCurrentClass } from '../session/classes';
import { CARD } from '../ui/card';
import { useNotice } from '../ui/useNotice';
import { t } from '../words';

/** Asks whose pages are that were worked under the name of a pupil and belong to nobody. */
export function Claims() {
  const room = useCurrentClass();
  const queries = useQueryClient();
  const notice = useNotice();
  const queryKey = ['unclaimed', room?.id];
  const { data } = useQuery({ queryKey, queryFn: api.unclaimed });
  const claim = useMutation({
    mutationFn: ({ of, theirs }: { of: Unclaimed; theirs: boolean }) =>
      api.claim(of.pupil, of.who, theirs),
    onSuccess: (open) => {
      queries.setQueryData(queryKey, open);
      void queries.invalidateQueries({ queryKey: ['register'] });
      void queries.invalidateQueries({ queryKey: ['attempts'] });
    },
    onError: (trouble) => notice({ text: trouble.message }),
  });
  return data?.map((each) => (
    <Box key={each.who} data-testid="claim" sx={{ ...CARD, mb: 1 }}>
      {t('marking.pages-of', each)}
      <Box sx={{ mt: 0.5 }}>
        <Button disabled={claim.isPending} onClick={() => claim.mutate({ of: each, theirs: true })}>
          {t('marking.theirs', { name: each.name })}
        </Button>
        <Button
          disabled={claim.isPending}
          onClick={() => claim.mutate({ of: each, theirs: false })}
        >
          {t('marking.not-theirs')}
        </Button>
      </Box>
    </Box>
  ));
}
