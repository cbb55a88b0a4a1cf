import type { Attempt, HandIn, Report, Stroke } from '../api/types';
import type { Waiting } from '../api/waiting';

/** How a page that is being written gets to Bemble and back. */
export interface PageLink {
  read: (id: number) => Promise<Attempt>;
  write: (id: number, strokes: Stroke[]) => Promise<Report | undefined>;
  /** What is told of the page as it is kept, where writing does not answer with it. */
  report?: (id: number) => Promise<Report | undefined>;
  handIn: (id: number, page: HandIn) => Promise<Attempt>;
  /** The time there, in ms; that of this device where it is left out. */
  now?: () => number;
  /** Strokes that wait to be sent, by their page. */
  waiting: Waiting<Stroke>;
}
