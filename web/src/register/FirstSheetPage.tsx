import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { api } from '../api/client';
import type { Register } from '../api/types';
import { isSame, useGroups } from '../session/groups';
import { makeSet } from '../session/makeSet';
import { useAct } from '../ui/useAct';
import { useNotice } from '../ui/useNotice';
import { askedNext, foundPlaces, OPERATIONS, type Operation } from './standings';
import { useDecide } from './useDecide';
import { listed, t } from '../words';
import { TroubleNote } from '../ui/TroubleNote';
import { LONGEST_NAME } from '../ui/names';

/** How many sums of each rung are asked. */
const SUMS = 2;

/**
 * Finds the places of pupils on the rungs of an operation: a first sheet, and the next questions.
 */
export function FirstSheetPage({
  register,
  operation,
  onClose,
}: {
  register: Register;
  operation: Operation;
  onClose: () => void;
}) {
  const navigate = useNavigate();
  const notice = useNotice();
  const queries = useQueryClient();
  const { groups, queryKey } = useGroups();
  const decide = useDecide(register);
  const { data, error } = useQuery({
    queryKey: ['register', 'places', operation],
    queryFn: () => api.places(operation),
  });
  const title = t('register.first-sheet-of', { operation: OPERATIONS[operation] });
  const onError = (trouble: Error) => notice({ text: trouble.message });
  const first = useAct({
    mutationFn: (rungs: string[]) =>
      makeSet(
        title,
        rungs.map((rung) => ({ rung, count: SUMS })),
      ),
    goOn: (id) => navigate(`/sets/${id}`),
    onError,
  });
  const next = useAct({
    mutationFn: async ({ rung, pupils }: { rung: string; pupils: number[] }) => {
      const name = t('register.next-sheet-of', { name: nameOf(rung) }).slice(0, LONGEST_NAME);
      const made = groups.find((group) => group.name === name && isSame(group.pupils, pupils));
      if (made?.set !== undefined) {
        return made.set;
      }
      const set = await makeSet(nameOf(rung), [{ rung, count: SUMS }]);
      queries.setQueryData(queryKey, await api.makeGroup({ name, about: rung, pupils, set }));
      return set;
    },
    goOn: (id) => navigate(`/sets/${id}`),
    onError,
  });
  const nameOf = (id: string) => register.rungs.find((rung) => rung.id === id)?.name ?? '';
  const pupilName = (id: number) => register.pupils.find((pupil) => pupil.id === id)?.name ?? '';
  const found = data ? foundPlaces(register, data.places) : [];
  const placed = data?.places.filter(({ ask }) => ask === undefined) ?? [];
  const busy = first.isPending || next.isPending || decide.isPending;
  return (
    <>
      <Box component="h2" sx={{ m: 0, fontSize: 'lead', lineHeight: 1.25 }}>
        {title}
      </Box>
      <Box sx={{ fontSize: 'plain', lineHeight: 1.45 }}>
        {t('register.how-a-first-sheet-works')}
      </Box>
      <TroubleNote of={error} />
      {data && (
        <>
          <Box>
            <Button
              variant="contained"
              disabled={busy || data.rungs.length === 0}
              onClick={() => first.mutate(data.rungs)}
            >
              {t('register.make-the-first-sheet')}
            </Button>
          </Box>
          <Box component="h3" sx={HEADING}>
            {t('register.asked-next')}
          </Box>
          {askedNext(data.places).map(({ rung, pupils }) => (
            <Box key={rung} sx={{ display: 'flex', alignItems: 'center', gap: 1 }}>
              <Box sx={{ flex: 1, fontSize: 'plain', lineHeight: 1.35 }}>
                <strong>{nameOf(rung)}</strong>: {listed(pupils.map(pupilName))}
              </Box>
              <Button size="small" disabled={busy} onClick={() => next.mutate({ rung, pupils })}>
                {t('register.next-sheet')}
              </Button>
            </Box>
          ))}
          <Box component="h3" sx={HEADING}>
            {t('register.places-found', { found: placed.length, pupils: data.places.length })}
          </Box>
          {placed.map(({ pupil, upTo }) => (
            <Box key={pupil} sx={{ fontSize: 'plain', lineHeight: 1.35 }}>
              {pupilName(pupil)}:{' '}
              {upTo
                ? t('register.up-to', { name: nameOf(upTo) })
                : t('register.begins-at-the-first-rung')}
            </Box>
          ))}
          <Box sx={{ mt: 'auto', display: 'flex', flexWrap: 'wrap', gap: 1 }}>
            <Button disabled={busy || found.length === 0} onClick={() => decide.mutate(found)}>
              {t('register.take-places-as-standings')}
            </Button>
            <Button onClick={onClose}>{t('common.close')}</Button>
          </Box>
        </>
      )}
    </>
  );
}

const HEADING = { m: 0, fontSize: 'plain' } as const;
