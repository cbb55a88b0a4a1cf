import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api } from '../api/client';
import type { Pupil, PupilRecord, Register } from '../api/types';
import { DeletePupilDialog } from '../marking/DeletePupilDialog';
import { dayTold } from '../marking/told';
import { useAct } from '../ui/useAct';
import { deferred } from '../ui/deferred';
import { save } from '../ui/save';
import { useNotice } from '../ui/useNotice';
import { StandingShape } from './StandingShape';
import { rungsOf, squaresOf, STANDINGS } from './standings';
import { SlipWeeks } from './SlipWeeks';
import { SureUpTo } from './SureUpTo';
import { TroubleNote } from '../ui/TroubleNote';
import { t } from '../words';

const LetterDialog = deferred(() => import('./LetterDialog'));

/** A pupil: sure rungs, slips over time, the latest work, and the letter to the parents. */
export function PupilPage({
  register,
  pupil,
  onRung,
  onGone,
}: {
  register: Register;
  pupil: Pupil;
  onRung: (rung: string) => void;
  /** Runs when the pupil was deleted. */
  onGone: () => void;
}) {
  const [going, setGoing] = useState(false);
  const { data: record, error } = useQuery({
    queryKey: ['register', 'pupil', pupil.id],
    queryFn: () => api.pupilRecord(pupil.id),
  });
  const notice = useNotice();
  const file = useAct({
    mutationFn: async () => save(await api.pupilFile(pupil.id), `${pupil.name}.json`),
    onSuccess: (name) => notice({ text: t('common.downloaded', { name }) }),
  });
  const [writing, setWriting] = useState(false);
  const squareOf = squaresOf(register);
  const trouble = error ?? file.error;
  return (
    <>
      <Box component="h2" sx={{ m: 0, fontSize: 'lead' }}>
        {pupil.name}
      </Box>
      <TroubleNote of={trouble} />
      {rungsOf(register, pupil.id).map(({ standing, rungs }) => (
        <Box key={standing} sx={{ display: 'flex', gap: 1, fontSize: 'plain', lineHeight: 1.4 }}>
          <Box sx={{ pt: 0.25 }}>
            <StandingShape standing={standing} />
          </Box>
          <Box>
            <strong>{STANDINGS[standing]}:</strong>{' '}
            {rungs.map(({ id, name }, place) => {
              const again = squareOf(pupil.id, id)?.lookAgain;
              return (
                <span key={id}>
                  {place > 0 && '; '}
                  <Box
                    component="button"
                    onClick={() => onRung(id)}
                    sx={{
                      border: 0,
                      p: 0,
                      background: 'none',
                      font: 'inherit',
                      color: 'inherit',
                      textAlign: 'left',
                      cursor: 'pointer',
                      textDecoration: 'underline dotted',
                    }}
                  >
                    {name}
                  </Box>
                  {again &&
                    t(standing === 'LOOK_AGAIN' ? 'register.due-since' : 'register.due-on', {
                      day: dayTold(again),
                    })}
                </span>
              );
            })}
          </Box>
        </Box>
      ))}
      <SureUpTo register={register} pupil={pupil} />
      {record && record.recent.length === 0 && <Box>{t('register.nothing-was-worked-yet')}</Box>}
      {record && record.slips.length > 0 && <SlipWeeks record={record} />}
      {record && record.recent.length > 0 && <Recent record={record} />}
      {record && (
        <Box>
          <Box component="h3" sx={HEADING}>
            {t('register.letter-to-the-parents')}
          </Box>
          {record.letter.map((line) => (
            <Box
              key={line}
              component="p"
              sx={{ m: 0, mb: 0.5, fontSize: 'plain', lineHeight: 1.4 }}
            >
              {line}
            </Box>
          ))}
        </Box>
      )}
      <Box sx={{ mt: 'auto', display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        <Button
          variant="contained"
          disabled={!record}
          aria-haspopup="dialog"
          onClick={() => setWriting(true)}
        >
          {t('register.print-the-letter')}
        </Button>
        <Button disabled={file.isPending} onClick={() => file.mutate()}>
          {t('register.all-of-it-as-a')}
        </Button>
        <Button onClick={() => setGoing(true)}>{t('common.delete-for-good')}</Button>
      </Box>
      {writing && record && (
        <LetterDialog pupil={pupil} proposed={record.letter} onClose={() => setWriting(false)} />
      )}
      {going && <DeletePupilDialog pupil={pupil} onClose={() => setGoing(false)} onGone={onGone} />}
    </>
  );
}

const HEADING = { m: 0, mb: 0.25, fontSize: 'plain' } as const;

const PATHS = { HANDOUT: '/marking', RUN: '/slate/run', ATTEMPT: '/slate' } as const;

function Recent({ record }: { record: PupilRecord }) {
  return (
    <Box>
      <Box component="h3" sx={HEADING}>
        {t('register.latest-work')}
      </Box>
      <Box
        component="ul"
        sx={{ m: 0, p: 0, listStyle: 'none', fontSize: 'plain', lineHeight: 1.45 }}
      >
        {record.recent.map(({ source, id, title, day, sums, right }) => (
          <Box
            component="li"
            key={`${source} ${id}`}
            sx={{ display: 'grid', gridTemplateColumns: '110px minmax(0, 1fr) auto', gap: 1 }}
          >
            <Box sx={{ color: 'text.secondary' }}>{dayTold(day)}</Box>
            <Box
              component={Link}
              to={`${PATHS[source]}/${id}`}
              sx={{ color: 'text.primary', overflow: 'hidden', textOverflow: 'ellipsis' }}
            >
              {title}
            </Box>
            <Box>{t('register.of-right', { right, sums })}</Box>
          </Box>
        ))}
      </Box>
    </Box>
  );
}
