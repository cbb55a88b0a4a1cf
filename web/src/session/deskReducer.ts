import type { Trouble } from '../api/taken';
import type { Step, SumRef, Working } from '../api/types';

/** The state of the Desk: the typed line, the worked page, and how far it is shown. */
export interface Desk {
  line: string;
  trouble: Trouble | null;
  working: Working | null;
  /** The last step shown, counted through the working and on through its check. */
  step: number;
  /** Whether steps are said in as few words as can be. */
  brief: boolean;
  /** Whether each step is first put as a question. */
  askFirst: boolean;
  /** Whether the question for the step after this one is being put. */
  asking: boolean;
  /** The Workbook page that it was opened from or kept as. */
  page: { id: number; title: string } | null;
  /** Sums that are gone through one after the other, as those of a part of a lesson. */
  row: SumRef[];
  /** The line whose page is on its way, and how many steps were asked of that page already. */
  sent: { line: string; steps: number } | null;
}

export type DeskAction =
  | { do: 'type'; line: string }
  /** A line was sent to be set out. */
  | { do: 'send'; line: string }
  | { do: 'refuse'; trouble: Trouble }
  /**
   * `typed` is the line that was sent: a line typed since stays, as it does if an address named the
   * page (`named`).
   */
  | {
      do: 'set out';
      working: Working;
      step?: number;
      page?: Desk['page'];
      typed?: string;
      named?: boolean;
    }
  /** The same sum in another way: the page stays at its step, whatever has been turned meanwhile. */
  | { do: 'work anew'; working: Working }
  | { do: 'go'; step: number }
  | { do: 'next' }
  | { do: 'back' }
  | { do: 'brief'; on: boolean }
  | { do: 'ask first'; on: boolean }
  | { do: 'line up'; row: SumRef[] }
  | { do: 'keep'; page: NonNullable<Desk['page']> };

export const EMPTY_DESK: Desk = {
  line: '',
  trouble: null,
  working: null,
  step: 0,
  brief: false,
  askFirst: false,
  asking: false,
  page: null,
  row: [],
  sent: null,
};

/** The steps of the working, then the steps of its check. */
export function allSteps(working: Working): Step[] {
  const steps = known.get(working) ?? [...working.steps, ...working.check.steps];
  known.set(working, steps);
  return steps;
}

/** One list for each working, so that components that draw it are not drawn again at every step. */
const known = new WeakMap<Working, Step[]>();

export function lastStep(desk: Desk): number {
  return desk.working ? allSteps(desk.working).length - 1 : 0;
}

/** Where a page stands in a row of sums, from 0; -1 where it is none of them. */
export const placeInRow = (row: SumRef[], working: Working | null) =>
  row.findIndex(({ plain }) => plain === working?.sum.plain);

/** The move that a key makes: forward, back, to the first step or the last. */
export function stepKey(key: string, desk: Desk): DeskAction | undefined {
  return desk.working || desk.sent ? STEP_KEYS[key]?.(lastStep(desk)) : undefined;
}

const STEP_KEYS: Record<string, (last: number) => DeskAction> = {
  ' ': () => ({ do: 'next' }),
  ArrowRight: () => ({ do: 'next' }),
  ArrowLeft: () => ({ do: 'back' }),
  Home: () => ({ do: 'go', step: 0 }),
  End: (last) => ({ do: 'go', step: last }),
};

/** The step at which a page stands that is worked anew: a check of other steps is begun again. */
function stepAnew({ working, step }: Desk, anew: Working): number {
  const inCheck = working !== null && step >= working.steps.length;
  return inCheck && working.check.steps.length !== anew.check.steps.length
    ? anew.steps.length - 1
    : Math.min(step, allSteps(anew).length - 1);
}

/** A page that has come, at the step to which keys have turned it on its way. */
function stepped({ sent, ...come }: Desk): Desk {
  let desk: Desk = { ...come, sent: null };
  for (let step = 0; step < (sent?.steps ?? 0); step++) {
    desk = deskReducer(desk, { do: 'next' });
  }
  return desk;
}

/** Whether the line shows another sum than the one on the desk. */
const isTyped = ({ line, working }: Desk) => line !== (working?.problem ?? '');

/** Whether the line is for another sum than the one that is set out. */
const isLeftAlone = (desk: Desk, { typed, named }: { typed?: string; named?: boolean }) =>
  named ? isTyped(desk) : typed !== undefined && typed !== desk.line;

export function deskReducer(desk: Desk, action: DeskAction): Desk {
  switch (action.do) {
    case 'type':
      return { ...desk, line: action.line, trouble: null };
    case 'send':
      return { ...desk, sent: { line: action.line, steps: 0 } };
    case 'refuse':
      return { ...desk, trouble: action.trouble, sent: null };
    case 'set out':
      return stepped({
        ...desk,
        line: isLeftAlone(desk, action) ? desk.line : action.working.problem,
        trouble: null,
        working: action.working,
        step: Math.min(action.step ?? 0, allSteps(action.working).length - 1),
        asking: false,
        page: action.page ?? null,
        row: placeInRow(desk.row, action.working) < 0 ? [] : desk.row,
        sent: desk.sent?.line === action.typed ? desk.sent : null,
      });
    case 'work anew': {
      const line = isTyped(desk) ? desk.line : action.working.problem;
      return { ...desk, working: action.working, line, step: stepAnew(desk, action.working) };
    }
    case 'go':
      return {
        ...desk,
        asking: false,
        step: Math.min(Math.max(action.step, 0), lastStep(desk)),
      };
    case 'next':
      if (desk.sent) {
        return { ...desk, sent: { ...desk.sent, steps: desk.sent.steps + 1 } };
      }
      if (desk.step === lastStep(desk)) {
        return desk;
      }
      return desk.askFirst && !desk.asking
        ? { ...desk, asking: true }
        : { ...desk, asking: false, step: desk.step + 1 };
    case 'back':
      if (desk.sent) {
        return { ...desk, sent: { ...desk.sent, steps: Math.max(desk.sent.steps - 1, 0) } };
      }
      return desk.asking
        ? { ...desk, asking: false }
        : { ...desk, step: Math.max(desk.step - 1, 0) };
    case 'brief':
      return { ...desk, brief: action.on };
    case 'ask first':
      return { ...desk, askFirst: action.on, asking: false };
    case 'line up':
      return { ...desk, row: action.row };
    case 'keep':
      return { ...desk, page: action.page };
  }
}
