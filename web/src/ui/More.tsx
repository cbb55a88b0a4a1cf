import Button from '@mui/material/Button';

/** Asks for the next part of a long list. */
export function More({ asking, onMore }: { asking: boolean; onMore: () => void }) {
  return (
    <Button disabled={asking} onClick={onMore} sx={{ justifySelf: 'start', my: 1.5 }}>
      {asking ? 'Looking for more…' : 'Show more'}
    </Button>
  );
}
