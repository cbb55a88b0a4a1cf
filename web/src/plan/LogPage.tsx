import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { keepPreviousData, useInfiniteQuery, useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { api } from '../api/client';
import type { LogEntry } from '../api/types';
import { KINDS } from '../marking/told';
import { useCurrentClass } from '../session/classes';
import { BOOK, PAGES, RIGHT_PAGE } from '../ui/book';
import { LIST } from '../ui/list';
import { More } from '../ui/More';
import { SearchField } from '../ui/SearchField';
import { useDraft } from '../ui/useDraft';
import { STATES, wholeDay } from './days';
import { Views } from './Views';
import { YearDrawing } from './YearDrawing';
import { TroubleNote } from '../ui/TroubleNote';
import { t } from '../words';

const WHAT: Record<LogEntry['kind'], string> = {
  LESSON: t('plan.lesson'),
  HANDOUT: t('plan.handout'),
  SET: t('plan.set-made'),
  RUN: t('common.run'),
  VOTE: t('plan.vote'),
};

/** The logbook day by day, and the year as a drawing. */
export function LogPage() {
  const room = useCurrentClass();
  const [search, setSearch] = useDraft('log search');
  const log = useInfiniteQuery({
    queryKey: ['plan', room?.id, 'log', search],
    queryFn: ({ pageParam }) => api.log(search, pageParam),
    initialPageParam: 0,
    getNextPageParam: (last, parts) =>
      last.more ? parts.reduce((count, { entries }) => count + entries.length, 0) : undefined,
    placeholderData: keepPreviousData,
  });
  const year = useQuery({ queryKey: ['plan', room?.id, 'year'], queryFn: api.year });
  const entries = log.data?.pages.flatMap((part) => part.entries);
  return (
    <Box component="main" sx={{ ...BOOK, mb: 2.5, gridTemplateColumns: PAGES }}>
      <Box
        role="region"
        aria-label={t('plan.logbook')}
        tabIndex={0}
        sx={{ minHeight: 0, overflow: 'auto', px: { xs: 2, md: 3 }, py: 1.5 }}
      >
        <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 1.5, mb: 1 }}>
          <Views />
          <SearchField label={t('plan.search-the-logbook')} value={search} onChange={setSearch} />
        </Box>
        <TroubleNote of={log.error} />
        {entries?.length === 0 && (
          <Box sx={{ fontSize: 'lead', lineHeight: 1.5, color: 'text.secondary' }}>
            {search ? t('plan.nothing-in-the-logbook-is') : t('plan.nothing-was-done-yet-lessons')}
          </Box>
        )}
        <Box component="ul" sx={LIST}>
          {entries?.map((entry, at) => (
            <Box component="li" key={`${entry.kind} ${entry.id}`}>
              {entry.day !== entries[at - 1]?.day && (
                <Box component="h3" sx={{ m: 0, mt: 1, fontSize: 'plain' }}>
                  {wholeDay(entry.day)}
                </Box>
              )}
              <Entry entry={entry} />
            </Box>
          ))}
        </Box>
        {log.hasNextPage && (
          <More asking={log.isFetchingNextPage} onMore={() => void log.fetchNextPage()} />
        )}
      </Box>
      <Box sx={{ ...RIGHT_PAGE, overflow: 'auto', px: { xs: 2, md: 3 }, py: 1.5 }}>
        <Box component="h2" sx={{ m: 0, mb: 1, fontSize: 'lead' }}>
          {t('plan.the-year-of', { room: room?.name ?? t('common.the-class') })}
        </Box>
        <TroubleNote of={year.error} />
        {year.isPending && <Box role="status">{t('plan.the-year-is-being-drawn')}</Box>}
        {year.data && <YearDrawing year={year.data} />}
      </Box>
    </Box>
  );
}

const PATHS: Record<LogEntry['kind'], ((entry: LogEntry) => string) | null> = {
  LESSON: ({ id, day }) => `/plan?from=${day}&day=${day}&lesson=${id}`,
  HANDOUT: ({ id }) => `/marking/${id}`,
  SET: ({ id }) => `/sets/${id}`,
  RUN: ({ id }) => `/slate/run/${id}`,
  VOTE: null,
};

function told({ kind, told: word }: LogEntry): string {
  return kind === 'LESSON'
    ? STATES[word as keyof typeof STATES]
    : kind === 'HANDOUT'
      ? KINDS[word as keyof typeof KINDS]
      : word;
}

function Entry({ entry }: { entry: LogEntry }) {
  const to = PATHS[entry.kind]?.(entry);
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: '84px minmax(0, 1fr) auto',
        alignItems: 'baseline',
        gap: 1,
        py: 0.4,
        fontSize: 'plain',
        lineHeight: 1.3,
        borderBottom: '1px dotted',
        borderColor: 'ink.edge',
      }}
    >
      <Box sx={{ color: 'text.secondary', fontSize: 'note' }}>{WHAT[entry.kind]}</Box>
      <Box sx={{ overflowWrap: 'anywhere' }}>
        {entry.title}
        {told(entry) && (
          <Box component="span" sx={{ color: 'text.secondary' }}>
            {' '}
            · {told(entry)}
          </Box>
        )}
        {entry.note && <Box sx={{ color: 'text.secondary' }}>{entry.note}</Box>}
      </Box>
      {to && (
        <Button
          component={Link}
          to={to}
          size="small"
          aria-label={t('common.open-title', { title: entry.title })}
        >
          {t('common.open')}
        </Button>
      )}
    </Box>
  );
}
