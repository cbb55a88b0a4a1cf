import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from '../api/client';
import type { SheetRequest } from '../api/types';
import { t } from '../words';

/** The print, page by page. */
export function SheetPreview({ request }: { request: SheetRequest }) {
  const [page, setPage] = useState(0);
  const { data, error } = useQuery({
    queryKey: ['sheet preview', request, page],
    queryFn: () => api.sheetPreview(request, page),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    gcTime: 60_000,
  });
  if (!data) {
    return (
      <Box role={error ? 'alert' : 'status'} sx={{ fontSize: 'plain', color: 'text.secondary' }}>
        {error?.message ?? t('sets.the-sheet-is-being-drawn')}
      </Box>
    );
  }
  return (
    <Box sx={{ minWidth: 0 }}>
      <Box
        component="img"
        data-testid="preview"
        alt={t('sets.page-as-it-will-be', { page: data.page + 1 })}
        src={`data:image/png;base64,${data.picture}`}
        sx={{
          display: 'block',
          width: '100%',
          border: 1,
          borderColor: 'ink.edge',
          bgcolor: '#fff',
        }}
      />
      {data.pages > 1 && (
        <Box
          sx={{ mt: 1, display: 'flex', alignItems: 'center', justifyContent: 'center', gap: 1.5 }}
        >
          <Button
            size="small"
            aria-label={t('sets.page-before')}
            disabled={data.page === 0}
            onClick={() => setPage(data.page - 1)}
          >
            ◂
          </Button>
          <span>{t('sets.page-of-pages', { page: data.page + 1, pages: data.pages })}</span>
          <Button
            size="small"
            aria-label={t('sets.next-page')}
            disabled={data.page === data.pages - 1}
            onClick={() => setPage(data.page + 1)}
          >
            ▸
          </Button>
        </Box>
      )}
    </Box>
  );
}
