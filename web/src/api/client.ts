import createClient from 'openapi-fetch';
import { meantFor, OF_CLASS } from './ofClass';
import { onceOnly } from './once';
import type { paths } from './schema';
import type {
  AttemptRequest,
  CellRequest,
  CopiesRequest,
  ClassRequest,
  DraftRequest,
  EvenRequest,
  Fact,
  HandIn,
  HandoutRequest,
  KeepRequest,
  LessonChange,
  LessonRequest,
  LogRequest,
  MistakeRequest,
  PageFile,
  PdfRequest,
  PupilGroupRequest,
  Recipe,
  RenameRequest,
  Report,
  RoomRequest,
  RoomWork,
  RunRequest,
  RungLabel,
  RungChange,
  RungRequest,
  SetFile,
  SetLine,
  SetRequest,
  SharesRequest,
  SettledAnswer,
  SettledSquare,
  SheetRequest,
  StandInRequest,
  StandingRequest,
  Stroke,
  SumRef,
  VoteRequest,
} from './types';
import { taken } from './taken';

const client = createClient<paths>({ baseUrl: '', fetch: onceOnly((request) => fetch(request)) });
client.use(OF_CLASS);

/** The file goes out unchanged; the description of the interface speaks of text. */
const sent = (file: File, type: string) => ({
  body: '',
  bodySerializer: () => file,
  headers: { 'Content-Type': type },
});

const zipped = (file: File) => sent(file, 'application/zip');

