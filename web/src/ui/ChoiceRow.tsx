import Box from '@mui/material/Box';
import Button from '@mui/material/Button';

/** One of a few values, as buttons in a row. */
export function ChoiceRow<V extends string>({
  label,
  value,
  names,
  onChoose,
}: {
  label: string;
  value: V;
  names: Record<V, string>;
  onChoose: (value: V) => void;
}) {
  return (
    <Box
      role="group"
      aria-label={label}
      sx={{ display: 'grid', gridTemplateColumns: '140px 1fr', gap: 1, mb: 1.5 }}
    >
      <Box sx={{ alignSelf: 'center', lineHeight: 1.2 }}>{label}</Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        {(Object.keys(names) as V[]).map((each) => (
          <Button key={each} aria-pressed={each === value} onClick={() => onChoose(each)}>
            {names[each]}
          </Button>
        ))}
      </Box>
    </Box>
  );
}
