import Box from '@mui/material/Box';
import type { Apart } from '../api/types';
import { TABLE } from './table';
import { AskDialog } from '../ui/AskDialog';
import { t } from '../words';

/**
 * The answers that each slip gives to the sums that tell slips apart, and the pairs left in doubt.
 */
export default function ApartDialog({ set, onClose }: { set: Apart; onClose: () => void }) {
  return (
    <AskDialog
      title={t('sets.tells-slips-apart', { sums: set.sums.length })}
      maxWidth="lg"
      content={{ tabIndex: 0 }}
      onClose={onClose}
    >
      {set.doubts.length > 0 && (
        <Box sx={{ mb: 1.5, p: 1, bgcolor: 'ink.now' }}>
          {set.doubts.map((doubt) => (
            <Box key={doubt}>{doubt}</Box>
          ))}
        </Box>
      )}
      <Box component="table" sx={TABLE}>
        <thead>
          <tr>
            <th scope="col">{t('common.slip')}</th>
            {set.sums.map(({ plain, problem }) => (
              <th scope="col" key={plain}>
                {problem}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {[t('common.right'), ...set.slips.map(({ name }) => name)].map((name, row) => (
            <tr key={row}>
              <th scope="row">{name}</th>
              {set.answers.map((answers, column) => (
                <td key={column}>
                  {row > 0 && answers[row] === answers[0] ? (
                    <Box component="span" sx={{ color: 'text.secondary' }}>
                      {t('common.right')}
                    </Box>
                  ) : (
                    answers[row]
                  )}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </Box>
    </AskDialog>
  );
}
