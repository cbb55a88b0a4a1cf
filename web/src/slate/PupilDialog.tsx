import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from '../api/client';
import type { SumRef } from '../api/types';
import { SquaredPage } from '../paper/SquaredPage';
import { asPaper } from '../hand/asPaper';
import { FindingCard } from '../hand/FindingCard';
import { Player } from './Player';
import { marksAfter } from '../hand/strokes';
import { VerdictMarks } from '../hand/VerdictMarks';
import { TroubleNote } from '../ui/TroubleNote';
import { AskDialog } from '../ui/AskDialog';
import { t } from '../words';

/** A simulated pupil: choose slips, watch the page being written, read the judge's report. */
export default function PupilDialog({ sum, onClose }: { sum: SumRef; onClose: () => void }) {
  const [chosen, setChosen] = useState<string[]>([]);
  const [played, setPlayed] = useState<number | null>(null);
  const slips = useQuery({
    queryKey: ['slips', sum],
    queryFn: () => api.slips(sum),
  });
  const page = useQuery({
    queryKey: ['pupil', sum, chosen],
    queryFn: () => api.pupil(sum, chosen),
  });
  const { data } = page;
  const marks = data ? marksAfter(data.strokes.slice(0, played ?? data.strokes.length)) : [];
  return (
    <AskDialog
      title={t('slate.a-simulated-pupil-works', { plain: sum.plain })}
      maxWidth="lg"
      content={{
        sx: { display: 'grid', gridTemplateColumns: { md: '3fr 2fr' }, gap: 2, minHeight: 420 },
      }}
      onClose={onClose}
    >
      <Box sx={{ minHeight: 380, border: 1, borderColor: 'ink.square', borderRadius: 1 }}>
        {data && (
          <SquaredPage
            label={t('slate.simulated-page')}
            layers={[
              { paper: data.paper, step: Infinity, boxless: true },
              { paper: asPaper(marks, data.paper.extent, data.paper), step: 0 },
            ]}
            overlay={played === null && <VerdictMarks report={data.report} />}
          />
        )}
      </Box>
      <Box sx={{ display: 'flex', flexDirection: 'column', gap: 1.5, minWidth: 0 }}>
        <Box
          role="group"
          aria-label={t('common.slips')}
          sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75 }}
        >
          {slips.data?.map(({ id, name }) => (
            <Button
              key={id}
              aria-pressed={chosen.includes(id)}
              onClick={() => {
                setPlayed(null);
                setChosen(
                  chosen.includes(id) ? chosen.filter((each) => each !== id) : [...chosen, id],
                );
              }}
              sx={{ minHeight: 34, px: 1.25, fontSize: 'note' }}
            >
              {name}
            </Button>
          ))}
        </Box>
        {data && <Player count={data.strokes.length} played={played} onPlay={setPlayed} />}
        <Box aria-live="polite">
          {data?.report.findings.map((finding, index) => (
            <FindingCard key={index} finding={finding} />
          ))}
          {data?.report.allRight && (
            <Box sx={{ fontWeight: 700, color: 'success.main' }}>
              {t('slate.everything-is-right')}
            </Box>
          )}
        </Box>
        <TroubleNote of={page.error ?? slips.error} />
      </Box>
    </AskDialog>
  );
}
