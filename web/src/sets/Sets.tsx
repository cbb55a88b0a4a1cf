import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import visuallyHidden from '@mui/utils/visuallyHidden';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { api } from '../api/client';
import { Trouble } from '../api/taken';
import type { Apart, SetLine } from '../api/types';
import { useAct } from '../ui/useAct';
import { BAR, BOOK, PAGES, RIGHT_PAGE, SCREEN } from '../ui/book';
import { deferred } from '../ui/deferred';
import { useNotice } from '../ui/useNotice';
import type { RunSource } from '../runs/RunDialog';
import { EMPTY_SET, runOf, toDraw, toEven, toKeep, withDrawn, withLine, withTyped } from './draft';
import { KeptSets } from './KeptSets';
import { LadderPage } from './LadderPage';
import { MakePage } from './MakePage';
import { SheetPage } from './SheetPage';
import { useSetDraft } from './useSetDraft';
import { t } from '../words';

const SheetsDialog = deferred(() => import('./SheetsDialog'));
const SlipKeyDialog = deferred(() => import('./SlipKeyDialog'));
const ApartDialog = deferred(() => import('./ApartDialog'));
const HandoutDialog = deferred(() => import('../marking/HandoutDialog'));
const RunDialog = deferred(() => import('../runs/RunDialog'));
const PasteDialog = deferred(() => import('./PasteDialog'));

/** The views of the right page. */
const RIGHT = { make: t('sets.make-a-set'), kept: t('sets.kept-sets'), ladder: t('sets.ladder') };

type Open = 'sheets' | 'slip key' | 'paste' | 'hand out' | null;

