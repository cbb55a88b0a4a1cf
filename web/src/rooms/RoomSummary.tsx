import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import { api } from '../api/client';
import { useGroups } from '../session/groups';
import { useCurrentClass } from '../session/classes';
import { BOOK, COLUMN, PAGES, RIGHT_PAGE } from '../ui/book';
import { Coming } from '../ui/Coming';
import { LIST, ROW } from '../ui/list';
import { momentInFull } from '../ui/days';
import { useAct } from '../ui/useAct';
import { useNotice } from '../ui/useNotice';
import { t } from '../words';

/** The end of a lesson: the work, the pages that were shown, and groups for tomorrow. */
export default function RoomSummary() {
  const id = Number(useParams().id);
  const classId = useCurrentClass()?.id;
  const queries = useQueryClient();
  const notice = useNotice();
  const { data: summary, error } = useQuery({
    queryKey: ['rooms', id],
    queryFn: () => api.roomSummary(id),
  });
  const { groups, queryKey } = useGroups();
  const { data: roll } = useQuery({ queryKey: ['roll', classId], queryFn: api.roll });
  const keep = useAct({
    mutationFn: api.makeGroup,
    onSuccess: (all) => {
      queries.setQueryData(queryKey, all);
      notice({ text: t('rooms.the-group-is-kept') });
    },
    onError: (trouble) => notice({ text: trouble.message }),
  });
  if (!summary) {
    return <Coming trouble={error} />;
  }
  const named = (pupils: number[]) =>
    pupils.map((pupil) => roll?.find((each) => each.id === pupil)?.name ?? '').join(', ');
  return (
    <Box component="main" sx={{ ...BOOK, mb: 2.5, gridTemplateColumns: PAGES }}>
      <Box role="region" aria-label={t('rooms.what-was-worked')} tabIndex={0} sx={COLUMN}>
        <Box component="h2" sx={{ m: 0, fontSize: 'head' }}>
          {momentInFull(summary.openedAt)}
        </Box>
        {summary.pupils.length === 0 && (
          <Box sx={{ fontSize: 'lead', color: 'text.secondary' }}>{t('rooms.nobody-wrote')}</Box>
        )}
        <Box component="ul" aria-label={t('rooms.sums')} sx={LIST}>
          {summary.sums.map(({ problem, ...pages }, index) => (
            <Box component="li" key={index} sx={TWO}>
              <strong>{problem}</strong>
              <span>{t('rooms.pages-of', pages)}</span>
            </Box>
          ))}
        </Box>
        <Box component="ul" aria-label={t('common.pupils')} sx={LIST}>
          {summary.pupils.map((pupil) => (
            <Box component="li" key={pupil.pupil} sx={TWO}>
              <span>
                <strong>{pupil.number}</strong> {pupil.name}
              </span>
              <span>
                {t('rooms.pages-of', {
                  done: pupil.done,
                  begun: pupil.begun,
                  right: pupil.right,
                })}
                {pupil.shown > 0 && ` · ${t('rooms.shown-to-all', { pages: pupil.shown })}`}
              </span>
            </Box>
          ))}
        </Box>
      </Box>
      <Box sx={{ ...RIGHT_PAGE, ...COLUMN }}>
        <Box component="h2" sx={{ m: 0, fontSize: 'lead' }}>
          {t('rooms.groups-for-tomorrow')}
        </Box>
        {summary.shared.length === 0 && (
          <Box sx={{ color: 'text.secondary', lineHeight: 1.5 }}>{t('rooms.no-group')}</Box>
        )}
        {summary.shared.map(({ slip, name, pupils }) => (
          <Box key={slip} sx={{ borderLeft: 6, borderColor: 'ink.nowEdge', pl: 2 }}>
            <Box sx={{ fontSize: 'said', fontWeight: 700 }}>{name}</Box>
            <Box sx={{ my: 0.5 }}>{named(pupils)}</Box>
            <Button
              disabled={keep.isPending || groups.some((group) => group.name === name)}
              onClick={() => keep.mutate({ name, pupils })}
            >
              {t('rooms.keep-as-a-group')}
            </Button>
          </Box>
        ))}
        <Box sx={{ mt: 2, lineHeight: 1.5 }}>{t('rooms.all-of-it-is-in-the-register')}</Box>
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
          <Button component={Link} to="/register">
            {t('rooms.to-the-register')}
          </Button>
          <Button component={Link} to="/slate/room">
            {t('rooms.all-rooms')}
          </Button>
        </Box>
      </Box>
    </Box>
  );
}

const TWO = { ...ROW, display: 'grid', gridTemplateColumns: 'minmax(0, 2fr) minmax(0, 3fr)' };
