import Box from '@mui/material/Box';
import { useQuery } from '@tanstack/react-query';
import { api } from '../api/client';
import type { SumRef } from '../api/types';
import { Drawing } from '../paper/Drawing';
import { TroubleNote } from '../ui/TroubleNote';
import { AskDialog } from '../ui/AskDialog';
import { t } from '../words';

/** The result of a sum in columns whose last number stands a column too far to the left. */
export default function LinedUp({ sum, onClose }: { sum: SumRef; onClose: () => void }) {
  const { data, error } = useQuery({
    queryKey: ['lined up', sum],
    queryFn: () => api.linedUp(sum),
    retry: false,
  });
  return (
    <AskDialog
      title={t('common.lined-up-wrongly')}
      content={{ sx: { display: 'grid', gap: 2, fontSize: 'head', lineHeight: 1.35 } }}
      onClose={onClose}
    >
      <TroubleNote of={error} />
      {data && (
        <>
          <Drawing paper={data.paper} step={Infinity} height={280} label={data.say} />
          <Box>{data.say}</Box>
        </>
      )}
    </AskDialog>
  );
}
