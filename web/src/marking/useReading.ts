import { useMutation } from '@tanstack/react-query';
import { api } from '../api/client';
import type { Cell } from '../api/types';

/** Reads a table of answers into a handout, from a file or from what was copied elsewhere. */
export function useReading(handout: number, onTaken: (kept: Cell[]) => void) {
  return useMutation({
    mutationFn: async (text: () => Promise<string>) => api.readGrid(handout, await text()),
    onSuccess: ({ kept }) => onTaken(kept),
  });
}

export type Reading = ReturnType<typeof useReading>;
