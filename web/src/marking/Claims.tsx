import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { api } from '../api/client';
import { useCurrentClass } from '../session/classes';
import { useAct } from '../ui/useAct';
import { CARD } from '../ui/card';
import { useNotice } from '../ui/useNotice';
import { t } from '../words';

/** Asks whose the pages are that were worked under the name of a pupil and belong to no pupil. */
export function Claims() {
  const room = useCurrentClass();
  const queries = useQueryClient();
  const notice = useNotice();
  const queryKey = ['unclaimed', room?.id];
  const { data } = useQuery({ queryKey, queryFn: api.unclaimed });
  const claim = useAct({
    mutationFn: ({ who, pupil }: { who: string; pupil: number | null }) => api.claim(who, pupil),
    onSuccess: (open) => {
      queries.setQueryData(queryKey, open);
      void queries.invalidateQueries({ queryKey: ['register'] });
      void queries.invalidateQueries({ queryKey: ['attempts'] });
    },
    onError: (trouble) => notice({ text: trouble.message }),
  });
  return data?.map(({ who, pages, pupils }) => {
    const [only, ...others] = pupils;
    return (
      <Box key={who} data-testid="claim" sx={{ ...CARD, mb: 1 }}>
        {only && others.length === 0
          ? t('marking.pages-of', { who, pages, name: only.name })
          : t('marking.pages-of-one-of', { who, pages })}
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 0.75 }}>
          {pupils.map(({ id, name }) => (
            <Button
              key={id}
              disabled={claim.isPending}
              onClick={() => claim.mutate({ who, pupil: id })}
            >
              {t('marking.theirs', { name })}
            </Button>
          ))}
          <Button disabled={claim.isPending} onClick={() => claim.mutate({ who, pupil: null })}>
            {t('marking.not-theirs')}
          </Button>
        </Box>
      </Box>
    );
  });
}
