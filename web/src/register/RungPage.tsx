import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ButtonBase from '@mui/material/ButtonBase';
import { useMutation } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import type { Register, RungLabel } from '../api/types';
import { makeSet } from '../session/makeSet';
import { StandingShape } from './StandingShape';
import { groupsOf, STANDINGS } from './standings';
import { t } from '../words';

const SUMS = 8;

/** Who is where on a rung, and a set for those who are not sure. */
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
  const make = useMutation({
    mutationFn: () => makeSet(rung.name, [{ rung: rung.id, count: SUMS }]),
    onSuccess: (id) => navigate(`/sets/${id}`),
  });
  return (
    <>
      <Box component="h2" sx={{ m: 0, fontSize: 20, lineHeight: 1.25 }}>
        {rung.name}
      </Box>
      <Box sx={{ fontSize: 16.5, lineHeight: 1.45, color: 'text.secondary' }}>{rung.fresh}</Box>
      {groupsOf(register, rung.id).map(({ standing, pupils }) => (
        <Box key={standing}>
          <Box sx={{ display: 'flex', alignItems: 'center', gap: 1, fontWeight: 700 }}>
            <StandingShape standing={standing} />
            {pupils.length} {STANDINGS[standing]}
          </Box>
          <Box sx={{ fontSize: 16, lineHeight: 1.5 }}>
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
      <Box sx={{ mt: 'auto' }}>
        <Button variant="contained" disabled={make.isPending} onClick={() => make.mutate()}>
          {t('register.make-a-set-of-such', { sums: SUMS })}
        </Button>
        {make.error && <Box role="alert">{make.error.message}</Box>}
      </Box>
    </>
  );
}
