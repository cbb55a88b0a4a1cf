import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useParams, useSearchParams } from 'react-router';
import { api } from '../api/client';
import type { KeptSet } from '../api/types';
import { draftOf, EMPTY_SET, type SetDraft } from './draft';

const STORE = 'bemble.set';

/**
 * The set on the sheet: the kept one of the address, with its changes, or the one in the making.
 * Both outlive a turn of the tabs and a reload.
 */
export function useSetDraft() {
  const { id } = useParams();
  const [search] = useSearchParams();
  const queries = useQueryClient();
  const version = search.get('version') ?? 'A';
  const name = id === undefined ? STORE : `${STORE}.${id}.${version}`;
  const [changed, setChanged] = useState<{ name: string; draft: SetDraft } | null>(null);
  const mine = changed?.name === name ? changed.draft : stored(name);
  const kept = useQuery({
    queryKey: ['set', id, version],
    queryFn: () => api.set(Number(id), version),
    enabled: id !== undefined && mine === null,
    staleTime: Infinity,
  });
  const draft = mine ?? (kept.data ? draftOf(kept.data) : EMPTY_SET);
  /** Changes the draft as it is then: sums may come in while a title is typed. */
  const change = (to: SetDraft | ((now: SetDraft) => SetDraft)) => {
    const next = typeof to === 'function' ? to(stored(name) ?? draft) : to;
    const its = next.id === null ? STORE : `${STORE}.${next.id}.${next.version}`;
    sessionStorage.setItem(its, JSON.stringify(next));
    setChanged({ name: its, draft: next });
  };
  /**
   * Takes the set that was just kept: everything typed before belongs to it now, even if it was
   * typed on another set.
   */
  const settle = (set: KeptSet) => {
    const settled = [String(set.id), ...(id === undefined ? [] : [id])];
    const older = Object.keys(sessionStorage).filter((key) =>
      settled.some((each) => key.startsWith(`${STORE}.${each}.`)),
    );
    [...older, ...(id === undefined ? [STORE] : [])].forEach((key) =>
      sessionStorage.removeItem(key),
    );
    setChanged(null);
    settled.forEach((each) => queries.removeQueries({ queryKey: ['set', each] }));
    queries.setQueryData(['set', String(set.id), set.version], set);
    void queries.invalidateQueries({ queryKey: ['sets'] });
  };
  return { draft, change, settle, coming: kept.isLoading, trouble: kept.error?.message };
}

function stored(name: string): SetDraft | null {
  const text = sessionStorage.getItem(name);
  return text === null ? null : (JSON.parse(text) as SetDraft);
}
