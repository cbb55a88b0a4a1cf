import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ListSubheader from '@mui/material/ListSubheader';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import type { Pupil, Register } from '../api/types';
import { OPERATIONS, rungsUpTo } from './standings';
import { useDecide } from './useDecide';
import { t } from '../words';

/** Decides in one press that a pupil is sure of an operation up to a rung. */
export function SureUpTo({ register, pupil }: { register: Register; pupil: Pupil }) {
  const [rung, setRung] = useState('');
  const decide = useDecide(register);
  const rungs = rungsUpTo(register, rung);
  return (
    <Box sx={{ display: 'flex', gap: 1, alignItems: 'center' }}>
      <TextField
        select
        size="small"
        label={t('register.sure-of-all-up-to')}
        value={rung}
        onChange={({ target }) => setRung(target.value)}
        sx={{ flex: 1, minWidth: 0 }}
      >
        {register.rungs.map(({ id, name, operation }, place) => [
          register.rungs[place - 1]?.operation !== operation && (
            <ListSubheader key={operation}>{OPERATIONS[operation]}</ListSubheader>
          ),
          <MenuItem key={id} value={id}>
            {name}
          </MenuItem>,
        ])}
      </TextField>
      <Button
        disabled={rungs.length === 0 || decide.isPending}
        onClick={() =>
          decide.mutate(rungs.map(({ id }) => ({ pupil: pupil.id, rung: id, standing: 'SURE' })))
        }
      >
        {t('register.decide')}
      </Button>
    </Box>
  );
}
