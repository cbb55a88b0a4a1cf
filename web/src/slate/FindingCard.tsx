import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Link } from 'react-router';
import type { Report, SumRef } from '../api/types';
import { mistakeAddress } from '../mistake/stages';
import { CARD } from '../ui/card';
import { t } from '../words';

/** A slip with the question that leads back, and its name. */
export function FindingCard({
  finding,
  sum,
}: {
  finding: Report['findings'][number];
  /** The sum of an ended page, from which a lesson can be made. */
  sum?: SumRef;
}) {
  return (
    <Box
      data-testid="finding"
      data-slip={finding.slip}
      sx={{ ...CARD, borderColor: 'error.main', bgcolor: 'ink.slipPage' }}
    >
      <Box sx={{ fontSize: 14.5, fontWeight: 700, color: 'error.main' }}>{finding.where}</Box>
      <Box sx={{ fontSize: 21, lineHeight: 1.3 }}>{finding.question}</Box>
      <Box sx={{ mt: 0.5, fontSize: 15.5 }}>
        {t(finding.others.length > 0 ? 'slate.slip-or-others' : 'slate.slip', {
          name: finding.name,
          others: finding.others.join('; '),
        })}
      </Box>
      {sum && finding.slip && (
        <Button
          component={Link}
          to={mistakeAddress(finding.slip, [sum], finding.squares[0]?.column ?? 0)}
          aria-label={t('marking.show-the-class-a-page', { name: finding.name })}
          sx={{ mt: 0.5 }}
        >
          {t('marking.as-a-lesson')}
        </Button>
      )}
    </Box>
  );
}
