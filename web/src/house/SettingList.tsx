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
  const choose = useCallback(
    (setting: Setting, value: string) => {
      const { key } = setting;
      const choice = { [key]: value };
      // Before it is kept, so that the live page follows at once.
      const before = heardOf(queries, room.id)?.style;
      void queries.prefetchQuery(livePage(setting, lastSum, { ...before, ...choice }));
      setChanging(key);
      setWanted((others) => ({ ...others, ...choice }));
      save(
        (kept) => ({ ...kept, ...choice }),
        () => setWanted((others) => ({ ...others, [key]: undefined })),
      );
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
          onChoose={choose}
        />
      ))}
    </Box>
  ));
}

/** A style with the choices that are not kept yet. */
function withWanted(style: Style, wanted: Style): Style {
  const open = Object.entries(wanted).filter(([, value]) => value !== undefined);
  return { ...style, ...Object.fromEntries(open) };
}
