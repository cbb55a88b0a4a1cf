import { useState } from 'react';
import type { Cell } from '../api/types';
import { useAnnounced } from '../ui/useAnnounced';
import { shownCell, worthTold, type Answers } from './entering';

interface Seen {
  place: string;
  /** The answer that stood there when the cursor came. */
  cell: Cell | undefined;
}

/** Has a screen reader say the outcome of the answer just typed, and then the next square. */
export function Heard({
  here,
  place,
  cell,
  answers,
}: {
  /** The square of the cursor in words. */
  here: string;
  place: string;
  cell: Cell | undefined;
  answers: Answers;
}) {
  const [now, setNow] = useState<Seen>({ place, cell });
  const [before, setBefore] = useState<Seen>();
  if (now.place !== place) {
    setBefore(now);
    setNow({ place, cell });
  }
  const left = before && shownCell(answers, before.place);
  const typed = left && left.given !== before.cell?.given ? `${worthTold(left)}. ` : '';
  useAnnounced(typed + here);
  return null;
}
