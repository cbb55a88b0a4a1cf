import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import type { SetSum } from '../api/types';
import { Drawing } from '../paper/Drawing';
import { bounds } from '../paper/geometry';

/** The side of a square on the sheet, in pixels; smaller on wide papers. */
const SQUARE = 24;
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
  const { from, to } = bounds([sum.paper]);
  const columns = to.column - from.column + 2;
  const rows = to.row - from.row + 2;
  const square = Math.min(SQUARE, WIDEST / columns);
  const said = [PARTS[sum.part], held ? 'held' : ''].filter(Boolean).join(', ');
  return (
    <ButtonBase
      aria-pressed={chosen}
      aria-label={`${number}. ${sum.problem}${said && `, ${said}`}`}
      onClick={onChoose}
      data-testid="sum"
      sx={{
        display: 'block',
        textAlign: 'left',
        width: Math.max(columns * square, 96) + 18,
        p: 1,
        border: 2,
        borderColor: chosen ? 'ink.action' : held ? 'ink.nowEdge' : 'divider',
        borderRadius: 1.5,
        bgcolor: held ? 'ink.now' : 'transparent',
        fontFamily: 'inherit',
        fontSize: 15,
      }}
    >
      <Box sx={{ display: 'flex', gap: 1, minHeight: 20, lineHeight: 1.2 }}>
        <Box sx={{ fontWeight: 700 }}>{number}.</Box>
        <Box sx={{ color: 'text.secondary', fontSize: 14 }}>{said}</Box>
      </Box>
      <Drawing paper={sum.paper} step={0} height={rows * square} label="" />
      <Box sx={{ minHeight: 20, fontWeight: 700, color: 'success.main', lineHeight: 1.3 }}>
        {answered && `= ${sum.answer}`}
      </Box>
    </ButtonBase>
  );
}
