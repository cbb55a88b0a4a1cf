import Box from '@mui/material/Box';

/** The key with the action of a button; not shown on touch screens, nor read aloud. */
export function Kbd({ children }: { children: string }) {
  return (
    <Box
      component="kbd"
      aria-hidden
      sx={{
        ml: 1.5,
        px: 0.75,
        fontFamily: 'inherit',
        fontSize: 'note',
        border: 1,
        borderRadius: 1,
        display: { xs: 'none', md: 'inline' },
      }}
    >
      {children}
    </Box>
  );
}
