import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ButtonBase from '@mui/material/ButtonBase';
import { useQuery } from '@tanstack/react-query';
import { useRef } from 'react';
import { api } from '../api/client';
import type { Page, PageEntry, Working } from '../api/types';
import { PartDrawing } from '../paper/PartDrawing';
import { isSecondClick } from '../ui/useDeletion';
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
  return (
    <Box
      component="li"
      ref={card}
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
        <Box
          sx={{
            display: 'flex',
            flexWrap: 'wrap',
            justifyContent: 'end',
            rowGap: 0.5,
            mt: 'auto',
            pt: 0.75,
            fontSize: 'note',
          }}
        >
          <Box sx={{ flex: '1 0 100%', color: 'text.secondary' }}>
            {entry.methodName} · {shortDate(entry.keptAt)}
          </Box>
          <Button
            aria-label={t('workbook.rename', { title: entry.title })}
            onClick={() => onRename(entry)}
            sx={{ minHeight: 30, px: 1.25, mr: 0.75, fontSize: 'note' }}
          >
            {t('workbook.rename-plain')}
          </Button>
          <Button
            aria-label={t('common.delete-title', { title: entry.title })}
            onClick={(event) => isSecondClick(event) || onRemove(entry)}
            sx={{ minHeight: 30, px: 1.25, fontSize: 'note' }}
          >
            {t('common.delete')}
          </Button>
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
