import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useNavigate } from 'react-router';
import { api } from '../api/client';
import type { Handout } from '../api/types';
import { useCurrentClass } from '../session/classes';
import { LIST, ROW, ROW_BELOW, ROW_HEAD, ROW_TITLE } from '../ui/list';
import { More } from '../ui/More';
import { isSecondClick, useDeletion } from '../ui/useDeletion';
import { useLongList } from '../ui/useLongList';
import { dayTold, KINDS, stateTold } from './told';
import { TroubleNote } from '../ui/TroubleNote';
import { t } from '../words';

/** The handouts of the class, with those that wait to be marked. */
export function HandoutList() {
  const classId = useCurrentClass()?.id;
  const handouts = useLongList(['handouts', classId], api.handouts);
  return (
    <Box
      role="region"
      aria-label={t('marking.handouts')}
      tabIndex={0}
      sx={{ minHeight: 0, overflow: 'auto', px: { xs: 2, md: 3.5 }, py: 2 }}
    >
      <Box component="h2" sx={{ mt: 0, mb: 1, fontSize: 'head' }}>
        {t('marking.handouts')}
      </Box>
      <TroubleNote of={handouts.error} />
      {handouts.isPending && <Box role="status">{t('marking.the-handouts-are-being-read')}</Box>}
      {handouts.total === 0 && (
        <Box sx={{ fontSize: 'lead', lineHeight: 1.5, color: 'text.secondary' }}>
          {t('marking.nothing-was-handed-out-to')}
        </Box>
      )}
      <Box component="ul" sx={LIST}>
        {handouts.entries?.map((handout) => (
          <Row key={handout.id} handout={handout} />
        ))}
      </Box>
      {handouts.hasMore && <More asking={handouts.isAsking} onMore={handouts.more} />}
    </Box>
  );
}

function Row({ handout }: { handout: Handout }) {
  const navigate = useNavigate();
  const remove = useDeletion('handouts', api.removeHandout, api.restoreHandout);
  const { id, title, kind, givenOn, dueOn } = handout;
  const days = [KINDS[kind], dayTold(givenOn), dueOn && t('marking.due', { day: dayTold(dueOn) })];
  return (
    <Box component="li" sx={ROW}>
      <Box sx={ROW_HEAD}>
        <Box sx={ROW_TITLE}>{title}</Box>
        <Box sx={ROW_BELOW}>{days.filter(Boolean).join(' · ')}</Box>
      </Box>
      <Box sx={{ fontSize: 'plain' }}>{stateTold(handout)}</Box>
      <Button
        variant={handout.answers < handout.pupils * handout.sums ? 'contained' : 'outlined'}
        aria-label={t('common.mark-title', { title })}
        onClick={() => navigate(`/marking/${id}`)}
      >
        {handout.answers < handout.pupils * handout.sums ? t('common.mark') : t('common.look')}
      </Button>
      <Button
        aria-label={t('common.delete-title', { title })}
        onClick={(event) =>
          isSecondClick(event) ||
          remove({ id, said: t('marking.is-deleted-with-its-answers', { title }) })
        }
      >
        {t('common.delete')}
      </Button>
    </Box>
  );
}
