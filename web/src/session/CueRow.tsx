import Box from '@mui/material/Box';
import type { Step, Working } from '../api/types';
import { t } from '../words';

/** The cue words of a round, with the one that calls the step marked. */
export function CueRow({ cues, step }: { cues: Working['cues']; step: Step }) {
  return (
    <Box
      component="ol"
      aria-label={t('session.moves-of-a-round')}
      sx={{ display: 'flex', flexWrap: 'wrap', gap: '0 0.6em', m: 0, p: 0, listStyle: 'none' }}
    >
      {cues.map(({ kind, word, calls }) => {
        const isNow = calls.includes(step.kind);
        return (
          <Box
            component="li"
            key={kind}
            aria-current={isNow ? 'step' : undefined}
            sx={{
              borderBottom: 3,
              borderColor: isNow ? 'ink.nowEdge' : 'transparent',
              color: isNow ? 'text.primary' : 'text.secondary',
              fontWeight: isNow ? 700 : 400,
            }}
          >
            {word}
          </Box>
        );
      })}
    </Box>
  );
}
