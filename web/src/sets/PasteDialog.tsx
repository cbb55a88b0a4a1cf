import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { api } from '../api/client';
import type { SetSum } from '../api/types';
import { useAct } from '../ui/useAct';
import { FileButton } from '../ui/FileButton';
import { useDraft } from '../ui/useDraft';
import { AskDialog } from '../ui/AskDialog';
import { t } from '../words';

/** Sums typed or pasted, one to a line; lines that are none are named, and the others can be taken. */
export default function PasteDialog({
  onClose,
  onTake,
}: {
  onClose: () => void;
  onTake: (sums: SetSum[]) => void;
}) {
  const [text, setText, forget] = useDraft('pasted sums');
  const take = (sums: SetSum[]) => {
    onTake(sums);
    forget();
    onClose();
  };
  const read = useAct({
    mutationFn: async (file?: File) =>
      file ? api.tableSums(await file.text()) : api.typedSums(text),
    onSuccess: ({ sums, bad }) => bad.length === 0 && take(sums),
  });
  const { bad = [], sums = [] } = read.data ?? {};
  return (
    <AskDialog
      title={t('sets.sums-of-your-own')}
      content={{ sx: { display: 'grid', gap: 2, pt: '8px !important' } }}
      trouble={read.error}
      more={
        <>
          <FileButton
            label={t('sets.table-of-sums')}
            accept="text/csv,.csv"
            onFile={(file) => read.mutate(file)}
          >
            {t('sets.read-a-table-in-csv')}
          </FileButton>
          {bad.length > 0 && sums.length > 0 && (
            <Button onClick={() => take(sums)}>
              {t('sets.take-the-others', { sums: sums.length })}
            </Button>
          )}
        </>
      }
      does={{
        label: t('sets.take-them'),
        isOff: text.trim() === '' || read.isPending,
        run: () => read.mutate(undefined),
      }}
      onClose={onClose}
    >
      <TextField
        label={t('sets.one-sum-to-a-line')}
        value={text}
        onChange={(event) => {
          setText(event.target.value);
          read.reset();
        }}
        multiline
        minRows={6}
        maxRows={14}
        autoFocus
      />
      {bad.length > 0 && (
        <Box role="alert" sx={{ p: 1, bgcolor: 'ink.slipPage' }}>
          {bad.map(({ line, text: typed, sentence }) => (
            <Box key={line}>{t('sets.line', { line, typed, sentence })}</Box>
          ))}
        </Box>
      )}
    </AskDialog>
  );
}
