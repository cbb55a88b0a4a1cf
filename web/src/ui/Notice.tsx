import { useCallback, useState, type ReactNode } from 'react';
import { openedLater } from './deferred';
import { NoticeContext, type Notice } from './useNotice';
import { useUndoKey } from './useUndoKey';

const NoticeFoot = openedLater(() => import('./NoticeFoot'));

/**
 * Shows one short notice at the foot of the screen, with at most one action. A notice with an
 * action stays until it is dismissed. Earlier ones with actions come back when it is gone: each of
 * several deletions can be undone, the last one first.
 */
export function NoticeProvider({ children }: { children: ReactNode }) {
  const [notices, setNotices] = useState<Notice[]>([]);
  const say = useCallback(
    (notice: Notice) =>
      setNotices((before) => [...before.filter(({ action, undo }) => action ?? undo), notice]),
    [],
  );
  const notice = notices.at(-1);
  const close = () => setNotices((before) => before.slice(0, -1));
  const undoable = notices.findLast((each) => each.undo);
  const undo = () => {
    setNotices((before) => before.filter((each) => each !== undoable));
    undoable?.undo?.();
  };
  useUndoKey(undo);
  return (
    <NoticeContext value={say}>
      {children}
      <NoticeFoot
        key={`${notices.length} ${notice?.text}`}
        open={notice !== undefined}
        notice={notice}
        onClose={close}
        onUndo={undo}
        onDismiss={() => setNotices([])}
      />
    </NoticeContext>
  );
}
