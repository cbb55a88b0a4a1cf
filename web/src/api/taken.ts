import { t } from '../words';
import { askAnew } from './ofClass';

/** A refusal of the app: a sentence for the teacher, and its place in the typed line. */
export class Trouble extends Error {
  constructor(
    message: string,
    readonly from?: number,
    readonly to?: number,
    /** A line that was probably meant. */
    readonly meant?: string,
    /** Whether the same may be sent again later: it did not reach Bemble, or there is no room. */
    readonly isForNow = false,
    /** Whether another change was kept meanwhile. */
    readonly isStale = false,
  ) {
    super(message);
  }
}

const OUT_OF_REACH = t('api.bemble-does-not-answer-is');

/** The status of an answer that says that the disk is full. */
const NO_ROOM = 507;

/** The status of an answer to too many requests. */
const TOO_OFTEN = 429;

/** The status of an answer to a request of which a part did not come. */
const CUT_OFF = 408;

/** The type of the container's own refusals, as while Bemble is stopped. */
const CONTAINER = 'urn:bemble:no-request';

/** The type of the answer to a change that was made before Bemble was started anew. */
const DONE_BEFORE = 'urn:bemble:done-before';

/** The status of an answer to a change of data that was changed elsewhere meanwhile. */
const STALE = 409;

interface Problem {
  type?: string;
  detail?: string;
  from?: number;
  to?: number;
  meant?: string;
}

/** The body of an answer; problem details become a {@link Trouble}. */
export async function taken<T>(call: Promise<{ data?: T; error?: unknown; response: Response }>) {
  const { data, error, response } = await call.catch(() => {
    throw new Trouble(OUT_OF_REACH, undefined, undefined, undefined, true);
  });
  if (!response.ok) {
    const { type, detail, from, to, meant } = (error ?? {}) as Problem;
    const { status } = response;
    if (type === DONE_BEFORE) {
      askAnew();
    }
    const isForNow = [NO_ROOM, CUT_OFF, TOO_OFTEN].includes(status) || type === CONTAINER;
    throw new Trouble(detail ?? OUT_OF_REACH, from, to, meant, isForNow, status === STALE);
  }
  return data as T;
}
