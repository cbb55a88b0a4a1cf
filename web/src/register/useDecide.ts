import { useQueryClient } from '@tanstack/react-query';
import { api } from '../api/client';
import type { Register, StandingRequest } from '../api/types';
import { useAct } from '../ui/useAct';
import { useNotice } from '../ui/useNotice';
import { squaresOf } from './standings';
import { t } from '../words';

/** The decisions that bring back what was decided before some others. */
export function decidedBefore(
  register: Register,
  decisions: Pick<StandingRequest, 'pupil' | 'rung'>[],
): StandingRequest[] {
  const squareOf = squaresOf(register);
  return decisions.map(({ pupil, rung }) => {
    const square = squareOf(pupil, rung);
    return square?.byRules === undefined
      ? { pupil, rung }
      : { pupil, rung, standing: square.standing, note: square.note };
  });
}

/** Decides many standings in one press, which can be undone in one. */
export function useDecide(register: Register) {
  const queries = useQueryClient();
  const notice = useNotice();
  const take = (now: Register) => queries.setQueriesData({ queryKey: ['register'] }, now);
  const onError = (trouble: Error) => notice({ text: trouble.message });
  const back = useAct({ again: true, mutationFn: api.decideStandings, onSuccess: take, onError });
  return useAct({
    again: true,
    mutationFn: api.decideStandings,
    onSuccess: (now, decisions) => {
      take(now);
      notice({
        text: t('register.decided-many', { standings: decisions.length }),
        undo: () => back.mutate(decidedBefore(register, decisions)),
      });
    },
    onError,
  });
}
