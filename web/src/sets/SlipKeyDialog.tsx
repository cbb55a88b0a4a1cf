import Box from '@mui/material/Box';
import { useQuery } from '@tanstack/react-query';
import { api } from '../api/client';
import { toKeep, type SetDraft } from './draft';
import { TABLE } from './table';
import { TroubleNote } from '../ui/TroubleNote';
import { AskDialog } from '../ui/AskDialog';
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
    <AskDialog title={t('sets.slip-key')} maxWidth="md" content={{ tabIndex: 0 }} onClose={onClose}>
      <TroubleNote of={error} />
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
    </AskDialog>
  );
}
