import type { FrameView } from '../api/types';

/** The sheets that were held before a camera, as far as they are known. */
export interface Watch {
  /** The last frame. */
  last?: FrameView;
  /** The code of the sheet that was taken last and has not gone yet. */
  taken?: string;
  /** How many frames in a row have shown no sheet. */
  empty: number;
}

export const NOTHING_YET: Watch = { empty: 0 };

/** A sheet lies still if its code moves by less than this share of the frame. */
const STILL = 0.012;

/** After so many frames without it a sheet is gone, and is taken anew when it comes back. */
const GONE = 4;

/** The state after one more frame, and whether its sheet is to be taken. */
export function watched(before: Watch, seen: FrameView): { watch: Watch; take: boolean } {
  const empty = seen.code === before.taken ? 0 : before.empty + 1;
  const taken = empty >= GONE ? undefined : before.taken;
  const { last } = before;
  const take =
    seen.seen === 'WHOLE' &&
    seen.code !== taken &&
    last?.seen === 'WHOLE' &&
    last.code === seen.code &&
    Math.hypot(last.x - seen.x, last.y - seen.y) < STILL;
  return {
    watch: take
      ? { last: seen, taken: seen.code, empty: 0 }
      : { last: seen, taken, empty: taken === undefined ? 0 : empty },
    take,
  };
}
