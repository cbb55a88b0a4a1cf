import { useEffect, useRef, useState } from 'react';
import { useSearchParams } from 'react-router';
import { useStable } from '../ui/useStable';

/** Where the cursor is; a missing pupil stands for the rung, a missing rung for the pupil. */
export interface Place {
  pupil?: number;
  rung?: string;
}

/** How long the cursor stays in place until it counts as resting, in ms. */
const REST_MS = 150;

/** Where the cursor was moved to, from which address, and which one is on its way meanwhile. */
interface Moved {
  to: Place;
  since: URLSearchParams;
  coming?: string;
}

const addressOf = ({ pupil, rung }: Place) =>
  new URLSearchParams({
    ...(pupil !== undefined && { pupil: String(pupil) }),
    ...(rung && { rung }),
  });

const placeIn = (params: URLSearchParams): Place => ({
  pupil: params.has('pupil') ? Number(params.get('pupil')) : undefined,
  rung: params.get('rung') ?? undefined,
});

/**
 * The part of the register that is looked at. It is in the address, so that it can be come back to.
 * All screens hear of an address, so it follows keys when they rest; a key that comes during a
 * change of address goes on from the cursor.
 */
export function usePlace() {
  const [params, setParams] = useSearchParams();
  const [moved, setMoved] = useState<Moved>();
  const isMoved =
    moved !== undefined && (moved.since === params || moved.coming === params.toString());
  const resting = useRef<ReturnType<typeof setTimeout>>(undefined);
  useEffect(() => {
    if (!isMoved) {
      clearTimeout(resting.current);
    }
  }, [isMoved, params]);
  useEffect(() => () => clearTimeout(resting.current), []);
  const onAt = useStable((to: Place) => {
    clearTimeout(resting.current);
    const address = addressOf(to);
    setMoved({ to, since: params, coming: address.toString() });
    setParams(address, { replace: true });
  });
  /** Moves by a key, after which others may follow quickly. */
  const onMove = (to: Place) => {
    setMoved({ to, since: params, coming: isMoved ? moved.coming : undefined });
    clearTimeout(resting.current);
    resting.current = setTimeout(() => onAt(to), REST_MS);
  };
  return { at: isMoved ? moved.to : placeIn(params), isMoved, onAt, onMove };
}
