import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { api } from '../api/client';
import type { SheetFormat } from '../api/types';
import { ChoiceRow, ManyRow } from '../ui/ChoiceRow';
import { open } from '../ui/save';
import { LAYOUTS, SQUARES } from '../ui/sheetChoices';
import { useAct } from '../ui/useAct';
import { TroubleNote } from '../ui/TroubleNote';
import { t } from '../words';

/** Parts that may be added to the sheets. */
const MORE = {
  withNames: t('marking.names'),
  withNewAnswer: t('common.a-new-answer'),
  withFigures: t('marking.figures-0-to-9'),
};

/** The sheets of a handout to be filled in, one for each pupil. */
export function PupilSheets({ handout }: { handout: number }) {
  const [square, setSquare] = useState<keyof typeof SQUARES>('10');
  const [layout, setLayout] = useState<NonNullable<SheetFormat['layout']>>('LINE');
  const [more, setMore] = useState<(keyof typeof MORE)[]>([]);
  const print = useAct({
    mutationFn: async () =>
      open(
        await api.pupilSheets(handout, {
          format: { square: Number(square), layout },
          extras: {
            withNewAnswer: more.includes('withNewAnswer'),
            withFigures: more.includes('withFigures'),
          },
          withNames: more.includes('withNames'),
        }),
      ),
  });
  return (
    <div>
      <Box component="h3" sx={{ m: 0, mb: 1, fontSize: 'said' }}>
        {t('marking.sheets-to-fill-in')}
      </Box>
      <ChoiceRow label={t('common.each-sum')} value={layout} onChoose={setLayout} names={LAYOUTS} />
      <ChoiceRow
        label={t('common.squares-of')}
        value={square}
        onChoose={setSquare}
        names={SQUARES}
      />
      <ManyRow label={t('marking.with')} values={more} onChoose={setMore} names={MORE} />
      {more.includes('withFigures') && (
        <Box sx={{ mb: 1, color: 'text.secondary' }}>{t('marking.what-figures-are-for')}</Box>
      )}
      <Button disabled={print.isPending} onClick={() => print.mutate()}>
        {print.isPending ? t('common.making-it') : t('marking.a-sheet-for-each-pupil')}
      </Button>
      <Box sx={{ mt: 1, color: 'text.secondary' }}>
        {t('marking.each-carries-its-pupils-number')}
      </Box>
      <TroubleNote of={print.error} />
    </div>
  );
}
