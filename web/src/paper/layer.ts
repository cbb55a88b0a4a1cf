import type { Paper } from '../api/types';

/** A paper and how far it has been worked; a second working lies on the page before it begins. */
export interface Layer {
  paper: Paper;
  /** The last step shown of this paper; −1 before its first. */
  step: number;
  /** Whether the marks of that step are set off as just written. */
  fresh?: boolean;
  /** Whether no boxes show where answers will stand. */
  boxless?: boolean;
}
