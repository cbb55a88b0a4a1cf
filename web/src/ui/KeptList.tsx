import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { ReactNode } from 'react';
import { LIST, ROW, ROW_BELOW, ROW_TITLE } from './list';
import type { Entry } from './MenuEntries';
import { More } from './More';
import { RowMenu, rowKeys } from './RowMenu';
import { TroubleNote } from './TroubleNote';
import type { useLongList } from './useLongList';

/** What is kept of one kind, the newest first; what is said while it is read or empty. */
export function KeptList<T extends { id: number }>({
  of,
  reading,
  none,
  row,
}: {
  of: ReturnType<typeof useLongList<T>>;
  reading: string;
  none: string;
  row: (entry: T) => ReactNode;
}) {
  return (
    <>
      <TroubleNote of={of.error} />
      {of.isPending && <Box role="status">{reading}</Box>}
      {of.total === 0 && (
        <Box sx={{ py: 1, fontSize: 'lead', lineHeight: 1.5, color: 'text.secondary' }}>{none}</Box>
      )}
      <Box component="ul" sx={LIST}>
        {of.entries?.map(row)}
      </Box>
      {of.hasMore && <More asking={of.isAsking} onMore={of.more} />}
    </>
  );
}

const TONES = { good: 'success.main', bad: 'error.main', quiet: 'text.secondary' };

/** A row: what it is, how it stands, a button that opens it, and a menu with the rest. */
export function KeptRow({
  title,
  below,
  state,
  tone,
  aside,
  open,
  menu,
}: {
  title: string;
  below: ReactNode;
  state?: ReactNode;
  tone?: keyof typeof TONES;
  aside?: string;
  open: { label: string; name: string; isMain?: boolean; isOff?: boolean; run: () => void };
  menu: Entry[];
}) {
  return (
    <Box component="li" sx={ROW} onKeyDown={rowKeys(menu)}>
      <Box sx={{ flex: { xs: '1 0 100%', sm: '5 1 0' }, minWidth: 0 }}>
        <Box sx={ROW_TITLE}>{title}</Box>
        <Box sx={ROW_BELOW}>{below}</Box>
      </Box>
      {state !== undefined && (
        <Box
          sx={{
            flex: '4 1 0',
            minWidth: 0,
            fontSize: 'plain',
            lineHeight: 1.25,
            color: tone && TONES[tone],
          }}
        >
          {state}
        </Box>
      )}
      {aside && <span>{aside}</span>}
      <Button
        variant={open.isMain ? 'contained' : 'outlined'}
        aria-label={open.name}
        disabled={open.isOff}
        onClick={open.run}
        sx={{ ml: { xs: state === undefined ? 'auto' : 0, sm: 0 } }}
      >
        {open.label}
      </Button>
      <RowMenu of={title} entries={menu} />
    </Box>
  );
}
