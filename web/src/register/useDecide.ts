import { useQueryClient } from '@tanstack/react-query';
import { api } from '../api/client';
import type { Register, StandingRequest } from '../api/types';
import { useCurrentClass } from '../session/classes';
import { useAct } from '../ui/useAct';
import { useNotice } from '../ui/useNotice';
import { squaresOf } from './standings';
import { t } from '../words';

/** The decisions that bring back those from before. */
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

/** Shows the register after a decision, and reads again everything that follows from it. */
export function useTakeRegister() {
  const queries = useQueryClient();
  const room = useCurrentClass()?.id;
  return (now: Register) => {
    queries.setQueryData(['register', room], now);
    void queries.invalidateQueries({ queryKey: ['register', 'places'] });
  };
}

/** Decides many standings in one press, which can be undone in one. */
export function useDecide(register: Register) {
  const notice = useNotice();
  const take = useTakeRegister();
  const room = useCurrentClass()?.id;
  const onError = (trouble: Error) => notice({ text: trouble.message });
  const back = useAct({
    again: true,
    // In the class in which it was decided, whichever is shown by then.
    mutationFn: ({ before, of }: { before: StandingRequest[]; of?: number }) =>
      api.decideStandings(before, of),
    onSuccess: take,
    onError,
  });
  return useAct({
    again: true,
    mutationFn: (decisions: StandingRequest[]) => api.decideStandings(decisions, room),
    onSuccess: (now, decisions) => {
      take(now);
      notice({
        text: t('register.decided-many', { standings: decisions.length }),
        undo: () => back.mutate({ before: decidedBefore(register, decisions), of: room }),
      });
    },
    onError,
  });
}
