import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import { memo, useState } from 'react';
import { api } from '../api/client';
import type { Working } from '../api/types';
import { deferred } from '../ui/deferred';
import { useDeskTools } from '../session/deskContext';
import { MenuButton } from '../ui/MenuButton';
import type { Entry } from '../ui/MenuEntries';
import { t } from '../words';

const ElsewhereDialog = deferred(() => import('./ElsewhereDialog'));

/** How this page is checked, and checking a working done elsewhere. */
export const CheckLine = memo(function CheckLine({ working }: { working: Working }) {
  const { workAnew, setOut } = useDeskTools();
  const [asked, setAsked] = useState(false);
  const [elsewhere, setElsewhere] = useState(false);
  const { check, sum, finer } = working;
  const ways = useQuery({
    queryKey: ['check ways', sum],
    queryFn: () => api.checkWays(sum),
    enabled: asked,
    staleTime: Infinity,
  });
  const toChoose: Entry[] = ways.isError
    ? [{ key: 'trouble', name: ways.error.message }]
    : (ways.data ?? []).map(({ value, name, steps: count, strength }) => ({
        key: value,
        name,
        aside: [t('desk.steps', { steps: count }), strength].filter(Boolean).join(' · '),
        selected: value === check.choice,
        onChoose: () => workAnew({ ...sum, check: value }),
      }));
  const steps = STEPS.map(({ checkSteps, name }, at) => ({
    key: checkSteps,
    name,
    selected: checkSteps === sum.style?.checkSteps,
    isBelowLine: at === 0 && toChoose.length > 0,
    onChoose: () => workAnew({ ...sum, style: { ...sum.style, checkSteps } }),
  }));
  return (
    <Box
      sx={{
        order: { xs: 3, md: 0 },
        flexShrink: 0,
        display: 'flex',
        flexWrap: 'wrap',
        alignItems: 'center',
        gap: 1,
      }}
    >
      <MenuButton
        title={check.about}
        onOpen={() => setAsked(true)}
        entries={() => (ways.isPending ? undefined : [...toChoose, ...steps])}
        sx={SMALL}
      >
        {t('desk.check', { way: check.way })}
      </MenuButton>
      {finer && (
        <Button onClick={() => setOut({ ...sum, plain: finer.plain })} sx={SMALL}>
          {finer.name}
        </Button>
      )}
      <Button onClick={() => setElsewhere(true)} sx={SMALL}>
        {t('desk.check-my-working')}
      </Button>
      {elsewhere && <ElsewhereDialog working={working} onClose={() => setElsewhere(false)} />}
    </Box>
  );
});

/**
 * The choices for a class that knows how to check: the result of each sum, and whether it comes
 * back.
 */
const STEPS = [
  { checkSteps: 'EACH_FIGURE', name: t('desk.a-step-for-each-figure') },
  { checkSteps: 'EACH_SUM', name: t('desk.a-step-for-each-sum') },
] as const;

const SMALL = { minHeight: 32, px: 1.25, fontSize: 'note' };
