import { useQuery } from '@tanstack/react-query';
import { api } from '../api/client';
import type { Step, StepWords, Working } from '../api/types';

/** Where none are wanted, or none have come. */
export const NO_WORDS: StepWords[] = [];

/** The other words of a working's steps and its check's; fetched once they are wanted. */
export function useStepWords(working: Working, wanted: boolean): StepWords[] {
  const { sum } = working;
  const { data } = useQuery({
    queryKey: ['step words', sum],
    queryFn: () => api.stepWords(sum),
    enabled: wanted,
    staleTime: Infinity,
  });
  return data ?? NO_WORDS;
}

/** The sentence of a step, in the length that is wanted. */
export function said(step: Step, words: StepWords | undefined, brief: boolean): string {
  return (brief && words?.brief) || step.say;
}
