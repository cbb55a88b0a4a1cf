import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Rung } from '../api/types';
import { t } from '../words';

const SIGNS: Record<Rung['operation'], string> = {
  ADDITION: '+',
  SUBTRACTION: '−',
  MULTIPLICATION: '×',
  DIVISION: '÷',
  ROOT: '√',
};

/** Whose rungs are seen. */
export function OperationRow({
  rungs = [],
  chosen,
  onChoose,
}: {
  rungs?: Rung[];
  chosen: string;
  onChoose: (operation: string) => void;
}) {
  const operations = [...new Set(rungs.map((rung) => rung.operation))];
  return (
    <Box role="group" aria-label={t('common.operation')} sx={{ display: 'flex', gap: 0.75 }}>
      {operations.map((each) => (
        <Button
          key={each}
          aria-pressed={each === chosen}
          aria-label={rungs.find((rung) => rung.operation === each)?.operationName}
          onClick={() => onChoose(each)}
          sx={{ minWidth: 48, fontSize: 'lead' }}
        >
          {SIGNS[each]}
        </Button>
      ))}
    </Box>
  );
}
