import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { memo } from 'react';
import { t } from '../words';

/** The keys of the grid by their labels. */
const KEYS: Record<string, string> = {
  ...Object.fromEntries('1234567890'.split('').map((figure) => [figure, figure])),
  [t('common.point')]: '.',
  [t('marking.key-remainder')]: 'r',
  [t('common.right')]: '+',
  [t('common.wrong')]: 'x',
  [t('common.blank')]: 'b',
  [t('marking.absent')]: 'a',
  [t('marking.not-asked')]: '-',
  [t('common.rub-out')]: 'Backspace',
  [t('common.key-next')]: 'Enter',
};

/** Keys for marking by finger or mouse; the grid keeps the typed figures. */
export const GridKeys = memo(function GridKeys({ onKey }: { onKey: (key: string) => void }) {
  return (
    <Box
      role="group"
      aria-label={t('marking.keys-to-mark-with')}
      // The cursor stays in the grid.
      onMouseDown={(event) => event.preventDefault()}
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: 'repeat(auto-fill, minmax(46px, 1fr))', sm: 'repeat(9, 1fr)' },
        gap: 0.5,
        py: 0.5,
      }}
    >
      {Object.entries(KEYS).map(([name, key]) => (
        <Button
          key={key}
          aria-label={key === 'r' ? t('marking.remainder') : undefined}
          onClick={() => onKey(key)}
          sx={{
            minHeight: 44,
            minWidth: 0,
            p: 0,
            lineHeight: 1.1,
            fontSize: { xs: 'note', sm: 'plain' },
          }}
        >
          {name}
        </Button>
      ))}
    </Box>
  );
});
