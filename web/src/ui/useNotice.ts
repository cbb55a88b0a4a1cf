import { createContext, use } from 'react';

export interface Notice {
  text: string;
  action?: { label: string; run: () => void };
  /** Takes back the action that the notice is about; Ctrl+Z does so too. */
  undo?: () => void;
}

export const NoticeContext = createContext<(notice: Notice) => void>(() => undefined);

/** Shows the teacher a short notice, whatever screen is open. */
export const useNotice = () => use(NoticeContext);
