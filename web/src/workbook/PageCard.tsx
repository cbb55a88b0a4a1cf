import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import { useQuery } from '@tanstack/react-query';
import { useRef } from 'react';
import { api } from '../api/client';
import type { Page, PageEntry, Working } from '../api/types';
import { PartDrawing } from '../paper/PartDrawing';
import { deletion, RowMenu, rowKeys } from '../ui/RowMenu';
import { useInSight } from '../ui/useInSight';
import { useSize } from '../ui/useSize';
import { LOCALE, t } from '../words';

export function PageCard({
  entry,
  onOpen,
  onRename,
  onRemove,
}: {
  entry: PageEntry;
  onOpen: (page: Page) => void;
  onRename: (entry: PageEntry) => void;
  onRemove: (entry: PageEntry) => void;
}) {
  const card = useRef<HTMLLIElement>(null);
  const inSight = useInSight(card);
  // Far-off cards fetch nothing: a full Workbook opens as fast as an empty one.
  const page = useQuery({
    queryKey: ['page', entry.id],
    queryFn: () => api.page(entry.id),
    enabled: inSight,
    staleTime: Infinity,
  });
  const menu = [
    { key: 'rename', name: t('workbook.rename-plain'), onChoose: () => onRename(entry) },
    deletion(() => onRemove(entry)),
  ];
  return (
    <Box
      component="li"
      ref={card}
      onKeyDown={rowKeys(menu)}
      sx={{
        display: 'flex',
        flexDirection: 'column',
        minHeight: 340,
        border: 1,
        borderColor: 'ink.edge',
        borderRadius: 2,
        overflow: 'hidden',
      }}
    >
      <Box
        sx={{
          position: 'relative',
          height: 212,
          flexShrink: 0,
          p: 1,
          borderBottom: 1,
          borderColor: 'divider',
          '&:hover': { bgcolor: 'ink.now' },
        }}
      >
        {page.data && <Thumbnail working={page.data.working} />}
        <ButtonBase
          aria-label={t('common.open-title', { title: entry.title })}
          disabled={!page.data}
          onClick={() => page.data && onOpen(page.data)}
          sx={{ position: 'absolute', inset: 0 }}
        />
      </Box>
      <Box sx={{ flex: 1, display: 'flex', flexDirection: 'column', px: 1.75, py: 1.25 }}>
        <Box sx={{ fontWeight: 700 }}>{entry.title}</Box>
        <Box sx={{ fontSize: 'note', color: 'text.secondary', overflowWrap: 'anywhere' }}>
          {shortened(entry.problem)}
        </Box>
        {entry.note && <Box sx={{ mt: 0.5, fontSize: 'note' }}>{entry.note}</Box>}
        <Box sx={{ display: 'flex', alignItems: 'center', gap: 1, mt: 'auto' }}>
          <Box sx={{ flex: 1, fontSize: 'note', color: 'text.secondary' }}>
            {entry.methodName} · {shortDate(entry.keptAt)}
          </Box>
          <RowMenu of={entry.title} entries={menu} />
        </Box>
      </Box>
    </Box>
  );
}

const shortDate = (date: string) =>
  new Date(date).toLocaleDateString(LOCALE, { day: 'numeric', month: 'short' });

/** A small picture of the finished page, drawn by the same renderer as the page itself. */
function Thumbnail({ working: { paper, steps } }: { working: Working }) {
  const frame = useRef<HTMLDivElement>(null);
  const { width, height } = useSize(frame);
  // The button says where it leads, and the sum stands below.
  return (
    <Box ref={frame} sx={{ height: '100%', display: 'grid', placeContent: 'center' }}>
      {width > 0 && (
        <PartDrawing paper={paper} step={steps.length} widest={width} tallest={height} />
      )}
    </Box>
  );
}

const LONGEST = 44;

function shortened(problem: string) {
  return problem.length <= LONGEST ? problem : `${problem.slice(0, LONGEST)}…`;
}
