import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import type { Range, Recipe } from '../api/types';
import { counted } from './sentence';
import { t } from '../words';

/** The two ends of a range; a range that holds nothing is not taken. */
export function RangeFields({
  range,
  least,
  open,
  onChange,
}: {
  range: Range;
  /** The smallest count there is. */
  least: number;
  /** Whether the range may have no end. */
  open?: boolean;
  onChange: (range: Range) => void;
}) {
  const [from, setFrom] = useState(String(range.from ?? least));
  const [to, setTo] = useState(range.to === undefined ? '' : String(range.to));
  const fault = faultOf(from, to, least, open);
  const type = (from: string, to: string) => {
    setFrom(from);
    setTo(to);
    if (!faultOf(from, to, least, open)) {
      onChange({ from: counted(from), to: counted(to) });
    }
  };
  return (
    <Box>
      <Box sx={{ display: 'flex', gap: 1.5 }}>
        <TextField
          label={t('sets.from')}
          value={from}
          onChange={(event) => type(event.target.value, to)}
          autoFocus
          slotProps={{ htmlInput: { inputMode: 'numeric', size: 10 } }}
        />
        <TextField
          label={open ? t('sets.to-if-it-ends') : t('sets.to')}
          value={to}
          onChange={(event) => type(from, event.target.value)}
          slotProps={{ htmlInput: { inputMode: 'numeric', size: 10 } }}
        />
      </Box>
      <Box role="alert" sx={{ minHeight: 22, mt: 0.5, fontSize: 'note', color: 'error.main' }}>
        {fault}
      </Box>
    </Box>
  );
}

function faultOf(from: string, to: string, least: number, open?: boolean): string | undefined {
  const first = counted(from);
  const last = to === '' && open ? Infinity : counted(to);
  if (first === undefined || last === undefined || first < least) {
    return t('sets.type-whole-numbers-from-on', { least });
  }
  return last < first ? t('sets.the-second-number-is-smaller') : undefined;
}

/** How many figures a number has, and which. */
export function SizeFields({
  size,
  onChange,
}: {
  size: Recipe['numbers'][number];
  onChange: (size: Recipe['numbers'][number]) => void;
}) {
  const [of, setOf] = useState(size.of ?? '');
  const isFine = /^[0-9]{0,10}$/.test(of);
  return (
    <Box sx={{ display: 'grid', gap: 1 }}>
      <Box sx={{ fontWeight: 700 }}>{t('sets.figures')}</Box>
      <RangeFields
        range={size.figures}
        least={1}
        onChange={(figures) => onChange({ ...size, figures })}
      />
      <TextField
        label={t('sets.made-of-empty-all-figures')}
        value={of}
        error={!isFine}
        helperText={isFine ? undefined : t('sets.name-figures-only-as-in')}
        onChange={({ target: { value } }) => {
          setOf(value);
          if (/^[0-9]{0,10}$/.test(value)) {
            onChange({ ...size, of: value === '' ? undefined : value });
          }
        }}
      />
    </Box>
  );
}
