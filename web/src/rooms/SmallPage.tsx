import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import { styled } from '@mui/material/styles';
import { memo, useMemo } from 'react';
import type { Mark, Seat } from '../api/types';
import { asPaper } from '../hand/asPaper';
import { SquareFrame } from '../hand/SquareFrame';
import { marksAfter } from '../hand/strokes';
import { shownArea, SIDE } from '../paper/geometry';
import { Sheet, SheetSvg } from '../paper/Sheet';
import { STATES } from './states';
import { t } from '../words';

/** A seat among all: its page as it grows, and its state. */
export const SmallPage = memo(function SmallPage({
  seat,
  chosen,
  shown,
  onChoose,
}: {
  seat: Seat;
  chosen: boolean;
  /** Whether it stands on the Board. */
  shown: boolean;
  onChoose: (seat: number) => void;
}) {
  return (
    <Card>
      <Head number={seat.number} name={seat.name} shown={shown} />
      <div style={SHEET}>{seat.page && <SeatSheet page={seat.page} />}</div>
      <Foot
        state={seat.state}
        saysStuck={seat.saysStuck}
        score={
          seat.done > 0 ? t('rooms.right-of', { right: seat.right, done: seat.done }) : undefined
        }
      />
      <Press
        id={seat.id}
        label={[seat.number, seat.name, STATES[seat.state].name].filter(Boolean).join(' ')}
        state={seat.state}
        chosen={chosen}
        onChoose={onChoose}
      />
    </Card>
  );
});

// Forty pages get eighty figures a second: only the page itself is drawn at each of them.

const Head = memo(function Head({
  number,
  name,
  shown,
}: Pick<Seat, 'number' | 'name'> & { shown: boolean }) {
  return (
    <Box sx={{ display: 'flex', gap: 0.75, alignItems: 'baseline', fontSize: 'note' }}>
      <strong>{number}</strong>
      <Box component="span" sx={NAME}>
        {name || t('rooms.made-up')}
      </Box>
      {shown && <strong>{t('common.board')}</strong>}
    </Box>
  );
});

const Foot = memo(function Foot({
  state,
  saysStuck,
  score,
}: Pick<Seat, 'state' | 'saysStuck'> & { score: string | undefined }) {
  return (
    <Box sx={{ display: 'flex', gap: 0.75, alignItems: 'center', fontSize: 'note' }}>
      <StateSign state={state} />
      <span>{saysStuck ? t('rooms.says-stuck') : STATES[state].name}</span>
      <Box component="span" sx={{ ml: 'auto', whiteSpace: 'nowrap' }}>
        {score}
      </Box>
    </Box>
  );
});

/** The whole card is pressed. */
const Press = memo(function Press({
  id,
  label,
  state,
  chosen,
  onChoose,
}: Pick<Seat, 'id' | 'state'> & {
  label: string;
  chosen: boolean;
  onChoose: (seat: number) => void;
}) {
  return (
    <ButtonBase
      aria-pressed={chosen}
      aria-label={label}
      data-testid="seat"
      data-state={state}
      onClick={() => onChoose(id)}
      sx={{
        position: 'absolute',
        inset: 0,
        borderRadius: 1,
        border: state === 'AWAY' ? '2px dashed' : '1px solid',
        borderColor: state === 'AWAY' ? 'text.secondary' : 'ink.square',
        outline: chosen ? '3px solid' : undefined,
        outlineColor: 'ink.nowEdge',
      }}
    />
  );
});

/** A page with a frame about its first slip, as large as there is room. */
export function SeatSheet({
  page,
  marked = true,
}: {
  page: NonNullable<Seat['page']>;
  /** Whether its first slip is told. */
  marked?: boolean;
}) {
  const printed = useMemo(
    () => ({ ...page.paper, marks: page.paper.marks.filter(isLegible) }),
    [page.paper],
  );
  const layers = useMemo(() => {
    const written = asPaper(marksAfter(page.strokes), printed.extent, printed);
    return [
      { paper: printed, step: Infinity, boxless: true },
      { paper: written, step: 0 },
    ];
  }, [page.strokes, printed]);
  const { from, to } = shownArea(layers);
  const first = firstRow(layers.flatMap(({ paper }) => paper.marks));
  const box = [
    from.column - 0.5,
    first - 0.25,
    to.column - from.column + 2,
    to.row - first + 1.5,
  ].map((squares) => squares * SIDE);
  return (
    <SheetSvg
      role="img"
      aria-label={page.problem}
      width="100%"
      height="100%"
      viewBox={box.join(' ')}
      preserveAspectRatio="xMidYMid meet"
      style={{ display: 'block' }}
    >
      <Sheet layers={layers} />
      {marked &&
        page.slipAt.map((at) => (
          <SquareFrame key={`${at.row} ${at.column}`} at={at} className="hinted" />
        ))}
    </SheetSvg>
  );
}

/** The names of the columns are too small to read on a small page. */
const isLegible = ({ role }: Mark) => role !== 'HEAD';

const firstRow = (marks: Mark[]) =>
  Math.min(...marks.flatMap(({ shape }) => ('at' in shape ? [shape.at.row] : [])));

export function StateSign({ state }: { state: Seat['state'] }) {
  return (
    <svg width={14} height={14} viewBox="0 0 12 12" aria-hidden>
      <path d={STATES[state].sign} fill="none" stroke="currentColor" strokeWidth={2} />
    </svg>
  );
}

const NAME = {
  flex: 1,
  minWidth: 0,
  overflow: 'hidden',
  textOverflow: 'ellipsis',
  whiteSpace: 'nowrap',
  textAlign: 'left',
} as const;

const SHEET = { flex: 1, minHeight: 0 };

const Card = styled('div')(({ theme }) => ({
  position: 'relative',
  display: 'flex',
  flexDirection: 'column',
  gap: 4,
  padding: 6,
  height: 168,
  background: theme.palette.ink.desk,
  '& > div > svg[role=img]': { background: theme.palette.background.paper },
}));
