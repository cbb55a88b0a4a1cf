import { createContext, use } from 'react';

export interface Notice {
  text: string;
  action?: { label: string; run: () => void };
}

export const NoticeContext = createContext<(notice: Notice) => void>(() => undefined);

/** Says something short to the teacher, whatever screen is open. */
export const useNotice = () => use(NoticeContext);
