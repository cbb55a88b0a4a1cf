import { createContext, use } from 'react';
import type { Page, Working } from '../api/types';
import { EMPTY_DESK, type Desk, type DeskAction } from './deskReducer';

/** How a sum is to be worked where that is not left to habit. */
export interface SetOutWay {
  method?: string;
  /** The way of checking this page. */
  check?: string;
  /** Whether the sum on the desk is only worked in another way, and its page stays where it is. */
  anew?: boolean;
}

export interface DeskTools {
  desk: Desk;
  dispatch: (action: DeskAction) => void;
  /** Works the line, or the sum on the desk another way; a refusal leaves the page lying. */
  setOut: (line: string, way?: SetOutWay) => void;
  open: (page: Page) => void;
  /** Lays a page on the desk that is not in the Workbook. */
  lay: (working: Working) => void;
  busy: boolean;
}

export const DeskContext = createContext<DeskTools>({
  desk: EMPTY_DESK,
  dispatch: () => undefined,
  setOut: () => undefined,
  open: () => undefined,
  lay: () => undefined,
  busy: false,
});

export const useDesk = () => use(DeskContext);
