import Box from '@mui/material/Box';
import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useDeferredValue, useState } from 'react';
import type { ClassRoom, Setting, Settings, Style, Working } from '../api/types';
import { heardOf, useStyleChange } from '../session/classes';
import { livePage } from './livePage';
import { SettingCard } from './SettingCard';

/** All settings of a class, in their groups. */
export function SettingList({
  groups,
  room,
  lastSum,
}: {
  groups: Settings['groups'];
  room: ClassRoom;
  lastSum: Working | null;
}) {
  const queries = useQueryClient();
  const { save, error } = useStyleChange(room.id);
  const [changing, setChanging] = useState('');
  /** Choices that are on their way to be kept; their live pages show them at once. */
  const [wanted, setWanted] = useState<Style>({});
  // The live pages of the other settings follow when that of the changed one is drawn.
  const style = useDeferredValue(room.style);
  const onChange = useCallback(
    (setting: Setting, change: (style: Style) => Style) => {
      const before = heardOf(queries, room.id)?.style ?? {};
      const after = change(before);
      const fields = Object.keys(after) as (keyof Style)[];
      const parts = fields.filter((field) => after[field] !== before[field]);
      // Before it is kept, so that the live page follows at once.
      void queries.prefetchQuery(livePage(setting, lastSum, after));
      setChanging(setting.key);
      setWanted((others) => ({ ...others, ...pick(after, parts) }));
      save(change, () => setWanted((others) => ({ ...others, ...pick({}, parts) })));
    },
    [queries, save, lastSum, room.id],
  );
  const changed = withWanted(room.style, wanted);
  return groups.map(({ name, settings }) => (
    <Box component="section" key={name} aria-label={name} sx={{ '@media print': { columns: 2 } }}>
      <Box component="h3" sx={{ mt: 2.5, mb: 0.5, fontSize: 17, color: 'primary.main' }}>
        {name}
      </Box>
      {settings.map((setting) => (
        <SettingCard
          key={setting.key}
          setting={setting}
          style={changing === setting.key ? changed : style}
          lastSum={lastSum}
          trouble={changing === setting.key ? error?.message : undefined}
          onChange={onChange}
        />
      ))}
    </Box>
  ));
}

const pick = (style: Style, fields: (keyof Style)[]): Style =>
  Object.fromEntries(fields.map((field) => [field, style[field]]));

/** A style with the choices that are not kept yet. */
function withWanted(style: Style, wanted: Style): Style {
  const open = Object.entries(wanted).filter(([, value]) => value !== undefined);
  return { ...style, ...Object.fromEntries(open) };
}
