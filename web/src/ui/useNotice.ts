import { createContext, use } from 'react';

export interface Notice {
  text: string;
  action?: { label: string; run: () => void };
  /** Undoes what is told; Ctrl+Z does so too. */
  undo?: () => void;
}

export const NoticeContext = createContext<(notice: Notice) => void>(() => undefined);

/** Says something short to the teacher, whatever screen is open. */
export const useNotice = () => use(NoticeContext);
