import Box from '@mui/material/Box';
import { memo } from 'react';

/** The carries, exchanges and the like of the working, along the foot of the right page. */
export const TallyLine = memo(function TallyLine({ tally }: { tally: string[] }) {
  return (
    <Box
      data-testid="tally"
      sx={{
        order: { xs: 4, md: 0 },
        display: 'flex',
        flexWrap: 'wrap',
        columnGap: 2.5,
        pt: 1,
        borderTop: 1,
        borderColor: 'divider',
        color: 'text.secondary',
      }}
    >
      {tally.map((part) => (
        <Box
          component="span"
          key={part}
          sx={{ '&:last-of-type': { ml: 'auto' }, whiteSpace: 'nowrap' }}
        >
          {part.split(/(\d[\d\s,.]*)/).map((piece, index) =>
            index % 2 === 1 ? (
              <Box component="strong" key={index} sx={{ fontSize: 'lead', color: 'text.primary' }}>
                {piece}
              </Box>
            ) : (
              piece
            ),
          )}
        </Box>
      ))}
    </Box>
  );
});
