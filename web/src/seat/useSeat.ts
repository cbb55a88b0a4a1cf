import { useEffect, useMemo, useState } from 'react';
import { Trouble } from '../api/taken';
import type { OwnSeat } from '../api/types';
import { t } from '../words';
import { seatLink } from './seatLink';

const TOKEN = 'bemble.seat';
const AGAIN_MS = 1500;

/** The seat of this device: its token outlives sleep and reload, and goes with the tab. */
export function useSeat() {
  const [token, setToken] = useState(() => sessionStorage.getItem(TOKEN));
  const [seat, setSeat] = useState<OwnSeat | null>(null);
  const [away, setAway] = useState(false);
  /** Why the device has no seat any more. */
  const [closed, setClosed] = useState<string | null>(null);
  const link = useMemo(() => (token === null ? null : seatLink(token)), [token]);

  const come = (fresh: string) => {
    sessionStorage.setItem(TOKEN, fresh);
    setClosed(null);
    setToken(fresh);
  };

  useEffect(() => {
    if (link === null) {
      return;
    }
    const leaving = new AbortController();
    const leave = (why: string) => {
      sessionStorage.removeItem(TOKEN);
      setSeat(null);
      setClosed(why);
      setToken(null);
    };
    const follow = async () => {
      let known = 0;
      while (!leaving.signal.aborted) {
        try {
          const now = await link.seat(known, leaving.signal);
          if (now.state === 'CLOSED') {
            leave(t('seat.the-room-is-closed'));
            return;
          }
          known = now.known;
          setSeat(now);
          setAway(false);
          if (now.state === 'IN') {
            await link.sendLeft(now.work.page);
          }
        } catch (trouble) {
          if (leaving.signal.aborted) {
            return;
          }
          if (trouble instanceof Trouble && !trouble.isForNow) {
            leave(trouble.message);
            return;
          }
          setAway(true);
          // Asked so, it answers as soon as it is reached.
          known = 0;
          await new Promise((later) => setTimeout(later, AGAIN_MS));
        }
      }
    };
    void follow();
    return () => leaving.abort();
  }, [link]);

  return { link, seat, setSeat, away, closed, come };
}
