import Box from '@mui/material/Box';

/** What went wrong, in a sentence; nothing where nothing did. */
export function TroubleNote({ of }: { of: Error | string | null | undefined }) {
  return of ? (
    <Box role="alert" sx={{ mt: 1, p: 1, bgcolor: 'ink.slipPage', borderRadius: 1 }}>
      {typeof of === 'string' ? of : of.message}
    </Box>
  ) : null;
}
