import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ButtonBase from '@mui/material/ButtonBase';
import { useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import type { Register, RungLabel } from '../api/types';
import { api } from '../api/client';
import { useGroups } from '../session/groups';
import { useAct } from '../ui/useAct';
import { useNotice } from '../ui/useNotice';
import { makeSet } from '../session/makeSet';
import { StandingShape } from './StandingShape';
import { groupsOf, inOrder, STANDINGS } from './standings';
import { useDecide } from './useDecide';
import { TroubleNote } from '../ui/TroubleNote';
import { t } from '../words';

const SUMS = 8;

/** The standings of pupils on a rung, and a set for those who are not sure. */
export function RungPage({
  register,
  rung,
  onPupil,
}: {
  register: Register;
  rung: RungLabel;
  onPupil: (pupil: number) => void;
}) {
  const navigate = useNavigate();
  const queries = useQueryClient();
  const notice = useNotice();
  const { queryKey } = useGroups();
  const group = useAct({
    mutationFn: api.makeGroup,
    onSuccess: (now, { name }) => {
      queries.setQueryData(queryKey, now);
      notice({ text: t('register.group-made', { name }) });
    },
    onError: (trouble) => notice({ text: trouble.message }),
  });
  const decide = useDecide(register);
  const there = register.pupils.filter(({ left }) => !left);
  const make = useAct({
    mutationFn: () => makeSet(rung.name, [{ rung: rung.id, count: SUMS }]),
    goOn: (id) => navigate(`/sets/${id}`),
  });
  return (
    <>
      <Box component="h2" sx={{ m: 0, fontSize: 'lead', lineHeight: 1.25 }}>
        {rung.name}
      </Box>
      <Box sx={{ fontSize: 'plain', lineHeight: 1.45, color: 'text.secondary' }}>{rung.fresh}</Box>
      {groupsOf(register, rung.id).map(({ standing, pupils }) => (
        <Box key={standing}>
          <Box sx={{ display: 'flex', alignItems: 'center', gap: 1, fontWeight: 700 }}>
            <StandingShape standing={standing} />
            <Box sx={{ flex: 1 }}>
              {pupils.length} {STANDINGS[standing]}
            </Box>
            {pupils.length > 0 && (
              <Button
                size="small"
                aria-label={t('register.make-a-group-of', { standing: STANDINGS[standing] })}
                disabled={group.isPending}
                onClick={() =>
                  group.mutate({
                    name: `${rung.name}: ${STANDINGS[standing]}`.slice(0, 120),
                    about: rung.id,
                    pupils: pupils.map(({ id }) => id),
                  })
                }
              >
                {t('register.as-a-group')}
              </Button>
            )}
          </Box>
          <Box sx={{ fontSize: 'plain', lineHeight: 1.5 }}>
            {pupils.map(({ id, name }) => (
              <ButtonBase
                key={id}
                onClick={() => onPupil(id)}
                sx={{ mr: 1.25, fontFamily: 'inherit', fontSize: 'inherit' }}
              >
                {name}
              </ButtonBase>
            ))}
          </Box>
        </Box>
      ))}
      <Box>
        <Box component="h3" sx={{ m: 0, mb: 0.5, fontSize: 'plain' }}>
          {t('register.decide-for-all')}
        </Box>
        <Box
          role="group"
          aria-label={t('register.decide-for-all')}
          sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75 }}
        >
          {inOrder.map((standing) => (
            <Button
              key={standing}
              size="small"
              variant="outlined"
              disabled={there.length === 0}
              onClick={() =>
                !decide.isPending &&
                decide.mutate(there.map(({ id: pupil }) => ({ pupil, rung: rung.id, standing })))
              }
            >
              {STANDINGS[standing]}
            </Button>
          ))}
        </Box>
      </Box>
      <Box sx={{ mt: 'auto' }}>
        <Button variant="contained" disabled={make.isPending} onClick={() => make.mutate()}>
          {t('register.make-a-set-of-such', { sums: SUMS })}
        </Button>
        <TroubleNote of={make.error} />
      </Box>
    </>
  );
}
