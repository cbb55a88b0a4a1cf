import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import type { LessonPart } from '../api/types';
import { useLadder } from '../session/ladder';
import { useGroups } from '../session/groups';
import { PARTS, type PartSent } from './days';
import { t } from '../words';

const KINDS = Object.keys(PARTS) as LessonPart['kind'][];

/** How many sums a part begins with. */
const FIRST_SUMS = 2;

/** One part more for a lesson, with sums of any rung. */
export function AddPart({
  rung: own,
  busy,
  onAdd,
}: {
  /** The topic of the lesson. */
  rung: string;
  busy: boolean;
  onAdd: (part: PartSent) => void;
}) {
  const { rungs } = useLadder();
  const [kind, setKind] = useState<LessonPart['kind']>('PRACTISE');
  const [rung, setRung] = useState(own);
  const { groups } = useGroups();
  const [whom, setWhom] = useState<number>();
  const pupils = groups.find(({ id }) => id === whom)?.pupils ?? [];
  const found = rungs?.find(({ id }) => id === rung);
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 1 }}>
      <TextField
        select
        size="small"
        variant="standard"
        value={kind}
        onChange={(event) => setKind(event.target.value as LessonPart['kind'])}
        slotProps={{ htmlInput: { 'aria-label': t('plan.what-the-new-part-is') } }}
      >
        {KINDS.map((each) => (
          <MenuItem key={each} value={each}>
            {PARTS[each]}
          </MenuItem>
        ))}
      </TextField>
      <TextField
        select
        size="small"
        variant="standard"
        value={found ? rung : ''}
        onChange={(event) => setRung(event.target.value)}
        slotProps={{ htmlInput: { 'aria-label': t('plan.rung-of-the-new-part') } }}
        sx={{ flex: '1 1 150px', minWidth: 0 }}
      >
        {rungs?.map(({ id, name, operationName }) => (
          <MenuItem key={id} value={id}>
            {operationName}: {name}
          </MenuItem>
        ))}
      </TextField>
      {groups.length > 0 && (
        <TextField
          select
          size="small"
          variant="standard"
          value={whom ?? ''}
          onChange={(event) =>
            setWhom(event.target.value === '' ? undefined : Number(event.target.value))
          }
          slotProps={{
            select: { displayEmpty: true },
            htmlInput: { 'aria-label': t('plan.whom-the-new-part-is-for') },
          }}
        >
          <MenuItem value="">{t('plan.for-everybody')}</MenuItem>
          {groups.map(({ id, name }) => (
            <MenuItem key={id} value={id}>
              {name}
            </MenuItem>
          ))}
        </TextField>
      )}
      <Button
        size="small"
        disabled={!found || busy}
        onClick={() =>
          found &&
          onAdd({ kind, lines: [{ rung, method: found.method, count: FIRST_SUMS }], pupils })
        }
      >
        {t('plan.add-a-part')}
      </Button>
    </Box>
  );
}
