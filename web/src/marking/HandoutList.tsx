import Box from '@mui/material/Box';
import { useNavigate } from 'react-router';
import { api } from '../api/client';
import type { Handout } from '../api/types';
import { useCurrentClass } from '../session/classes';
import { KeptList, KeptRow } from '../ui/KeptList';
import { deletion } from '../ui/RowMenu';
import { useDeletion } from '../ui/useDeletion';
import { useLongList } from '../ui/useLongList';
import { dayTold, KINDS, stateTold } from './told';
import { t } from '../words';

/** The handouts of the class, with those that wait to be marked. */
export function HandoutList() {
  const classId = useCurrentClass()?.id;
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
      <KeptList
        of={useLongList(['handouts', classId], api.handouts)}
        reading={t('marking.the-handouts-are-being-read')}
        none={t('marking.nothing-was-handed-out-to')}
        row={(handout) => <Row key={handout.id} handout={handout} />}
      />
    </Box>
  );
}

function Row({ handout }: { handout: Handout }) {
  const navigate = useNavigate();
  const remove = useDeletion('handouts', api.removeHandout, api.restoreHandout);
  const { id, title, kind, givenOn, dueOn } = handout;
  const days = [KINDS[kind], dayTold(givenOn), dueOn && t('marking.due', { day: dayTold(dueOn) })];
  const waits = handout.answers < handout.pupils * handout.sums;
  return (
    <KeptRow
      title={title}
      below={days.filter(Boolean).join(' · ')}
      state={stateTold(handout)}
      open={{
        label: waits ? t('common.mark') : t('common.look'),
        name: t('common.mark-title', { title }),
        isMain: waits,
        run: () => void navigate(`/marking/${id}`),
      }}
      menu={[
        deletion(() => remove({ id, said: t('marking.is-deleted-with-its-answers', { title }) })),
      ]}
    />
  );
}
