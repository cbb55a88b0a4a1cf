import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from '../api/client';
import { dayAfter, dayInFull, today } from '../ui/days';
import { DayField } from '../ui/DayField';
import { useAct } from '../ui/useAct';
import { useNotice } from '../ui/useNotice';
import { AskDialog } from '../ui/AskDialog';
import { t } from '../words';

/** About as long as a term still goes on. */
const WEEKS = 8;

/** Whether pictures are kept once their answers are taken, and for how long. */
export function KeepUntil({
  day,
  onDay,
}: {
  /** Left out where they are not. */
  day?: string;
  onDay: (day?: string) => void;
}) {
  return (
    <>
      <FormControlLabel
        control={
          <Checkbox
            checked={day !== undefined}
            onChange={(_event, on) => onDay(on ? dayAfter(today(), WEEKS * 7) : undefined)}
          />
        }
        label={t('scan.keep-the-pictures')}
      />
      {day !== undefined && (
        <DayField
          label={t('scan.kept-until')}
          value={day}
          onChange={(to) => onDay(to || undefined)}
          labelled={false}
        />
      )}
    </>
  );
}

const keptOf = (handout: number) => ({
  queryKey: ['kept-sheets', handout],
  queryFn: () => api.keptSheets(handout),
});

/** The pictures that are kept of a handout, and the way to delete them before their day. */
export function KeptSheets({ handout }: { handout: number }) {
  const kept = useQueryClient();
  const notice = useNotice();
  const { data } = useQuery(keptOf(handout));
  const [asked, setAsked] = useState(false);
  const remove = useAct({
    mutationFn: () => api.deleteKeptSheets(handout),
    onSuccess: () => {
      setAsked(false);
      return kept.invalidateQueries({ queryKey: ['kept-sheets', handout] });
    },
    onError: (trouble) => notice({ text: trouble.message }),
  });
  const last = data?.map(({ until }) => until).sort()[data.length - 1];
  if (!data || last === undefined) {
    return null;
  }
  return (
    <Box sx={{ display: 'grid', gap: 1 }}>
      <Box>{t('scan.pictures-are-kept', { sheets: data.length, day: dayInFull(last) })}</Box>
      <Box>
        <Button size="small" onClick={() => (asked ? remove.mutate() : setAsked(true))}>
          {asked ? t('scan.yes-delete-the-pictures') : t('scan.delete-the-pictures-now')}
        </Button>
      </Box>
    </Box>
  );
}

/** The sheets of a pupil that are kept, one press away. */
export function SheetOf({ handout, pupil }: { handout: number; pupil: number }) {
  const { data } = useQuery(keptOf(handout));
  const [open, setOpen] = useState(false);
  const own = data?.filter((each) => each.pupil === pupil) ?? [];
  if (own.length === 0) {
    return null;
  }
  return (
    <>
      <Button aria-haspopup="dialog" onClick={() => setOpen(true)}>
        {t('scan.the-sheet-as-it-came-back')}
      </Button>
      {open && (
        <AskDialog
          title={t('scan.the-sheet-as-it-came-back')}
          maxWidth="md"
          content={{ role: 'region', tabIndex: 0 }}
          onClose={() => setOpen(false)}
        >
          {own.map(({ page }) => (
            <Box
              key={page}
              component="img"
              src={`/api/scans/kept/${page}?handout=${handout}`}
              alt={t('scan.the-sheet-as-it-came-back')}
              sx={{ display: 'block', width: '100%' }}
            />
          ))}
        </AskDialog>
      )}
    </>
  );
}
