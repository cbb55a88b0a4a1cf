import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { memo, useState } from 'react';

/** Keys for those who write by finger or mouse. */
export const Keys = memo(function Keys({
  onWrite,
  onStrike,
}: {
  onWrite: (sign: string, small: boolean) => void;
  onStrike: () => void;
}) {
  const [small, setSmall] = useState(false);
  const digits = (from: string) =>
    from
      .split('')
      .map((digit) => <Key key={digit} name={digit} onPress={() => onWrite(digit, small)} />);
  return (
    <Box
      role="group"
      aria-label="Keys to write with"
      sx={{ display: 'grid', gridTemplateColumns: 'repeat(7, minmax(44px, 1fr))', gap: 1 }}
    >
      {digits('12345')}
      <Key name="small" pressed={small} onPress={() => setSmall(!small)} />
      <Key name="strike" onPress={onStrike} />
      {digits('67890')}
      <Key name="point" onPress={() => onWrite('.', false)} />
    </Box>
  );
});

function Key({ name, pressed, onPress }: { name: string; pressed?: boolean; onPress: () => void }) {
  return (
    <Button aria-pressed={pressed} onClick={onPress} sx={{ minHeight: 44, p: 0 }}>
      {name}
    </Button>
  );
}
