import Box from '@mui/material/Box';
import type { ReactNode } from 'react';

/** The whole of a device, without bars that come and go. */
export const SCREEN = { height: '100dvh', minHeight: 0, overflow: 'hidden' } as const;

/** A screen on which one thing is said. */
export function Said({ head, children }: { head?: string; children: ReactNode }) {
  return (
    <Box component="main" sx={{ ...SCREEN, display: 'grid', placeContent: 'center', p: 3 }}>
      <Box sx={PAGE}>
        {head && (
          <Box component="h1" sx={{ m: 0, mb: 1.5, fontSize: 'far' }}>
            {head}
          </Box>
        )}
        <Box role="status" sx={{ fontSize: 'head', lineHeight: 1.35 }}>
          {children}
        </Box>
      </Box>
    </Box>
  );
}

const PAGE = {
  maxWidth: 520,
  p: { xs: 2.5, sm: 4 },
  bgcolor: 'background.paper',
  borderLeft: 10,
  borderColor: 'ink.tab',
  borderRadius: '4px 14px 14px 4px',
} as const;
