import Box from '@mui/material/Box';
import { memo } from 'react';
import type { Verdict } from '../api/types';
import { SIDE } from '../paper/geometry';
import { SheetSvg } from '../paper/Sheet';
import { VERDICTS } from './verdicts';
import { VerdictSign } from './VerdictMarks';

/** The meanings of the judge's signs. */
export const Legend = memo(function Legend() {
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 2.5, alignItems: 'center' }}>
      {(Object.entries(VERDICTS) as [Verdict, string][]).map(([verdict, name]) => (
        <Box key={verdict} sx={{ display: 'flex', alignItems: 'center', gap: 0.75 }}>
          <SheetSvg width={26} height={16} viewBox={`0 22 ${SIDE} 24`} aria-hidden>
            <VerdictSign at={{ row: 0, column: 0 }} verdict={verdict} />
          </SheetSvg>
          {name}
        </Box>
      ))}
    </Box>
  );
});
