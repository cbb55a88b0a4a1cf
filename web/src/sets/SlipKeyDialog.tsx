import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useQuery } from '@tanstack/react-query';
import { api } from '../api/client';
import { toKeep, type SetDraft } from './draft';
import { TABLE } from './table';
import { either, t } from '../words';

/** The wrong answers that known slips give, for marking with a red pen. */
export default function SlipKeyDialog({
  draft,
  onClose,
}: {
  draft: SetDraft;
  onClose: () => void;
}) {
  const { sums } = toKeep(draft, '');
  const { data, error } = useQuery({
    queryKey: ['slip key', sums],
    queryFn: () => api.slipKey(sums),
  });
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="md" aria-labelledby="key-title">
      <DialogTitle id="key-title">{t('sets.slip-key')}</DialogTitle>
      <DialogContent tabIndex={0}>
        {error && <Box role="alert">{error.message}</Box>}
        {!data && !error && <Box role="status">{t('sets.every-slip-is-being-tried')}</Box>}
        <Box component="table" sx={TABLE}>
          <thead>
            <tr>
              <th scope="col">{t('common.sum')}</th>
              <th scope="col">{t('common.right-heading')}</th>
              <th scope="col">{t('sets.wrong-answers-and-the-slips')}</th>
            </tr>
          </thead>
          <tbody>
            {data?.map(({ problem, answer, wrong }, i) => (
              <tr key={i}>
                <Box component="td" sx={{ whiteSpace: { md: 'nowrap' } }}>
                  {problem}
                </Box>
                <td>
                  <strong>{answer}</strong>
                </td>
                <td>
                  {wrong.map((each) => (
                    <Box key={each.answer}>
                      <strong>{each.answer}</strong> {either(each.slips.map(({ name }) => name))}
                    </Box>
                  ))}
                </td>
              </tr>
            ))}
          </tbody>
        </Box>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>{t('common.close')}</Button>
      </DialogActions>
    </Dialog>
  );
}
