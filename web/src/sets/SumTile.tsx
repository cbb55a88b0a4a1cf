import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import type { SetSum } from '../api/types';
import { SIDE } from '../paper/geometry';
import { Sheet, SheetSvg, Squares } from '../paper/Sheet';

/** The side of a square on the sheet, in pixels; smaller on wide papers. */
const SQUARE = 26;
const WIDEST = 560;

const PARTS: Record<SetSum['part'], string> = {
  SHOW: 'to show',
  TOGETHER: 'together',
  PRACTISE: '',
  EXPLAIN: 'explain how',
};

/** A sum of a set, set out on squares. */
export function SumTile({
  sum,
  number,
  chosen,
  held,
  answered,
  onChoose,
}: {
  sum: SetSum;
  number: number;
  chosen: boolean;
  held: boolean;
  answered: boolean;
  onChoose: () => void;
}) {
  const { from, to } = sum.paper.extent;
  const columns = to.column - from.column + 2;
  const rows = to.row - from.row + 2;
  const square = Math.min(SQUARE, WIDEST / columns);
  const corner = { x: (from.column - 0.5) * SIDE, y: (from.row - 0.5) * SIDE };
  const said = [PARTS[sum.part], held ? 'held' : ''].filter(Boolean).join(', ');
  return (
    <ButtonBase
      aria-pressed={chosen}
      aria-label={`${number}. ${sum.problem}${said && `, ${said}`}`}
      onClick={onChoose}
      data-testid="sum"
      sx={{
        display: 'block',
        position: 'relative',
        textAlign: 'left',
        outline: chosen || held ? 3 : 0,
        outlineStyle: 'solid',
        outlineColor: chosen ? 'ink.action' : 'ink.nowEdge',
        border: 1,
        borderColor: 'ink.square',
        bgcolor: held ? 'ink.now' : 'transparent',
        fontFamily: 'inherit',
        fontSize: 15,
        lineHeight: 1.2,
      }}
    >
      <SheetSvg
        aria-hidden
        width={columns * square}
        height={rows * square}
        viewBox={`${corner.x} ${corner.y} ${columns * SIDE} ${rows * SIDE}`}
      >
        <Squares {...corner} />
        <Sheet layers={[{ paper: sum.paper, step: answered ? 1 : 0 }]} />
      </SheetSvg>
      <Box sx={{ position: 'absolute', top: 3, left: 5, bgcolor: held ? 'ink.now' : 'ink.page' }}>
        <strong>{number}.</strong>{' '}
        <Box component="span" sx={{ color: 'text.secondary', fontSize: 14 }}>
          {said}
        </Box>
      </Box>
    </ButtonBase>
  );
}