/** A set on its sheet at the left, and the wishes for its sums at the right. */
export default function Sets() {
  const { draft, change, settle, coming, trouble: missing } = useSetDraft();
  const [open, setOpen] = useState<Open>(null);
  const [page, setPage] = useState<keyof typeof RIGHT>('make');
  const [shown, setShown] = useState(0);
  const [ofRun, setRunOf] = useState<RunSource | null>(null);
  const [apart, setApart] = useState<Apart | null>(null);
  const notice = useNotice();
  const navigate = useNavigate();
  const say = (trouble: Error) => notice({ text: trouble.message });
  const fewer = (missing: number) =>
    missing > 0 && notice({ text: t('sets.there-are-only-so-many', { missing }) });

  const make = useAct({
    mutationFn: ({ line, lesson }: { line: SetLine; adds?: boolean; lesson?: boolean }) =>
      api.draftSet({ lines: [line], lesson, avoided: draft.sums.map(({ plain }) => plain) }),
    onSuccess: ({ sums, missing }, { line, adds }) => {
      const before = adds ? draft : EMPTY_SET;
      change(withLine(before, line, sums));
      setShown(0);
      fewer(missing);
    },
    goOn: (_, { adds }) => !adds && navigate('/sets'),
    onError: say,
  });
  const tellApart = useAct({
    mutationFn: api.tellApart,
    onSuccess: (set) => {
      change({ ...EMPTY_SET, sums: set.sums });
      setShown(0);
      setApart(set);
    },
    goOn: () => navigate('/sets'),
    onError: say,
  });
  const draw = useAct({
    mutationFn: (only?: number) => api.draftSet(toDraw(draft, only)),
    onSuccess: ({ sums, missing }) => {
      if (missing > 0) {
        notice({ text: t('sets.there-are-not-enough-other') });
      } else {
        change(withDrawn(draft, sums));
      }
    },
    onError: say,
  });
  const even = useAct({
    mutationFn: () => api.evenSet(toEven(draft)),
    onSuccess: ({ sums }) => change({ ...draft, sums }),
    onError: say,
  });
  const keep = useAct({
    mutationFn: (asNew: boolean) => {
      const body = toKeep(draft, draft.title.trim() || t('sets.set-without-a-name'));
      return draft.id === null || asNew
        ? api.keepSet(body)
        : api.changeSet(draft.id, { ...body, state: draft.state });
    },
    onSuccess: (set) => {
      settle(set);
      notice({ text: t('sets.is-kept', { title: set.title }) });
    },
    goOn: ({ id }) => navigate(`/sets/${id}`, { replace: true }),
    onError: (trouble) =>
      notice({
        text: trouble.message,
        ...(trouble instanceof Trouble &&
          trouble.isStale && {
            action: { label: t('sets.keep-as-a-new-set'), run: () => keep.mutate(true) },
          }),
      }),
  });
  const addVersion = useAct({
    mutationFn: (id: number) => api.addVersion(id),
    onSuccess: settle,
    goOn: ({ id, version }) => navigate(`/sets/${id}?version=${version}`),
    onError: say,
  });
  const busy = make.isPending || even.isPending || draw.isPending || tellApart.isPending;
  const empty = draft.sums.length === 0;
  const { id } = draft;
  const isFirst = draft.version === 'A';

  return (
    <Box component="main" sx={SCREEN}>
      <Box component="h2" sx={visuallyHidden}>
        {draft.title || t('app.sets')}
      </Box>
      <Box sx={{ ...BOOK, gridTemplateColumns: PAGES }}>
        <SheetPage
          draft={draft}
          coming={coming}
          busy={busy}
          shown={shown}
          trouble={missing}
          onChange={change}
          onDraw={(place) => draw.mutate(place)}
          onEven={() => even.mutate()}
        />
        <Box
          className="screen-only"
          sx={{ ...RIGHT_PAGE, display: 'grid', gridTemplateRows: 'auto minmax(0, 1fr)' }}
        >
          <Box sx={{ display: 'flex', gap: 1, px: { xs: 2, md: 3.5 }, pt: 2.5, pb: 1.5 }}>
            {(Object.keys(RIGHT) as (keyof typeof RIGHT)[]).map((each) => (
              <Button key={each} aria-pressed={page === each} onClick={() => setPage(each)}>
                {RIGHT[each]}
              </Button>
            ))}
          </Box>
          {page === 'kept' && <KeptSets onOpen={(of) => void navigate(`/sets/${of}`)} />}
          {page === 'ladder' && <LadderPage />}
          {page === 'make' && (
            <MakePage
              busy={busy}
              canAdd={!empty && isFirst}
              onMake={(line, how) => make.mutate({ line, ...how })}
              onTellApart={(line) => tellApart.mutate(line)}
              onRun={({ id: rung, name: title, method }) =>
                setRunOf({ title, drawn: { rung, method } })
              }
            />
          )}
        </Box>
      </Box>
      {/* With a version to make there are nine buttons, which stand in one line at 1280. */}
      <Box sx={{ ...BAR, '& > button': { px: { xs: 1.75, md: 1.5 }, whiteSpace: 'nowrap' } }}>
        <Button
          variant="contained"
          disabled={empty || keep.isPending || !isFirst}
          onClick={() => keep.mutate(false)}
        >
          {id === null ? t('sets.keep-set') : t('sets.keep-changes')}
        </Button>
        <Button disabled={empty || busy || !isFirst} onClick={() => draw.mutate(undefined)}>
          {t('sets.draw-anew')}
        </Button>
        <Button
          disabled={empty}
          onClick={() => setShown(shown < draft.sums.length ? shown + 1 : 0)}
        >
          {empty || shown < draft.sums.length ? t('sets.next-answer') : t('sets.hide-answers')}
        </Button>
        <Box sx={{ flex: 1 }} />
        {id !== null && draft.versions.length < 4 && draft.lines.length > 0 && (
          <Button disabled={addVersion.isPending} onClick={() => addVersion.mutate(id)}>
            {t('sets.make-version', { draft: 'ABCD'[draft.versions.length] })}
          </Button>
        )}
        <Button aria-haspopup="dialog" disabled={!isFirst} onClick={() => setOpen('paste')}>
          {t('sets.type-or-paste')}
        </Button>
        <Button aria-haspopup="dialog" disabled={empty} onClick={() => setOpen('slip key')}>
          {t('sets.slip-key')}
        </Button>
        <Button
          aria-haspopup="dialog"
          disabled={empty}
          onClick={() => setRunOf(runOf(draft, draft.title.trim() || t('common.set')))}
        >
          {t('common.run')}
        </Button>
        <Button aria-haspopup="dialog" disabled={empty} onClick={() => setOpen('hand out')}>
          {t('common.hand-out')}
        </Button>
        <Button aria-haspopup="dialog" disabled={empty} onClick={() => setOpen('sheets')}>
          {t('common.on-paper')}
        </Button>
      </Box>
      {open === 'hand out' && (
        <HandoutDialog
          source={runOf(draft, draft.title.trim() || t('common.set'))}
          onClose={() => setOpen(null)}
        />
      )}
      {ofRun && <RunDialog source={ofRun} onClose={() => setRunOf(null)} />}
      {apart && <ApartDialog set={apart} onClose={() => setApart(null)} />}
      {open === 'sheets' && <SheetsDialog draft={draft} onClose={() => setOpen(null)} />}
      {open === 'slip key' && <SlipKeyDialog draft={draft} onClose={() => setOpen(null)} />}
      {open === 'paste' && (
        <PasteDialog
          onClose={() => setOpen(null)}
          onTake={(sums) => change(withTyped(draft, sums))}
        />
      )}
    </Box>
  );
}
