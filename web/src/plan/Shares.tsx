import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { api } from '../api/client';
import type { PlanShares } from '../api/types';
import { usePlanChange } from './usePlan';
import { t } from '../words';

const CHOSEN = {
  opener: t('plan.opener'),
  half: t('plan.go-on-with'),
  third: t('plan.a-slip-leads-with'),
} as const;

type Chosen = keyof typeof CHOSEN;

const KEYS = Object.keys(CHOSEN) as Chosen[];

/** The rules of the plan, and the teacher's choices among them. */
export function Shares({ shares }: { shares: PlanShares }) {
  const [percent, setPercent] = useState<Record<Chosen, string>>({
    opener: String(shares.opener),
    half: String(shares.half),
    third: String(shares.third),
  });
  const change = usePlanChange(() =>
    api.setShares({
      opener: Number(percent.opener),
      half: Number(percent.half),
      third: Number(percent.third),
    }),
  );
  const changed = KEYS.some((key) => percent[key] !== String(shares[key]));
  const whole = KEYS.every((key) => percent[key] !== '');
  return (
    <Box component="details">
      <Box component="summary" sx={{ fontSize: 'plain', fontWeight: 700, cursor: 'pointer' }}>
        {t('plan.the-rules-of-the-plan')}
      </Box>
      <Box component="ul" sx={{ my: 0.75, pl: 2.5, fontSize: 'note', lineHeight: 1.4 }}>
        {shares.rules.map((rule) => (
          <li key={rule}>{rule}</li>
        ))}
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'end', gap: 1.5 }}>
        {KEYS.map((key) => (
          <TextField
            key={key}
            label={`${CHOSEN[key]}, %`}
            size="small"
            variant="standard"
            value={percent[key]}
            onChange={(event) =>
              setPercent({ ...percent, [key]: event.target.value.replace(/\D/g, '').slice(0, 3) })
            }
            slotProps={{ htmlInput: { inputMode: 'numeric' } }}
            sx={{ width: 128 }}
          />
        ))}
        <Button
          size="small"
          disabled={!changed || !whole || change.isPending}
          onClick={() => change.mutate()}
        >
          {t('plan.keep')}
        </Button>
      </Box>
    </Box>
  );
}
