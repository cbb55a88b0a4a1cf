import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState, type ReactNode } from 'react';
import { Link } from 'react-router';
import type { Attempt } from '../api/types';
import { mistakeAddress } from '../mistake/stages';
import { Drawing } from '../paper/Drawing';
import { FindingCard } from '../hand/FindingCard';
import { Legend } from '../hand/Legend';
import { Player } from './Player';
import { clock } from '../ui/time';
import { Counts, PAGE } from './WritingPage';
import { t } from '../words';

/** Only a check that came back, and was said to, ends in the colour of right answers. */
const told = ({ cameBack, said }: NonNullable<Attempt['decision']>) =>
  cameBack && said ? 'success.main' : 'error.main';

/** The right page of an attempt that is handed in: the findings, the true page, the replay. */
export function EndedPage({
  attempt,
  played,
  onPlay,
  head,
}: {
  attempt: Attempt;
  played: number | null;
  onPlay: (to: number | null) => void;
  /** The heading, where the page belongs to something larger. */
  head: ReactNode;
}) {
  const [truth, setTruth] = useState(true);
  const { report } = attempt;
  const unread = attempt.strokes.filter(({ kind }) => kind === 'UNREAD').length;
  if (!report) {
    return (
      <Box sx={PAGE}>
        {head}
        <Box role="status" sx={{ fontSize: 'lead' }}>
          {t('slate.this-page-is-handed-in')}
        </Box>
      </Box>
    );
  }
  return (
    <Box sx={PAGE}>
      {head}
      <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 2 }}>
        <Box component="h2" sx={{ m: 0, fontSize: 'head', flex: 1 }}>
          {attempt.problem}
        </Box>
        <span>{attempt.fromPaper ? t('slate.read-off-paper') : clock(attempt.seconds)}</span>
      </Box>
      <Box role="status" sx={{ display: 'flex', flexWrap: 'wrap', gap: 2.5 }}>
        {attempt.decision && (
          <Box
            sx={{
              flex: '1 0 100%',
              fontSize: 'lead',
              fontWeight: 700,
              color: told(attempt.decision),
            }}
          >
            {attempt.decision.sentence}
          </Box>
        )}
        {report.allRight ? (
          <Box sx={{ fontSize: 'lead', fontWeight: 700, color: 'success.main' }}>
            {attempt.decision
              ? t('slate.every-figure-of-this-page')
              : t('slate.everything-is-right')}
          </Box>
        ) : (
          <Counts report={report} />
        )}
      </Box>
      {report.findings.map((finding, index) => (
        <FindingCard key={index} finding={finding}>
          {finding.slip && (
            <Button
              component={Link}
              to={mistakeAddress(finding.slip, [attempt.sum], finding.squares[0]?.column ?? 0)}
              aria-label={t('marking.show-the-class-a-page', { name: finding.name })}
              sx={{ mt: 0.5 }}
            >
              {t('marking.as-a-lesson')}
            </Button>
          )}
        </FindingCard>
      ))}
      {!report.allRight && <Legend />}
      {report.hints.map((hint) => (
        <Box key={hint} sx={{ color: 'text.secondary' }}>
          {hint}
        </Box>
      ))}
      {attempt.explanation && (
        <Box sx={{ p: 1.5, bgcolor: 'ink.now', borderRadius: 1 }}>
          {t('slate.in-the-writers-own-words', { explanation: attempt.explanation })}
        </Box>
      )}
      {unread > 0 && <Box>{t('slate.squares-could-not-be-read', { unread })}</Box>}
      {/* The order of writing is not known of a page from paper. */}
      {!attempt.fromPaper && (
        <Player count={attempt.strokes.length} played={played} onPlay={onPlay} />
      )}
      <Box>
        <Button aria-pressed={truth} onClick={() => setTruth(!truth)}>
          {t('common.the-true-page')}
        </Button>
      </Box>
      {truth && attempt.truth && (
        <Box sx={{ border: 1, borderColor: 'ink.square', borderRadius: 1, flexShrink: 0 }}>
          <Drawing
            paper={attempt.truth}
            step={Infinity}
            height={260}
            label={t('slate.the-true-page-of', { problem: attempt.problem })}
          />
        </Box>
      )}
    </Box>
  );
}
