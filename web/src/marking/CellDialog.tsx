import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { api } from '../api/client';
import type { Cell, Grid, Paper, Pupil, Square } from '../api/types';
import { asPaper, onPrinted } from '../hand/asPaper';
import { marksAfter } from '../hand/strokes';
import { SquareFrame } from '../hand/SquareFrame';
import { Drawing } from '../paper/Drawing';
import { bounds } from '../paper/geometry';
import { SheetOf } from '../scan/KeptSheets';
import { useAct } from '../ui/useAct';
import { useNotice } from '../ui/useNotice';
import { TroubleNote } from '../ui/TroubleNote';
import { AskDialog } from '../ui/AskDialog';
import { t } from '../words';

/** An answer looked at closely: the true page, and the page that the slip would have written. */
export default function CellDialog({
  handout,
  grid,
  pupil,
  cell,
  onDecided,
  onClose,
}: {
  handout: number;
  grid: Grid;
  pupil: Pupil;
  cell: Cell;
  onDecided: (kept: Cell[]) => void;
  onClose: () => void;
}) {
  const sum = grid.sums[cell.number];
  const [slip, setSlip] = useState(cell.slips[0]?.id);
  const navigate = useNavigate();
  const notice = useNotice();
  const onError = (trouble: Error) => notice({ text: trouble.message });
  const page = useQuery({
    queryKey: ['slip page', sum?.plain, sum?.method, slip],
    queryFn: () =>
      api.pupil({ plain: sum?.plain ?? '', method: sum?.method }, slip === undefined ? [] : [slip]),
    enabled: sum !== undefined,
  });
  const slips = useQuery({
    queryKey: ['slips', sum?.plain, sum?.method],
    queryFn: () => api.slips({ plain: sum?.plain ?? '', method: sum?.method }),
    enabled: sum !== undefined && cell.outcome === 'WRONG',
  });
  const named = [...cell.slips, ...(slips.data ?? [])].find(({ id }) => id === slip)?.name ?? '';
  const decide = useAct({
    again: true,
    mutationFn: (outcome: Cell['outcome'] | null) =>
      api.putAnswers(handout, [
        {
          pupil: pupil.id,
          number: cell.number,
          given: cell.given,
          seen: cell.given,
          overruled:
            outcome === null
              ? undefined
              : { outcome, slip: outcome === 'WRONG' ? slip : undefined },
        },
      ]),
    onSuccess: ({ kept }) => {
      onDecided(kept);
      onClose();
    },
    onError,
  });
  const type = useAct({
    mutationFn: () =>
      api.beginAttempt({
        sum: { plain: sum?.plain ?? '', method: sum?.method },
        who: pupil.name,
        telling: 'AT_END',
        handout,
        number: cell.number,
      }),
    goOn: ({ id }) => navigate(`/slate/${id}`),
    onError,
  });
  const kept = grid.pages.find((each) => each.pupil === pupil.id && each.number === cell.number);
  const strokes = page.data?.strokes ?? [];
  const written =
    page.data && asPaper(marksAfter(strokes), page.data.paper.extent, page.data.paper);
  const slipped = page.data && written && onPrinted(page.data.paper, written);
  // Both as large as each other, and each row beside its own.
  const extent = page.data && slipped && bounds([page.data.truth, slipped]);
  const first = page.data?.report.findings[0]?.squares ?? [];
  const wrong = slip !== undefined;
  return (
    <AskDialog
      title={`${pupil.name}: ${sum?.problem} = ${cell.given || t('marking.no-answer')}`}
      maxWidth="md"
      more={
        <>
          {cell.overruled ? (
            <Button onClick={() => decide.mutate(null)}>
              {t('marking.take-my-decision-back')}
            </Button>
          ) : cell.outcome === 'RIGHT' ? (
            <Button onClick={() => decide.mutate('WRONG')}>{t('marking.count-it-as-wrong')}</Button>
          ) : (
            <>
              <Button onClick={() => decide.mutate('RIGHT')}>
                {t('marking.count-it-as-right')}
              </Button>
              {slip !== cell.slips[0]?.id && (
                <Button onClick={() => decide.mutate('WRONG')}>
                  {wrong ? t('marking.it-is-this-slip') : t('marking.it-is-no-slip')}
                </Button>
              )}
            </>
          )}
          <SheetOf handout={handout} pupil={pupil.id} />
          {kept && (
            <Button component={Link} to={`/slate/${kept.attempt}`}>
              {t('marking.the-page-as-it-was-written')}
            </Button>
          )}
          <Button disabled={type.isPending} onClick={() => type.mutate()}>
            {t('marking.type-the-page-in-on')}
          </Button>
        </>
      }
      onClose={onClose}
    >
      {cell.slips.length > 1 && (
        <Box
          role="group"
          aria-label={t('common.slip')}
          sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}
        >
          {cell.slips.map(({ id, name }) => (
            <Button key={id} aria-pressed={id === slip} onClick={() => setSlip(id)}>
              {name}
            </Button>
          ))}
        </Box>
      )}
      <TroubleNote of={page.error} />
      {slipped && extent && (
        <Box
          sx={{
            display: 'grid',
            gridTemplateColumns: { xs: '1fr', sm: wrong ? '1fr 1fr' : '1fr' },
            gap: 2,
            mt: 1.5,
          }}
        >
          <PageOf name={t('common.the-true-page')} paper={{ ...page.data.truth, extent }} />
          {wrong && (
            <PageOf
              name={t('marking.the-page-of-this-slip', { named })}
              paper={{ ...slipped, extent }}
              first={first}
            />
          )}
        </Box>
      )}
      {cell.outcome === 'WRONG' && !cell.overruled && slips.data && (
        <TextField
          select
          label={t('marking.which-slip-it-was')}
          value={slip ?? ''}
          onChange={({ target }) => setSlip(target.value === '' ? undefined : target.value)}
          slotProps={{ inputLabel: { shrink: true }, select: { displayEmpty: true } }}
          sx={{ mt: 2, minWidth: 280 }}
        >
          <MenuItem value="">{t('marking.none-that-is-known')}</MenuItem>
          {slips.data.map(({ id, name }) => (
            <MenuItem key={id} value={id}>
              {name}
            </MenuItem>
          ))}
        </TextField>
      )}
      {cell.slips.length === 0 && cell.outcome === 'WRONG' && (
        <Box sx={{ mt: 1.5, fontSize: 'said' }}>{t('marking.no-slip-that-is-known')}</Box>
      )}
    </AskDialog>
  );
}

function PageOf({
  name,
  paper,
  first = [],
}: {
  name: string;
  paper: Paper;
  /** Where it first differs from the true page. */
  first?: Square[];
}) {
  return (
    <Box component="figure" sx={{ m: 0 }}>
      <Box component="figcaption" sx={{ mb: 0.5, fontSize: 'plain', fontWeight: 700 }}>
        {name}
      </Box>
      <Box sx={{ border: 1, borderColor: 'ink.square', borderRadius: 1 }}>
        <Drawing paper={paper} step={Infinity} height={300} label={name}>
          {first.map((at) => (
            <SquareFrame key={`${at.row} ${at.column}`} at={at} className="hinted" />
          ))}
        </Drawing>
      </Box>
    </Box>
  );
}
