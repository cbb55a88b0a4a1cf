import InputBase from '@mui/material/InputBase';

/** A field in the head of a list whose letters the list is narrowed to. */
export function SearchField({
  label,
  value,
  onChange,
}: {
  label: string;
  value: string;
  onChange: (typed: string) => void;
}) {
  return (
    <InputBase
      className="screen-only"
      type="search"
      value={value}
      onChange={(event) => onChange(event.target.value)}
      placeholder={label}
      inputProps={{ 'aria-label': label }}
      sx={{
        flex: { xs: '1 0 100%', sm: 1 },
        order: { xs: 1, sm: 0 },
        minWidth: 160,
        maxWidth: 420,
        px: 2,
        py: 0.5,
        border: 1,
        borderColor: 'ink.edge',
        borderRadius: 2,
      }}
    />
  );
}
