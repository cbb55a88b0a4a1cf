import Box from '@mui/material/Box';
import { hashKey, useQueryClient } from '@tanstack/react-query';
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
  const [changing, setChanging] = useState('');
  /** Choices that are on their way to be kept; their live pages show them at once. */
  const [wanted, setWanted] = useState<Style>({});
  const { save, error } = useStyleChange(room.id, () => setWanted({}));
  const [seen, setSeen] = useState(room);
  if (seen !== room) {
    setSeen(room);
    setWanted(seen.id === room.id ? differing(wanted, room.style) : {});
  }
  // The live pages of the other settings follow when that of the changed one is drawn.
  const style = useDeferredValue(room.style);
  const onChange = useCallback(
    (setting: Setting, change: (style: Style) => Style) => {
      const kept = heardOf(queries, room.id)?.style ?? {};
      // Before it is kept, so that the live page follows at once.
      void queries.prefetchQuery(livePage(setting, lastSum, change(kept)));
      setChanging(setting.key);
      // A choice that takes back one on its way is the kept one.
      setWanted((others) => {
        const shown = { ...kept, ...others };
        return { ...others, ...differing(change(shown), shown) };
      });
      save(change);
    },
    [queries, save, lastSum, room.id],
  );
  const changed = { ...room.style, ...wanted };
  return groups.map(({ name, settings }) => (
    <Box component="section" key={name} aria-label={name} sx={{ '@media print': { columns: 2 } }}>
      <Box component="h3" sx={{ mt: 2.5, mb: 0.5, fontSize: 'said', color: 'primary.main' }}>
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

/** The choices of a style that differ from another. */
function differing(style: Style, other: Style): Style {
  const same = (field: string) =>
    hashKey([style[field as keyof Style]]) === hashKey([other[field as keyof Style]]);
  return Object.fromEntries(Object.entries(style).filter(([field]) => !same(field)));
}
