import Box from '@mui/material/Box';
import { memo, useState } from 'react';
import { Key } from '../hand/Keys';
import { t } from '../words';

const HEIGHT = 52;

/** The keys of a pupil's device: figures, and the other actions of a pencil. */
export const PupilKeys = memo(function PupilKeys({
  onWrite,
  onAct,
  onUndo,
  canUndo,
}: {
  onWrite: (sign: string, small: boolean) => void;
  /** The actions of keys that write nothing. */
  onAct: (key: string) => void;
  onUndo: () => void;
  canUndo: boolean;
}) {
  const [small, setSmall] = useState(false);
  const figures = (from: string) =>
    from
      .split('')
      .map((figure) => (
        <Key
          key={figure}
          name={figure}
          height={HEIGHT}
          figure
          onPress={() => onWrite(figure, small)}
        />
      ));
  const key = { height: HEIGHT };
  return (
    <Box
      role="group"
      aria-label={t('hand.keys-to-write-with')}
      sx={{ display: 'flex', flexDirection: 'column', gap: 0.75 }}
    >
      <Box sx={columns(5)}>{figures('1234567890')}</Box>
      <Box sx={columns(6)}>
        <Key {...key} name={t('hand.small')} pressed={small} onPress={() => setSmall(!small)} />
        <Key {...key} name={t('common.point')} onPress={() => onWrite('.', false)} />
        <Key {...key} name={t('hand.strike')} onPress={() => onAct('/')} />
        <Key {...key} name={t('common.rub-out')} onPress={() => onAct('Backspace')} />
        <Key {...key} name={t('common.undo')} disabled={!canUndo} onPress={onUndo} />
        <Key {...key} name={t('common.key-next')} onPress={() => onAct('Enter')} />
      </Box>
    </Box>
  );
});

const columns = (count: number) => ({
  display: 'grid',
  gridTemplateColumns: `repeat(${count}, minmax(0, 1fr))`,
  gap: 0.75,
});
