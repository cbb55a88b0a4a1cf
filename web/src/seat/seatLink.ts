import createClient from 'openapi-fetch';
import type { paths } from '../api/schema';
import { MOST_AT_ONCE } from '../api/sending';
import { taken, Trouble } from '../api/taken';
import type { Hint, OwnSeat, Report, Stroke } from '../api/types';
import { waitingIn } from '../api/waiting';
import type { PageLink } from '../hand/pageLink';

const to = (headers: Record<string, string>) =>
  createClient<paths>({ baseUrl: '', headers, fetch: (request) => fetch(request) });

/** Asks to be let in; the token of the answer is valid once the teacher lets the device in. */
export const knock = (code: string, who: string) =>
  taken(to({}).POST('/room/knocks', { body: { code, who } }));

/** The requests of a device with a token. */
export interface SeatLink extends PageLink {
  /** The seat, as soon as it is another than the known one. */
  seat: (known: number, signal: AbortSignal) => Promise<OwnSeat>;
  next: () => Promise<OwnSeat>;
  stuck: (stuck: boolean) => Promise<void>;
  hint: (id: number) => Promise<Hint>;
  now: () => number;
  /** Sends the strokes that wait on other pages: another sum may have come without a network. */
  sendLeft: (page: number | undefined) => Promise<void>;
}

const WAITING = waitingIn<Stroke>('seat');

export function seatLink(token: string): SeatLink {
  const client = to({ Authorization: `Bearer ${token}` });
  /** How far the teacher's clock is ahead of that of this device, in ms. */
  let ahead = 0;
  const write = (id: number, strokes: Stroke[]) =>
    taken<undefined>(
      client.POST('/room/pages/{id}/strokes', { params: { path: { id } }, body: { strokes } }),
    );
  return {
    seat: async (known, signal) => {
      const seat = await taken(client.GET('/room/seat', { params: { query: { known } }, signal }));
      ahead = Date.parse(seat.now) - Date.now();
      return seat;
    },
    now: () => Date.now() + ahead,
    next: () => taken(client.POST('/room/seat/next')),
    stuck: (stuck) => taken<undefined>(client.POST('/room/seat/stuck', { body: { stuck } })),
    hint: (id) => taken(client.POST('/room/pages/{id}/hint', { params: { path: { id } } })),
    read: (id) => taken(client.GET('/room/pages/{id}', { params: { path: { id } } })),
    write,
    report: (id) =>
      taken<Report | undefined>(
        client.GET('/room/pages/{id}/report', { params: { path: { id } } }),
      ),
    handIn: (id) => taken(client.POST('/room/pages/{id}/hand-in', { params: { path: { id } } })),
    waiting: WAITING,
    sendLeft: async (page) => {
      for (const id of WAITING.ids().filter((each) => each !== page)) {
        try {
          await write(id, WAITING.of(id).slice(0, MOST_AT_ONCE));
          WAITING.keep(id, WAITING.of(id).slice(MOST_AT_ONCE));
        } catch (trouble) {
          if (trouble instanceof Trouble && !trouble.isForNow) {
            // Its page is handed in or gone.
            WAITING.keep(id, []);
          }
        }
      }
    },
  };
}
