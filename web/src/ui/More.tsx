import Button from '@mui/material/Button';
import { t } from '../words';

/** Asks for the next part of a long list. */
export function More({ asking, onMore }: { asking: boolean; onMore: () => void }) {
  return (
    <Button disabled={asking} onClick={onMore} sx={{ justifySelf: 'start', my: 1.5 }}>
      {asking ? t('ui.looking-for-more') : t('ui.show-more')}
    </Button>
  );
}
