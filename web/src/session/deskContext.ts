import { createContext, use } from 'react';
import type { Page, SumRef, Working } from '../api/types';
import { EMPTY_DESK, type Desk, type DeskAction } from './deskReducer';

/** The actions on the desk; the same from step to step. */
export interface DeskTools {
  dispatch: (action: DeskAction) => void;
  /** Works a typed line by the method last used for its operation; a refusal leaves the page. */
  setOutLine: (line: string) => void;
  /** Lays a sum on the desk. */
  setOut: (sum: SumRef) => void;
  /** Lays the first of some sums on the desk; the others follow it. */
  setOutRow: (sums: SumRef[]) => void;
  /** The sum on the desk in another way: its page stays where it is. */
  workAnew: (sum: SumRef) => void;
  open: (page: Page) => void;
  /** Lays a page on the desk that is not in the Workbook. */
  lay: (working: Working) => void;
  busy: boolean;
}

export const DeskContext = createContext<Desk>(EMPTY_DESK);

export const DeskToolsContext = createContext<DeskTools>({
  dispatch: () => undefined,
  setOutLine: () => undefined,
  setOut: () => undefined,
  setOutRow: () => undefined,
  workAnew: () => undefined,
  open: () => undefined,
  lay: () => undefined,
  busy: false,
});

/** The state of the desk. Components that read it are drawn again at each step. */
export const useDesk = () => use(DeskContext);

export const useDeskTools = () => use(DeskToolsContext);
