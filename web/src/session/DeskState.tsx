import { useEffect, useMemo, useReducer, useRef, type ReactNode } from 'react';
import { api } from '../api/client';
import { Trouble } from '../api/taken';
import type { Style, SumRef, Working } from '../api/types';
import { useAct } from '../ui/useAct';
import { useCurrentClass } from './classes';
import { DeskContext, DeskToolsContext, type DeskTools } from './deskContext';
import { deskReducer, EMPTY_DESK, type Desk } from './deskReducer';
import type { Laid } from './laid';
import { remember, workAsLastUsed } from './lastUsed';
import { noteSum } from './recent';
import { useDeskAddress } from './useDeskAddress';

/** The next thing to work: a sum, a typed line by its usual method, or an earlier page. */
interface Order {
  sum?: SumRef;
  line?: string;
  /** The sum that an address names, or the one that lay here before. */
  laid?: Laid;
  /** Whether the page on the desk stays where it is. */
  anew?: boolean;
}

/** Keeps the Desk while other tabs are open, and through a reload. */
export function DeskProvider({ children }: { children: ReactNode }) {
  const [desk, dispatch] = useReducer(deskReducer, EMPTY_DESK);
  const { mutate, isPending: busy } = useAct({
    again: true,
    // The last request lies on the desk in the end.
    scope: { id: 'desk' },
    mutationFn: async ({ sum, line = '', laid }: Order): Promise<Laying> => {
      if (laid) {
        return layAgain(laid);
      }
      return { working: await (sum ? api.work(sum) : workAsLastUsed(line)) };
    },
    onSuccess: ({ working, step, page }, { sum, line: typed, laid, anew }) => {
      if (sum) {
        remember(working);
      }
      const named = laid !== undefined;
      dispatch(
        anew ? { do: 'work anew', working } : { do: 'set out', working, step, page, typed, named },
      );
    },
    onError: (trouble) => trouble instanceof Trouble && dispatch({ do: 'refuse', trouble }),
  });

  useDeskAddress(desk, busy, (laid) => mutate({ laid }));

  const { working } = desk;
  useEffect(() => {
    if (working) {
      noteSum(working);
    }
  }, [working]);

  useStyleChange((style) => {
    // A kept page keeps the conventions in which it was kept.
    if (desk.working && !desk.page) {
      mutate({ sum: { ...desk.working.sum, style, check: undefined }, anew: true });
    }
  });

  const tools = useMemo<DeskTools>(
    () => ({
      dispatch,
      busy,
      setOutLine: (line) => {
        dispatch({ do: 'send', line });
        mutate({ line });
      },
      setOut: (sum) => mutate({ sum }),
      setOutRow: (row) => {
        dispatch({ do: 'line up', row });
        if (row[0]) {
          mutate({ sum: row[0] });
        }
      },
      workAnew: (sum) => mutate({ sum, anew: true }),
      open: ({ id, title, working }) => dispatch({ do: 'set out', working, page: { id, title } }),
      lay: (working) => dispatch({ do: 'set out', working }),
    }),
    [busy, mutate],
  );
  return (
    <DeskToolsContext value={tools}>
      <DeskContext value={desk}>{children}</DeskContext>
    </DeskToolsContext>
  );
}

interface Laying {
  working: Working;
  step?: number;
  page?: Desk['page'];
}

/** Works the last sum of the desk again; looks a kept page up by its number. */
async function layAgain({ sum, step, page }: Laid): Promise<Laying> {
  if (!page || page.title) {
    return { working: await api.work(sum), step, page };
  }
  try {
    const { id, title, working } = await api.page(page.id);
    const checked = sum.check && sum.check !== working.sum.check;
    return {
      working: checked ? await api.work({ ...working.sum, check: sum.check }) : working,
      step,
      page: { id, title },
    };
  } catch (trouble) {
    if (trouble instanceof Trouble && !trouble.isForNow) {
      // It is not kept any more: the sum is still in the address.
      return { working: await api.work(sum), step };
    }
    throw trouble;
  }
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
