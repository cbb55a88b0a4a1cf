import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from '../api/client';
import type { Working } from '../api/types';
import { t } from '../words';
import { AskDialog } from '../ui/AskDialog';
import { useAct } from '../ui/useAct';

/** Checks a working of the same sum that was done elsewhere, and holds a calculator against it. */
export default function ElsewhereDialog({
  working,
  onClose,
}: {
  working: Working;
  onClose: () => void;
}) {
  const { problem, sum } = working;
  const [typed, setTyped] = useState<Record<string, string>>({});
  const lines = useQuery({
    queryKey: ['lines', sum],
    queryFn: () => api.workingLines(sum),
    staleTime: Infinity,
  });
  const check = useAct({ mutationFn: () => api.checkWorking(sum, typed) });
  const calculator = useAct({ mutationFn: () => api.calculate(sum) });
  const finding = check.data;
  return (
    <AskDialog
      title={t('desk.check-my-working-of', { problem })}
      back={t('common.close')}
      does={{ label: t('desk.check-it'), isOff: check.isPending, run: check.mutate }}
      onClose={onClose}
    >
      <Box sx={{ mb: 2, color: 'text.secondary' }}>{t('desk.type-the-answer-and-as')}</Box>
      <Box
        sx={{
          display: 'grid',
          gap: 1.5,
          gridTemplateColumns: 'repeat(auto-fill, minmax(180px, 1fr))',
          pt: 0.5,
        }}
      >
        {lines.data?.map(({ key, name }) => (
          <TextField
            key={key}
            size="small"
            label={name}
            value={typed[key] ?? ''}
            error={finding?.wrong === key}
            onChange={(event) => {
              setTyped({ ...typed, [key]: event.target.value });
              check.reset();
            }}
            slotProps={{ htmlInput: { inputMode: 'decimal', autoComplete: 'off' } }}
          />
        ))}
      </Box>
      <Box aria-live="polite" data-testid="finding" sx={{ mt: 2, minHeight: 72 }}>
        {check.isError && <Box sx={{ p: 1.5, bgcolor: 'ink.slipPage' }}>{check.error.message}</Box>}
        {finding && (
          <Box
            sx={{
              p: 1.5,
              fontSize: 'said',
              borderLeft: 6,
              borderColor: finding.wrong ? 'error.main' : 'success.main',
              bgcolor: finding.wrong ? 'ink.slipPage' : 'transparent',
            }}
          >
            {finding.sentence}
            {finding.follows && <Box sx={{ mt: 0.5 }}>{finding.follows}</Box>}
          </Box>
        )}
      </Box>
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 1.5, mt: 2 }}>
        <Button onClick={() => calculator.mutate()}>{t('desk.calculator')}</Button>
        <Box data-testid="calculator" sx={{ fontSize: 'said' }}>
          {calculator.isError && calculator.error.message}
          {calculator.data && `${problem} = ${calculator.data.text}`}
        </Box>
      </Box>
    </AskDialog>
  );
}
