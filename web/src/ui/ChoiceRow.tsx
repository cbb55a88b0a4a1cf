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
  return <Row label={label} names={names} isOn={(each) => each === value} onPress={onChoose} />;
}

/** Some of a few values, as buttons in a row that are pressed in and out. */
export function ManyRow<V extends string>({
  label,
  values,
  names,
  onChoose,
}: {
  label: string;
  values: V[];
  names: Record<V, string>;
  onChoose: (values: V[]) => void;
}) {
  const turn = (each: V) =>
    onChoose(values.includes(each) ? values.filter((on) => on !== each) : [...values, each]);
  return <Row label={label} names={names} isOn={(each) => values.includes(each)} onPress={turn} />;
}

function Row<V extends string>({
  label,
  names,
  isOn,
  onPress,
}: {
  label: string;
  names: Record<V, string>;
  isOn: (value: V) => boolean;
  onPress: (value: V) => void;
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
          <Button key={each} aria-pressed={isOn(each)} onClick={() => onPress(each)}>
            {names[each]}
          </Button>
        ))}
      </Box>
    </Box>
  );
}
