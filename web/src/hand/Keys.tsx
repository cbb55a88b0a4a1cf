import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { memo, useState } from 'react';
import { t } from '../words';

/** Keys for writing by finger or mouse. */
export const Keys = memo(function Keys({
  onWrite,
  onAct,
}: {
  onWrite: (sign: string, small: boolean) => void;
  /** The actions of keys that write nothing. */
  onAct: (key: string) => void;
}) {
  const [small, setSmall] = useState(false);
  const digits = (from: string) =>
    from
      .split('')
      .map((digit) => <Key key={digit} name={digit} onPress={() => onWrite(digit, small)} />);
  return (
    <Box
      role="group"
      aria-label={t('hand.keys-to-write-with')}
      sx={{
        display: 'grid',
        gridTemplateColumns: 'repeat(7, minmax(0, 1fr))',
        gap: { xs: 0.5, sm: 1 },
      }}
    >
      {digits('12345')}
      <Key name={t('hand.small')} pressed={small} onPress={() => setSmall(!small)} />
      <Key name={t('hand.strike')} onPress={() => onAct('/')} />
      {digits('67890')}
      <Key name={t('common.point')} onPress={() => onWrite('.', false)} />
      <Key name={t('common.key-next')} onPress={() => onAct('Enter')} />
      {SIGNS.map(({ sign, name }) => (
        <Key key={sign} name={sign} label={name} onPress={() => onWrite(sign, false)} />
      ))}
      <Key name={t('hand.line')} onPress={() => onAct('_')} />
      <Key name={t('common.rub-out')} onPress={() => onAct('Backspace')} />
    </Box>
  );
});

const SIGNS = [
  { sign: '+', name: t('common.plus') },
  { sign: '−', name: t('common.minus') },
  { sign: '×', name: t('common.times') },
  { sign: '÷', name: t('common.divided-by') },
];

export function Key({
  name,
  label,
  pressed,
  height = 44,
  figure,
  disabled,
  onPress,
}: {
  name: string;
  label?: string;
  pressed?: boolean;
  /** In pixels of the screen, at least. */
  height?: number;
  /** Whether it is one of the figures, which are large where there is room. */
  figure?: boolean;
  disabled?: boolean;
  onPress: () => void;
}) {
  return (
    <Button
      aria-label={label}
      aria-pressed={pressed}
      disabled={disabled}
      onClick={onPress}
      sx={{
        minHeight: height,
        minWidth: 0,
        p: 0,
        fontSize: figure ? 'head' : { xs: 'note', sm: 'plain' },
      }}
    >
      {name}
    </Button>
  );
}
