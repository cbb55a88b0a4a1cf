import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { api } from '../api/client';
import type { SheetFormat, SheetRequest } from '../api/types';
import { LAYOUTS, SQUARES } from '../ui/sheetChoices';
import { useAct } from '../ui/useAct';
import { ChoiceRow, ManyRow } from '../ui/ChoiceRow';
import { open, save } from '../ui/save';
import { useNotice } from '../ui/useNotice';
import { toKeep, type SetDraft } from './draft';
import { SheetPreview } from './SheetPreview';
import { TroubleNote } from '../ui/TroubleNote';
import { AskDialog } from '../ui/AskDialog';
import { t } from '../words';

const KINDS: Record<SheetRequest['kind'], string> = {
  EXERCISES: t('sets.exercises'),
  ANSWERS: t('sets.quick-answers'),
  WALK_THROUGH: t('sets.every-sum-worked'),
  SLIP_KEY: t('sets.slip-key'),
  MARKING_LIST: t('sets.marking-list'),
};

/** Parts that exercises have room for. */
const ROOM = {
  withHeads: t('sets.column-heads'),
  withCheck: t('sets.the-check'),
  withExplanation: t('sets.how-i-did-it'),
  withNewAnswer: t('common.a-new-answer'),
};

/** A set on paper. */
export default function SheetsDialog({ draft, onClose }: { draft: SetDraft; onClose: () => void }) {
  const [kind, setKind] = useState<SheetRequest['kind']>('EXERCISES');
  const [size, setSize] = useState<NonNullable<SheetFormat['size']>>('A4');
  const [square, setSquare] = useState<keyof typeof SQUARES>('7');
  const [layout, setLayout] = useState<NonNullable<SheetFormat['layout']>>('SET_OUT');
  const [room, setRoom] = useState<(keyof typeof ROOM)[]>(['withHeads']);
  const notice = useNotice();
  const title = draft.title.trim() || t('common.set');
  const { sums } = toKeep(draft, title);
  const fileName = (words: string) => words.replaceAll(/[^\p{L}\d]+/gu, '-');
  const called = fileName(`${title} ${draft.version}`);
  const name = fileName(`${title} ${draft.version} ${KINDS[kind]}`);
  const version = draft.versions.length > 1 ? draft.version : undefined;
  const request: SheetRequest = {
    title,
    version,
    sums,
    set: draft.id ?? undefined,
    kind,
    format: { size, square: Number(square), layout },
    extras: {
      withoutHeads: !room.includes('withHeads'),
      withCheck: room.includes('withCheck'),
      withExplanation: room.includes('withExplanation'),
      withNewAnswer: room.includes('withNewAnswer'),
    },
  };
  const make = useAct({
    mutationFn: async (how: 'save' | 'open' | 'table' | 'file') => {
      if (how === 'table' && draft.id !== null) {
        return save(await api.setTable(draft.id, draft.version), `${called}.csv`);
      }
      if (how === 'file' && draft.id !== null) {
        const text = JSON.stringify(await api.setFile(draft.id, draft.version), null, 2);
        return save(new Blob([text], { type: 'application/json' }), `${called}.json`);
      }
      const file = await api.setSheets(request);
      if (how === 'open') {
        open(file);
        return undefined;
      }
      return save(file, `${name}.pdf`);
    },
    onSuccess: (file) => file && notice({ text: t('common.downloaded', { name: file }) }),
  });
  return (
    <AskDialog
      title={t('sets.on-paper', { title })}
      maxWidth="md"
      content={{
        sx: {
          display: 'grid',
          gridTemplateColumns: { md: 'minmax(0, 1fr) 330px' },
          gap: 3,
          alignItems: 'start',
        },
      }}
      onClose={onClose}
    >
      <div>
        <ChoiceRow label={t('common.what')} value={kind} onChoose={setKind} names={KINDS} />
        {kind === 'EXERCISES' && (
          <>
            <ChoiceRow
              label={t('common.each-sum')}
              value={layout}
              onChoose={setLayout}
              names={LAYOUTS}
            />
            <ChoiceRow
              label={t('common.squares-of')}
              value={square}
              onChoose={setSquare}
              names={SQUARES}
            />
            <ManyRow
              label={t('sets.with-room-for')}
              values={room}
              onChoose={setRoom}
              names={ROOM}
            />
          </>
        )}
        <ChoiceRow
          label={t('common.sheet')}
          value={size}
          onChoose={setSize}
          names={{ A4: 'A4', LETTER: t('common.letter') }}
        />
        <Box sx={{ display: 'flex', gap: 1, mt: 1.5 }}>
          <Button variant="contained" disabled={make.isPending} onClick={() => make.mutate('save')}>
            {make.isPending ? t('common.making-it') : t('common.download-pdf')}
          </Button>
          <Button disabled={make.isPending} onClick={() => make.mutate('open')}>
            {t('common.open-it-to-print')}
          </Button>
        </Box>
        {draft.id !== null && (
          <>
            <Box component="h3" sx={{ fontSize: 'plain', mt: 3, mb: 0 }}>
              {t('sets.as-a-file-as-it')}
            </Box>
            <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 1.5 }}>
              <Button onClick={() => make.mutate('table')}>
                {t('sets.table-of-its-sums-csv')}
              </Button>
              <Button onClick={() => make.mutate('file')}>{t('sets.set-to-read-in-again')}</Button>
            </Box>
          </>
        )}
        <TroubleNote of={make.error} />
      </div>
      <SheetPreview request={request} />
    </AskDialog>
  );
}
