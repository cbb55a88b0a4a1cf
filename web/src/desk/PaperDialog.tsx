import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState, type ReactNode } from 'react';
import { api } from '../api/client';
import type { PdfRequest, Working } from '../api/types';
import { useAct } from '../ui/useAct';
import { ChoiceRow } from '../ui/ChoiceRow';
import { open, save } from '../ui/save';
import { useNotice } from '../ui/useNotice';
import { allSteps } from '../session/deskReducer';
import { TroubleNote } from '../ui/TroubleNote';
import { AskDialog } from '../ui/AskDialog';
import { t } from '../words';

type Kind = PdfRequest['kind'];

const KINDS: Record<Kind, string> = {
  PAGE: t('desk.the-page-finished'),
  STRIP: t('desk.a-strip-of-frames'),
  BLANK: t('desk.unworked-to-fill-in'),
};

/** The page on paper and in files. */
export default function PaperDialog({
  working,
  step,
  onClose,
}: {
  working: Working;
  step: number;
  onClose: () => void;
}) {
  const [kind, setKind] = useState<Kind>('PAGE');
  const [size, setSize] = useState<NonNullable<PdfRequest['size']>>('A4');
  const [per, setPer] = useState<NonNullable<PdfRequest['per']>>('COLUMN');
  const [frames, setFrames] = useState(6);
  const notice = useNotice();
  const { problem, sum } = working;
  const name = `${sum.plain} ${sum.method}`.replaceAll(/[^\p{L}\d.]+/gu, '-');
  const pdf = () => api.pdf({ sum, kind, size, per, frames });
  const make = useAct({
    mutationFn: async (what: 'pdf' | 'print' | 'svg' | 'json') => {
      switch (what) {
        case 'pdf':
          return save(await pdf(), `${name}.pdf`);
        case 'print':
          open(await pdf());
          return undefined;
        case 'svg':
          return save(await api.svg(sum, step), `${name}.svg`);
        case 'json': {
          const file = JSON.stringify(await api.pageFile(sum), null, 2);
          return save(new Blob([file], { type: 'application/json' }), `${name}.json`);
        }
      }
    },
    onSuccess: (file) => file && notice({ text: t('common.downloaded', { name: file }) }),
  });
  const copy = async () => {
    const lines = allSteps(working).map(({ section, say }) => `${section}: ${say}`);
    try {
      await navigator.clipboard.writeText([problem, ...lines, working.check.verdict].join('\n'));
      notice({ text: t('desk.all-steps-are-copied') });
    } catch {
      notice({ text: t('desk.the-browser-did-not-let') });
    }
  };
  return (
    <AskDialog title={t('desk.on-paper', { problem })} onClose={onClose}>
      <ChoiceRow label={t('common.what')} value={kind} onChoose={setKind} names={KINDS} />
      {kind === 'STRIP' && (
        <>
          <ChoiceRow
            label={t('desk.a-frame-for-each')}
            value={per}
            onChoose={setPer}
            names={{ COLUMN: t('desk.frame-column'), STEP: t('desk.frame-step') }}
          />
          <ChoiceRow
            label={t('desk.frames-on-a-sheet')}
            value={String(frames)}
            onChoose={(value) => setFrames(Number(value))}
            names={{ '4': '4', '6': '6', '9': '9' }}
          />
        </>
      )}
      <ChoiceRow
        label={t('common.sheet')}
        value={size}
        onChoose={setSize}
        names={{ A4: 'A4', LETTER: t('common.letter') }}
      />
      <Row>
        <Button variant="contained" disabled={make.isPending} onClick={() => make.mutate('pdf')}>
          {make.isPending ? t('common.making-it') : t('common.download-pdf')}
        </Button>
        <Button disabled={make.isPending} onClick={() => make.mutate('print')}>
          {t('common.open-it-to-print')}
        </Button>
      </Row>
      <TroubleNote of={make.error} />
      <Box component="h3" sx={{ fontSize: 'plain', mt: 3, mb: 0 }}>
        {t('desk.as-it-is-on-the')}
      </Box>
      <Row>
        <Button
          onClick={() => {
            onClose();
            // The dialog must have gone before the page is taken.
            setTimeout(() => window.print(), 300);
          }}
        >
          {t('desk.print-this-view')}
        </Button>
        <Button onClick={() => make.mutate('svg')}>{t('desk.picture-of-this-step-svg')}</Button>
        <Button onClick={() => make.mutate('json')}>{t('desk.page-to-read-in-again')}</Button>
        <Button onClick={() => void copy()}>{t('desk.copy-all-steps')}</Button>
      </Row>
    </AskDialog>
  );
}

function Row({ children }: { children: ReactNode }) {
  return <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 1.5 }}>{children}</Box>;
}
