import Box from '@mui/material/Box';
import type { ReactNode } from 'react';
import type { Report } from '../api/types';
import { CARD } from '../ui/card';
import { t } from '../words';

/** A slip with the question that leads back, and its name. */
export function FindingCard({
  finding,
  children,
}: {
  finding: Report['findings'][number];
  /** Actions that the finding offers. */
  children?: ReactNode;
}) {
  return (
    <Box
      data-testid="finding"
      data-slip={finding.slip}
      sx={{ ...CARD, borderColor: 'error.main', bgcolor: 'ink.slipPage' }}
    >
      <Box sx={{ fontSize: 'note', fontWeight: 700, color: 'error.main' }}>{finding.where}</Box>
      <Box sx={{ fontSize: 'lead', lineHeight: 1.3 }}>{finding.question}</Box>
      <Box sx={{ mt: 0.5, fontSize: 'plain' }}>
        {t(finding.others.length > 0 ? 'slate.slip-or-others' : 'slate.slip', {
          name: finding.name,
          others: finding.others.join('; '),
        })}
      </Box>
      {children}
    </Box>
  );
}
