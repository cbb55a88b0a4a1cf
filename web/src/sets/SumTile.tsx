import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import type { SetSum } from '../api/types';
import { PartDrawing } from '../paper/PartDrawing';
import { t } from '../words';

/** The side of a square on the sheet, in pixels; smaller on wide papers. */
const SQUARE = 26;
const WIDEST = 560;

const PARTS: Record<SetSum['part'], string> = {
  SHOW: t('sets.to-show'),
  TOGETHER: t('sets.together'),
  MISTAKE: '',
  OPENER: '',
  PRACTISE: '',
  HOMEWORK: '',
  EXPLAIN: t('sets.explain-how'),
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
  const said = [PARTS[sum.part], held ? t('sets.held') : ''].filter(Boolean).join(', ');
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
        fontSize: 'note',
        lineHeight: 1.2,
        // Two side by side on a sheet.
        '@media print': { width: '48%', '& svg': { width: '100%', height: 'auto' } },
      }}
    >
      <PartDrawing
        paper={sum.paper}
        step={answered ? 1 : 0}
        open={answered ? [] : sum.open}
        square={SQUARE}
        widest={WIDEST}
      />
      <Box sx={{ position: 'absolute', top: 3, left: 5, bgcolor: held ? 'ink.now' : 'ink.page' }}>
        <strong>{number}.</strong>{' '}
        <Box component="span" sx={{ color: 'text.secondary', fontSize: 'note' }}>
          {said}
        </Box>
      </Box>
    </ButtonBase>
  );
}
