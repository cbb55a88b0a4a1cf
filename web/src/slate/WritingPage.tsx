import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState, type ReactNode } from 'react';
import { api } from '../api/client';
import type { Attempt, Hint, Report } from '../api/types';
import { Clock } from '../hand/Clock';
import { Keys } from '../hand/Keys';
import { useAct } from '../ui/useAct';
import { CARD } from '../ui/card';
import { Kbd } from '../ui/Kbd';
import { FindingCard } from '../hand/FindingCard';
import { Legend } from '../hand/Legend';
import { TroubleNote } from '../ui/TroubleNote';
import { t } from '../words';

/** The right page of an attempt in work: the judge's report, help, and the keys. */
export function WritingPage({
  attempt,
  head,
  pausedMillis,
  report,
  hint,
  onHint,
  stuck,
  pending,
  aids,
  onAids,
  onWrite,
  onAct,
}: {
  attempt: Attempt;
  /** The heading, where the page belongs to something larger. */
  head: ReactNode;
  /** How long its writer was away from it. */
  pausedMillis: number;
  report: Report | undefined;
  hint: Hint | null;
  onHint: (hint: Hint) => void;
  /** Whether some writing is not kept yet. */
  stuck: boolean;
  /** Whether a number is being typed that may go on. */
  pending: boolean;
  aids: boolean;
  onAids: (on: boolean) => void;
  onWrite: (sign: string, small: boolean) => void;
  onAct: (key: string) => void;
}) {
  const [depth, setDepth] = useState(1);
  const help = useAct({
    mutationFn: (deep: number) => api.hint(attempt.id, deep),
    onSuccess: onHint,
  });
  const telling = attempt.telling === 'AS_I_GO';
  const finding = report?.findings[0];
  return (
    <Box sx={PAGE}>
      {head}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 1.5 }}>
        <Box component="h2" sx={{ m: 0, fontSize: 'head', flex: 1 }}>
          {attempt.problem}
        </Box>
        <Box sx={{ color: 'text.secondary' }}>
          {attempt.silent
            ? t('slate.at-the-end-of-the')
            : telling
              ? t('slate.tell-me-as-i-go')
              : t('slate.when-i-hand-in')}
        </Box>
      </Box>
      {attempt.mends !== undefined && (
        <Box sx={{ color: 'text.secondary' }}>{t('slate.what-stood-on-the-earlier')}</Box>
      )}
      {attempt.checkOf !== undefined && (
        <Box sx={{ color: 'text.secondary' }}>{t('slate.this-is-the-check-it')}</Box>
      )}
      <Box
        aria-live="polite"
        data-testid="judge"
        sx={{ flexShrink: 0, minHeight: { xs: 0, md: 92 } }}
      >
        {hint ? (
          <Box sx={{ ...CARD, borderColor: 'ink.nowEdge', bgcolor: 'ink.now' }}>
            <Box sx={{ fontSize: 'head', lineHeight: 1.3 }}>{hint.text}</Box>
          </Box>
        ) : (
          (finding && <FindingCard finding={finding} />) ||
          (pending && <Box sx={{ color: 'text.secondary' }}>{t('slate.next-ends-the-number')}</Box>)
        )}
      </Box>
      {telling && (
        <Box sx={{ order: { xs: 1, md: 0 } }}>
          <Legend />
        </Box>
      )}
      <Keys onWrite={onWrite} onAct={onAct} />
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        {!attempt.silent && (
          <>
            <Button
              onClick={() => {
                help.mutate(depth);
                setDepth(depth === 1 ? 2 : 1);
              }}
            >
              {depth === 1 ? t('slate.hint') : t('slate.more-of-a-hint')}
            </Button>
            <Button onClick={() => help.mutate(3)}>{t('slate.show-this-column')}</Button>
          </>
        )}
        <Button
          aria-pressed={aids}
          title={t('slate.whether-the-cursor-stops-at')}
          onClick={() => onAids(!aids)}
        >
          {t('slate.stop-at-small-figures')}
          <Kbd>S</Kbd>
        </Button>
      </Box>
      <TroubleNote of={help.error} />
      <Box sx={{ flex: 1 }} />
      {stuck && <NotKept what={t('common.not-kept-yet')} />}
      <Box sx={{ display: 'flex', gap: 2.5, pt: 1, borderTop: 1, borderColor: 'divider' }}>
        {telling && report && <Counts report={report} />}
        <Box sx={{ ml: 'auto' }}>
          <Clock since={Date.parse(attempt.begunAt) + pausedMillis} />
        </Box>
      </Box>
    </Box>
  );
}

const COUNTED = {
  right: 'common.right',
  slips: 'slate.count-slips',
  follows: 'slate.count-follows',
} as const;

export function Counts({ report }: { report: Report }) {
  return (
    <>
      {(['right', 'slips', 'follows'] as const).map((what) => (
        <span key={what}>
          <Box component="strong" sx={{ fontSize: 'lead' }}>
            {report[what]}
          </Box>{' '}
          {t(COUNTED[what], { count: report[what] })}
        </span>
      ))}
    </>
  );
}

/** Says that the app does not answer, and what waits for it. */
export function NotKept({ what }: { what: string }) {
  return (
    <Box role="status" sx={{ color: 'text.secondary' }}>
      {t('slate.bemble-does-not-answer-or', { what })}
    </Box>
  );
}

export const PAGE = {
  height: '100%',
  overflow: 'auto',
  display: 'flex',
  flexDirection: 'column',
  gap: 1.75,
  px: { xs: 2, md: 3.5 },
  pt: { xs: 1.5, md: 2.5 },
  pb: { xs: 0.75, md: 1.5 },
} as const;
