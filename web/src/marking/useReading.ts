import { api } from '../api/client';
import type { Cell } from '../api/types';
import { useAct } from '../ui/useAct';

/** Reads a table of answers into a handout, from a file or the clipboard. */
export function useReading(handout: number, onTaken: (kept: Cell[]) => void) {
  return useAct({
    mutationFn: async (text: () => Promise<string>) => api.readGrid(handout, await text()),
    onSuccess: ({ kept }) => onTaken(kept),
  });
}

export type Reading = ReturnType<typeof useReading>;
