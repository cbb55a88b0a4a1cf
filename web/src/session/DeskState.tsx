import { useMutation } from '@tanstack/react-query';
import { useEffect, useMemo, useReducer, useRef, type ReactNode } from 'react';
import { api, Trouble } from '../api/client';
import { useCurrentClass } from './classes';
import { DeskContext, type DeskTools, type SetOutWay } from './deskContext';
import { deskReducer, EMPTY_DESK, type Desk } from './deskReducer';
import { remember, workAsLastUsed } from './lastUsed';

const STORE = 'bemble.desk';

type Laid = { line: string; method: string; step: number; page: Desk['page'] };

interface Order extends SetOutWay {
  line: string;
  /** Where the page was when this browser last looked. */
  laid?: Laid;
}

/** What lay on the desk when this browser last looked, if anything. */
function lastLaid(): Laid | null {
  try {
    return JSON.parse(localStorage.getItem(STORE) ?? 'null') as Laid | null;
  } catch {
    return null;
  }
}

/** Keeps the Desk while other tabs are open, and through a reload. */
export function DeskProvider({ children }: { children: ReactNode }) {
  const [desk, dispatch] = useReducer(deskReducer, EMPTY_DESK);
  const { mutate, isPending: busy } = useMutation({
    mutationFn: ({ line, method, check }: Order) =>
      method ? api.work({ problem: line, method, check }) : workAsLastUsed(line),
    onSuccess: (working, { method, laid, anew }) => {
      if (method) {
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
      mutate({ ...laid, laid });
    }
    started.current = true;
  }, [mutate]);

  useEffect(() => {
    if (desk.working) {
      const { plain, method } = desk.working;
      const laid: Laid = { line: plain, method, step: desk.step, page: desk.page };
      localStorage.setItem(STORE, JSON.stringify(laid));
    }
  }, [desk.working, desk.step, desk.page]);

  useStyleChange(() => {
    // A kept page keeps the conventions in which it was kept.
    if (desk.working && !desk.page) {
      const { plain, method } = desk.working;
      mutate({ line: plain, method, anew: true });
    }
  });

  const tools = useMemo<DeskTools>(
    () => ({
      desk,
      dispatch,
      busy,
      setOut: (line, way) => mutate({ line, ...way }),
      open: ({ id, title, working }) => dispatch({ do: 'set out', working, page: { id, title } }),
      lay: (working) => dispatch({ do: 'set out', working }),
    }),
    [desk, busy, mutate],
  );
  return <DeskContext value={tools}>{children}</DeskContext>;
}

/** Runs when the conventions of the current class have changed, or another class is current. */
function useStyleChange(run: () => void) {
  const style = JSON.stringify(useCurrentClass()?.style);
  const before = useRef<string | undefined>(undefined);
  const latest = useRef(run);
  useEffect(() => {
    latest.current = run;
  });
  useEffect(() => {
    if (before.current !== undefined && style !== undefined && before.current !== style) {
      latest.current();
    }
    before.current = style ?? before.current;
  }, [style]);
}