export const api = {
  work: (body: SumRef) => taken(client.POST('/api/workings', { body })),
  stepWords: (body: SumRef) => taken(client.POST('/api/workings/words', { body })),
  checkWays: (body: SumRef) => taken(client.POST('/api/workings/checks', { body })),
  factHelp: ({ kind, operands }: Fact) =>
    taken(client.POST('/api/fact-help', { body: { kind, operands } })),
  keep: (body: KeepRequest) => taken(client.POST('/api/pages', { body })),
  pages: (search: string, before?: number) =>
    taken(client.GET('/api/pages', { params: { query: { search, before } } })),
  page: (id: number) => taken(client.GET('/api/pages/{id}', { params: { path: { id } } })),
  rename: (id: number, body: RenameRequest) =>
    taken(client.PUT('/api/pages/{id}', { params: { path: { id } }, body })),
  remove: (id: number) => taken(client.DELETE('/api/pages/{id}', { params: { path: { id } } })),
  restore: (id: number) =>
    taken(client.POST('/api/pages/{id}/restore', { params: { path: { id } } })),
  settings: () => taken(client.GET('/api/settings')),
  classes: () => taken(client.GET('/api/classes')),
  addClass: (body: ClassRequest) => taken(client.POST('/api/classes', { body })),
  changeClass: (id: number, body: ClassRequest) =>
    taken(client.PUT('/api/classes/{id}', { params: { path: { id } }, body })),
  chooseClass: (id: number) =>
    taken(client.POST('/api/classes/{id}/current', { params: { path: { id } } })),
  removeClass: (id: number) =>
    taken(client.DELETE('/api/classes/{id}', { params: { path: { id } } })),
  restoreClass: (id: number) =>
    taken(client.POST('/api/classes/{id}/restore', { params: { path: { id } } })),
  calculate: (body: SumRef) => taken(client.POST('/api/calculations', { body })),
  workingLines: (body: SumRef) => taken(client.POST('/api/working-lines', { body })),
  checkWorking: (sum: SumRef, lines: Record<string, string>) =>
    taken(client.POST('/api/working-checks', { body: { sum, lines } })),
  attempts: (before?: number) =>
    taken(client.GET('/api/attempts', { params: { query: { before } } })),
  beginAttempt: (body: AttemptRequest) => taken(client.POST('/api/attempts', { body })),
  attempt: (id: number) => taken(client.GET('/api/attempts/{id}', { params: { path: { id } } })),
  /** The judge's words, where they are wanted as one goes. */
  write: (id: number, strokes: Stroke[]) =>
    taken<Report | undefined>(
      client.POST('/api/attempts/{id}/strokes', {
        params: { path: { id } },
        body: { strokes },
      }),
    ),
  handIn: (id: number, body: HandIn) =>
    taken(client.POST('/api/attempts/{id}/hand-in', { params: { path: { id } }, body })),
  mend: (id: number) => taken(client.POST('/api/attempts/{id}/mend', { params: { path: { id } } })),
  likeAttempt: (id: number) =>
    taken(client.POST('/api/attempts/{id}/like', { params: { path: { id } } })),
  checkAttempt: (id: number) =>
    taken(client.POST('/api/attempts/{id}/check', { params: { path: { id } } })),
  hint: (id: number, depth: number) =>
    taken(client.POST('/api/attempts/{id}/hint', { params: { path: { id }, query: { depth } } })),
  removeAttempt: (id: number) =>
    taken(client.DELETE('/api/attempts/{id}', { params: { path: { id } } })),
  restoreAttempt: (id: number) =>
    taken(client.POST('/api/attempts/{id}/restore', { params: { path: { id } } })),
  runs: (before?: number) => taken(client.GET('/api/runs', { params: { query: { before } } })),
  beginRun: (body: RunRequest) => taken(client.POST('/api/runs', { body })),
  run: (id: number) => taken(client.GET('/api/runs/{id}', { params: { path: { id } } })),
  nextInRun: (id: number) =>
    taken(client.POST('/api/runs/{id}/next', { params: { path: { id } } })),
  pauseRun: (id: number) =>
    taken(client.POST('/api/runs/{id}/pause', { params: { path: { id } } })),
  goOnWithRun: (id: number) =>
    taken(client.POST('/api/runs/{id}/go-on', { params: { path: { id } } })),
  endRun: (id: number) => taken(client.POST('/api/runs/{id}/end', { params: { path: { id } } })),
  removeRun: (id: number) => taken(client.DELETE('/api/runs/{id}', { params: { path: { id } } })),
  restoreRun: (id: number) =>
    taken(client.POST('/api/runs/{id}/restore', { params: { path: { id } } })),
  about: () => taken(client.GET('/api/about')),
  guide: () => taken(client.GET('/api/guide')),
  quit: () => taken(client.POST('/api/quit')),
  roll: () => taken(client.GET('/api/roll')),
  addPupils: (names: string, room: number | undefined) =>
    taken(client.POST('/api/roll', { body: { names }, ...meantFor(room) })),
  changePupil: (id: number, name: string, left: boolean) =>
    taken(client.PUT('/api/roll/{id}', { params: { path: { id } }, body: { name, left } })),
  orderPupils: (pupils: number[]) => taken(client.PUT('/api/roll/order', { body: { pupils } })),
  deletePupil: (id: number) => taken(client.DELETE('/api/roll/{id}', { params: { path: { id } } })),
  handouts: (before?: number) =>
    taken(client.GET('/api/handouts', { params: { query: { before } } })),
  giveHandout: (body: HandoutRequest) => taken(client.POST('/api/handouts', { body })),
  handout: (id: number) => taken(client.GET('/api/handouts/{id}', { params: { path: { id } } })),
  putAnswers: (id: number, cells: CellRequest[]) =>
    taken(client.PUT('/api/handouts/{id}/answers', { params: { path: { id } }, body: { cells } })),
  glance: (id: number) =>
    taken(client.GET('/api/handouts/{id}/glance', { params: { path: { id } } })),
  gridTable: (id: number) =>
    taken<Blob>(
      client.GET('/api/handouts/{id}/csv', {
        params: { path: { id } },
        parseAs: 'blob',
      }) as Promise<BlobAnswer>,
    ),
  handoutPaper: (id: number, kind: 'LIST' | 'CUT_OUTS') =>
    taken<Blob>(
      client.GET('/api/handouts/{id}/paper', {
        params: { path: { id }, query: { kind } },
        parseAs: 'blob',
      }) as Promise<BlobAnswer>,
    ),
  pupilSheets: (id: number, body: CopiesRequest) =>
    taken<Blob>(
      client.POST('/api/handouts/{id}/sheets', {
        params: { path: { id } },
        body,
        parseAs: 'blob',
      }) as Promise<BlobAnswer>,
    ),
  standIn: (id: number, body: StandInRequest) =>
    taken<Blob>(
      client.POST('/api/handouts/{id}/stand-in', {
        params: { path: { id } },
        body,
        parseAs: 'blob',
      }) as Promise<BlobAnswer>,
    ),
  scans: (handout: number) => taken(client.GET('/api/scans', { params: { query: { handout } } })),
  /** Brings sheets in; where `anew`, a page that was there already is taken anew. */
  bringSheets: (handout: number, file: File, anew?: boolean) =>
    taken(
      client.POST('/api/scans', {
        params: { query: { handout, name: file.name, anew } },
        ...sent(file, 'application/octet-stream'),
      }),
    ),
  /** Looks at a frame of a camera. Nothing of it is kept. */
  lookAtFrame: (handout: number, frame: File) =>
    taken(
      client.POST('/api/scans/frames', {
        params: { query: { handout } },
        ...sent(frame, 'application/octet-stream'),
      }),
    ),
  settleAnswers: (id: number, settled: SettledAnswer[]) =>
    taken(client.PUT('/api/scans/{id}/settled', { params: { path: { id } }, body: settled })),
  /** All figures of a pile that were taken for sure and read alike. */
  figureWall: (id: number, figure: number) =>
    taken(client.GET('/api/scans/{id}/wall/{figure}', { params: { path: { id, figure } } })),
  lookThrough: (id: number, figure: number) =>
    taken(client.PUT('/api/scans/{id}/wall/{figure}', { params: { path: { id, figure } } })),
  /** The figures that were read of a sum's working, and the judge's report on them. */
  readWorking: (id: number, page: number, sum: number) =>
    taken(
      client.GET('/api/scans/{id}/pages/{page}/workings/{sum}', {
        params: { path: { id, page, sum } },
      }),
    ),
  settleSquares: (id: number, page: number, sum: number, settled: SettledSquare[]) =>
    taken(
      client.PUT('/api/scans/{id}/pages/{page}/workings/{sum}', {
        params: { path: { id, page, sum } },
        body: settled,
      }),
    ),
  /** Where the answers of a page stand on it. */
  answerPlaces: (id: number, page: number) =>
    taken(client.GET('/api/scans/{id}/pages/{page}/places', { params: { path: { id, page } } })),
  giveSheet: (id: number, page: number, pupil: number) =>
    taken(
      client.PUT('/api/scans/{id}/pages/{page}/writer', {
        params: { path: { id, page } },
        body: { pupil },
      }),
    ),
  removeSheet: (id: number, page: number) =>
    taken(client.DELETE('/api/scans/{id}/pages/{page}', { params: { path: { id, page } } })),
  /** Takes the answers of a pile; its pictures are kept up to a day, or not at all. */
  takeSheets: (id: number, keep?: string) =>
    taken(client.POST('/api/scans/{id}/take', { params: { path: { id }, query: { keep } } })),
  /** The sheets of a handout whose pictures are kept. */
  keptSheets: (handout: number) =>
    taken(client.GET('/api/scans/kept', { params: { query: { handout } } })),
  deleteKeptSheets: (handout: number) =>
    taken(client.DELETE('/api/scans/kept', { params: { query: { handout } } })),
  removeSheets: (id: number) =>
    taken(client.DELETE('/api/scans/{id}', { params: { path: { id } } })),
  readGrid: (id: number, table: string) =>
    taken(client.POST('/api/handouts/{id}/csv', { params: { path: { id } }, body: { table } })),
  /** Answers of simulated pupils with some slips; with any where none is named. */
  simulateAnswers: (id: number, slips?: string[]) =>
    taken(
      client.POST('/api/handouts/{id}/simulated', { params: { path: { id } }, body: { slips } }),
    ),
  reteach: (id: number, slip: string, pupils: number[]) =>
    taken(
      client.POST('/api/handouts/{id}/reteach', {
        params: { path: { id } },
        body: { slip, pupils },
      }),
    ),
  groups: () => taken(client.GET('/api/groups')),
  makeGroup: (body: PupilGroupRequest) => taken(client.POST('/api/groups', { body })),
  changeGroup: (id: number, body: PupilGroupRequest) =>
    taken(client.PUT('/api/groups/{id}', { params: { path: { id } }, body })),
  deleteGroup: (id: number) =>
    taken(client.DELETE('/api/groups/{id}', { params: { path: { id } } })),
  removeHandout: (id: number) =>
    taken(client.DELETE('/api/handouts/{id}', { params: { path: { id } } })),
  restoreHandout: (id: number) =>
    taken(client.POST('/api/handouts/{id}/restore', { params: { path: { id } } })),
  register: () => taken(client.GET('/api/register')),
  registerTable: () =>
    taken<Blob>(client.GET('/api/register/csv', { parseAs: 'blob' }) as Promise<BlobAnswer>),
  places: (operation: RungLabel['operation']) =>
    taken(client.GET('/api/register/places', { params: { query: { operation } } })),
  decideStandings: (decisions: StandingRequest[], room?: number) =>
    taken(client.PUT('/api/register/standings', { body: { decisions }, ...meantFor(room) })),
  evidenceAgain: () => taken(client.POST('/api/register/evidence')),
  pupilRecord: (id: number) =>
    taken(client.GET('/api/register/pupils/{id}', { params: { path: { id } } })),
  letters: (pupils: number[]) =>
    taken<Blob>(
      client.POST('/api/register/letters', {
        body: { pupils },
        parseAs: 'blob',
      }) as Promise<BlobAnswer>,
    ),
  letter: (id: number, lines: string[]) =>
    taken<Blob>(
      client.POST('/api/register/pupils/{id}/letter', {
        params: { path: { id } },
        body: { lines },
        parseAs: 'blob',
      }) as Promise<BlobAnswer>,
    ),
  plan: (weeks: number, from?: string) =>
    taken(client.GET('/api/plan', { params: { query: { weeks, from } } })),
  today: () => taken(client.GET('/api/plan/today')),
  log: (search: string, skipped: number) =>
    taken(client.GET('/api/plan/log', { params: { query: { search, skipped } } })),
  year: () => taken(client.GET('/api/plan/year')),
  calendarFile: () =>
    taken<Blob>(client.GET('/api/plan/calendar', { parseAs: 'blob' }) as Promise<BlobAnswer>),
  planLesson: (body: LessonRequest) => taken(client.POST('/api/plan/lessons', { body })),
  changeLesson: (id: number, body: LessonChange) =>
    taken(client.PUT('/api/plan/lessons/{id}', { params: { path: { id } }, body })),
  logLesson: (id: number, body: LogRequest) =>
    taken(client.POST('/api/plan/lessons/{id}/log', { params: { path: { id } }, body })),
  repeatLesson: (id: number, weeks: number) =>
    taken(
      client.POST('/api/plan/lessons/{id}/repeat', { params: { path: { id } }, body: { weeks } }),
    ),
  openPart: (id: number, number: number) =>
    taken(
      client.POST('/api/plan/lessons/{id}/parts/{number}', { params: { path: { id, number } } }),
    ),
  removeLesson: (id: number) =>
    taken(client.DELETE('/api/plan/lessons/{id}', { params: { path: { id } } })),
  restoreLesson: (id: number) =>
    taken(client.POST('/api/plan/lessons/{id}/restore', { params: { path: { id } } })),
  setHoliday: (day: string, name: string, moveLessons: boolean) =>
    taken(client.PUT('/api/plan/holidays', { body: { day, name, moveLessons } })),
  setTimetable: (minutes: number[], begins: string[]) =>
    taken(client.PUT('/api/plan/timetable', { body: { minutes, begins } })),
  setShares: (body: SharesRequest) => taken(client.PUT('/api/plan/shares', { body })),
  classFile: (id: number) =>
    taken<Blob>(
      client.GET('/api/extracts/classes/{id}', {
        params: { path: { id } },
        parseAs: 'blob',
      }) as unknown as Promise<BlobAnswer>,
    ),
  pupilFile: (id: number) =>
    taken<Blob>(
      client.GET('/api/extracts/pupils/{id}', {
        params: { path: { id } },
        parseAs: 'blob',
      }) as unknown as Promise<BlobAnswer>,
    ),
  readFile: (file: File) =>
    taken(
      client.POST('/api/extracts/read', {
        ...sent(file, 'application/octet-stream'),
      }),
    ),
  slips: (body: SumRef) => taken(client.POST('/api/slips', { body })),
  pupil: (sum: SumRef, slips: string[]) =>
    taken(client.POST('/api/pupils', { body: { sum, slips } })),
  mistake: (body: MistakeRequest) => taken(client.POST('/api/mistakes', { body })),
  linedUp: (body: SumRef) => taken(client.POST('/api/mistakes/lined-up', { body })),
  vote: (body: VoteRequest) => taken(client.POST('/api/mistakes/votes', { body })),
  mistakePdf: (body: MistakeRequest) =>
    taken<Blob>(client.POST('/api/mistakes/pdf', { body, parseAs: 'blob' }) as Promise<BlobAnswer>),
  pdf: (body: PdfRequest) =>
    taken<Blob>(client.POST('/api/exports/pdf', { body, parseAs: 'blob' }) as Promise<BlobAnswer>),
  svg: (body: SumRef, step: number) =>
    taken<Blob>(
      client.POST('/api/exports/svg', {
        body,
        params: { query: { step } },
        parseAs: 'blob',
      }) as Promise<BlobAnswer>,
    ),
  ladder: () => taken(client.GET('/api/ladder')),
  addRung: (body: RungRequest, room?: number) =>
    taken(client.POST('/api/ladder', { body, ...meantFor(room) })),
  changeRung: (id: string, body: RungChange, room?: number) =>
    taken(client.PUT('/api/ladder/{id}', { params: { path: { id } }, body, ...meantFor(room) })),
  removeRung: (id: string) =>
    taken(client.DELETE('/api/ladder/{id}', { params: { path: { id } } })),
  ladderAsShipped: () => taken(client.POST('/api/ladder/as-shipped')),
  traits: () => taken(client.GET('/api/recipes/traits')),
  countSums: (body: Recipe) => taken(client.POST('/api/recipes/count', { body })),
  draftSet: (body: DraftRequest) => taken(client.POST('/api/sets/draft', { body })),
  evenSet: (body: EvenRequest) => taken(client.POST('/api/sets/even', { body })),
  /** Sums from a table of comma-separated values. */
  tableSums: (table: string) =>
    taken(
      client.POST('/api/sets/csv', {
        body: table,
        bodySerializer: () => table,
        headers: { 'Content-Type': 'text/csv' },
      }),
    ),
  setTable: (id: number, version: string) =>
    taken<Blob>(
      client.GET('/api/sets/{id}/csv', {
        params: { path: { id }, query: { version } },
        parseAs: 'blob',
      }) as Promise<BlobAnswer>,
    ),
  setFile: (id: number, version: string) =>
    taken(client.GET('/api/sets/{id}/file', { params: { path: { id }, query: { version } } })),
  readSet: (body: SetFile) => taken(client.POST('/api/sets/read', { body })),
  tellApart: (line: SetLine) => taken(client.POST('/api/sets/telling-apart', { body: { line } })),
  typedSums: (text: string) => taken(client.POST('/api/sets/typed', { body: { text } })),
  rooms: () => taken(client.GET('/api/rooms')),
  openRoom: (body: RoomRequest) => taken(client.POST('/api/rooms', { body })),
  closeRoom: () => taken(client.DELETE('/api/rooms/open')),
  roomSummary: (id: number) => taken(client.GET('/api/rooms/{id}', { params: { path: { id } } })),
  letIn: (devices: { knock: number; pupil: number }[]) =>
    taken(client.POST('/api/rooms/open/seats', { body: { devices } })),
  turnAway: (knock: number) =>
    taken(client.DELETE('/api/rooms/open/knocks/{knock}', { params: { path: { knock } } })),
  newRoomCode: () => taken(client.POST('/api/rooms/open/code')),
  giveOut: (body: RoomWork) => taken(client.POST('/api/rooms/open/work', { body })),
  still: (on: boolean) =>
    taken(client.PUT('/api/rooms/open/stilled', { params: { query: { on } } })),
  showSeat: (seat?: number) =>
    taken(client.PUT('/api/rooms/open/shown', { params: { query: { seat } } })),
  fillRoom: () => taken(client.POST('/api/rooms/open/made-up')),
  sets: (search: string, before?: number) =>
    taken(client.GET('/api/sets', { params: { query: { search, before } } })),
  set: (id: number, version: string) =>
    taken(client.GET('/api/sets/{id}', { params: { path: { id }, query: { version } } })),
  keepSet: (body: SetRequest) => taken(client.POST('/api/sets', { body })),
  changeSet: (id: number, body: SetRequest) =>
    taken(client.PUT('/api/sets/{id}', { params: { path: { id } }, body })),
  addVersion: (id: number) =>
    taken(client.POST('/api/sets/{id}/versions', { params: { path: { id } } })),
  workload: (body: SetRequest['sums']) => taken(client.POST('/api/sets/workload', { body })),
  slipKey: (body: SetRequest['sums']) => taken(client.POST('/api/sets/slip-key', { body })),
  removeSet: (id: number) => taken(client.DELETE('/api/sets/{id}', { params: { path: { id } } })),
  restoreSet: (id: number) =>
    taken(client.POST('/api/sets/{id}/restore', { params: { path: { id } } })),
  setSheets: (body: SheetRequest) =>
    taken<Blob>(client.POST('/api/sets/sheets', { body, parseAs: 'blob' }) as Promise<BlobAnswer>),
  sheetPreview: (body: SheetRequest, page: number) =>
    taken(client.POST('/api/sets/sheets/preview', { body, params: { query: { page } } })),
  backups: () => taken(client.GET('/api/backups')),
  backup: () =>
    taken<Blob>(client.GET('/api/backups/now', { parseAs: 'blob' }) as Promise<BlobAnswer>),
  lookAtBackup: (file: File) => taken(client.POST('/api/backups/look', zipped(file))),
  lookAtCopy: (name: string) =>
    taken(client.GET('/api/backups/{name}/look', { params: { path: { name } } })),
  restoreBackup: (file: File, forget: boolean) =>
    taken(client.POST('/api/backups/restore', { params: { query: { forget } }, ...zipped(file) })),
  restoreCopy: (name: string, forget: boolean) =>
    taken(
      client.POST('/api/backups/{name}/restore', {
        params: { path: { name }, query: { forget } },
      }),
    ),
  forgetInCopies: () => taken(client.POST('/api/backups/forget')),
  unclaimed: () => taken(client.GET('/api/roll/unclaimed')),
  /** Says whose the pages under a name are; null for a stranger's. */
  claim: (who: string, pupil: number | null) =>
    taken(client.PUT('/api/roll/unclaimed', { body: { who, pupil: pupil ?? undefined } })),
  pageFile: (body: SumRef) => taken(client.POST('/api/exports/page', { body })),
  readPage: (body: PageFile) => taken(client.POST('/api/exports/read', { body })),
};

/** A file, or an error; the description of the interface speaks of bytes only. */
interface BlobAnswer {
  data?: Blob;
  error?: unknown;
  response: Response;
}
