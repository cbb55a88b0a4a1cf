import TextField from '@mui/material/TextField';
import { useQuery } from '@tanstack/react-query';
import { api } from '../api/client';
import { useCurrentClass } from './classes';
import { LONGEST_NAME } from '../ui/names';
import { t } from '../words';

const NAMES = 'pupils-of-the-class';

/** The writer: any name, with those of the class to choose from. */
export function WhoField({ value, onChange }: { value: string; onChange: (name: string) => void }) {
  const classId = useCurrentClass()?.id;
  const { data: roll } = useQuery({ queryKey: ['roll', classId], queryFn: api.roll });
  return (
    <>
      <TextField
        label={t('session.who-works-it-optional')}
        value={value}
        onChange={(event) => onChange(event.target.value)}
        fullWidth
        slotProps={{ htmlInput: { autoComplete: 'off', maxLength: LONGEST_NAME, list: NAMES } }}
      />
      <datalist id={NAMES}>
        {roll
          ?.filter(({ left }) => !left)
          .map(({ id, name }) => (
            <option key={id} value={name} />
          ))}
      </datalist>
    </>
  );
}
