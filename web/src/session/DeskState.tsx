import { useMutation } from '@tanstack/react-query';
import { useEffect, useMemo, useReducer, useRef, type ReactNode } from 'react';
import { api, Trouble } from '../api/client';
import type { Style, SumRef } from '../api/types';
import { useCurrentClass } from './classes';
import { DeskContext, type DeskTools } from './deskContext';
import { deskReducer, EMPTY_DESK } from './deskReducer';
import { keepLaid, lastLaid, type Laid } from './laid';
import { remember, workAsLastUsed } from './lastUsed';

/** A sum to be worked: as it is, or a typed line in the way that is usual for it. */
interface Order {
  sum?: SumRef;
  line?: string;
  /** Where its page was before. */
  laid?: Laid;
  /** Whether the page on the desk stays where it is. */
  anew?: boolean;
}

/** Keeps the Desk while other tabs are open, and through a reload. */
export function DeskProvider({ children }: { children: ReactNode }) {
  const [desk, dispatch] = useReducer(deskReducer, EMPTY_DESK);
  const { mutate, isPending: busy } = useMutation({
    mutationFn: ({ sum, line = '' }: Order) => (sum ? api.work(sum) : workAsLastUsed(line)),
    onSuccess: (working, { sum, laid, anew }) => {
      if (sum) {
        remember(working);
      }
      dispatch(
        anew
          ? { do: 'work anew', working }
          : { do: 'set out', working, step: laid?.step, page: laid?.page },
      );
    },
    onError: (trouble) => trouble instanceof Trouble && dispatch({ do: 'refuse', trouble }),
  });

  const started = useRef(false);
  useEffect(() => {
    const laid = lastLaid();
    if (laid && !started.current) {
      mutate({ sum: laid.sum, laid });
    }
    started.current = true;
  }, [mutate]);

  useEffect(() => {
    if (desk.working) {
      const laid: Laid = { sum: desk.working.sum, step: desk.step, page: desk.page };
      keepLaid(laid);
    }
  }, [desk.working, desk.step, desk.page]);

  useStyleChange((style) => {
    // A kept page keeps the conventions in which it was kept.
    if (desk.working && !desk.page) {
      mutate({ sum: { ...desk.working.sum, style, check: undefined }, anew: true });
    }
  });

  const tools = useMemo<DeskTools>(
    () => ({
      desk,
      dispatch,
      busy,
      setOutLine: (line) => mutate({ line }),
      setOut: (sum) => mutate({ sum }),
      workAnew: (sum) => mutate({ sum, anew: true }),
      open: ({ id, title, working }) => dispatch({ do: 'set out', working, page: { id, title } }),
      lay: (working) => dispatch({ do: 'set out', working }),
    }),
    [desk, busy, mutate],
  );
  return <DeskContext value={tools}>{children}</DeskContext>;
}

/** Runs when the conventions of the current class have changed, or another class is current. */
function useStyleChange(run: (style: Style) => void) {
  const style = useCurrentClass()?.style;
  const text = JSON.stringify(style);
  const before = useRef<string | undefined>(undefined);
  const latest = useRef(run);
  useEffect(() => {
    latest.current = run;
  });
  useEffect(() => {
    if (before.current !== undefined && text !== undefined && before.current !== text) {
      latest.current(JSON.parse(text) as Style);
    }
    before.current = text ?? before.current;
  }, [text]);
}
