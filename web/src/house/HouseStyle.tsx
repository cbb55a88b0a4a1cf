import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import FormControlLabel from '@mui/material/FormControlLabel';
import Switch from '@mui/material/Switch';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from '../api/client';
import type { Style } from '../api/types';
import { useDesk } from '../desk/deskContext';
import { BOOK, RIGHT_PAGE } from '../ui/book';
import { ClassList } from './ClassList';
import { useClassChange, useCurrentClass } from './classes';
import { OwnSentences } from './OwnSentences';
import { SettingCard } from './SettingCard';

/** The class's own way: settings with their live pages on the left, classes and words on the right. */
export default function HouseStyle() {
  const settings = useQuery({
    queryKey: ['settings'],
    queryFn: api.settings,
    staleTime: Infinity,
  });
  const current = useCurrentClass();
  const change = useClassChange();
  const lastSum = useDesk().desk.working;
  const [onLastSum, setOnLastSum] = useState(false);
  /** Where the last refusal belongs: the setting or the sentences that were being changed. */
  const [changing, setChanging] = useState('');
  if (!settings.data || !current) {
    return <Box component="main">{settings.error?.message}</Box>;
  }
  const save = (what: string, changed: (style: Style) => Style) => {
    setChanging(what);
    change.mutate((now) => {
      const { id, name, version, style } = now.find((each) => each.id === current.id) ?? current;
      return api.changeClass(id, { name, version, style: changed(style) });
    });
  };
  const trouble = change.error?.message;
  return (
    <Box component="main" sx={{ ...BOOK, mb: 2.5, gridTemplateColumns: WIDE_LEFT }}>
      <Box
        role="region"
        aria-label="Settings"
        tabIndex={0}
        sx={{ minHeight: 0, overflow: 'auto', px: { xs: 2, md: 3.5 }, pb: 3 }}
      >
        <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'baseline', gap: 2, pt: 2 }}>
          <Box component="h2" sx={{ m: 0, flex: 1, fontSize: 24 }}>
            {current.name}
          </Box>
          {lastSum && (
            <FormControlLabel
              control={
                <Switch checked={onLastSum} onChange={(_, checked) => setOnLastSum(checked)} />
              }
              label={`Try it on ${lastSum.problem}`}
            />
          )}
        </Box>
        {settings.data.groups.map(({ name, settings: some }) => (
          <Box component="section" key={name} aria-label={name}>
            <Box component="h3" sx={{ mt: 2.5, mb: 0.5, fontSize: 17, color: 'primary.main' }}>
              {name}
            </Box>
            {some.map((setting) => (
              <SettingCard
                key={setting.key}
                setting={setting}
                style={current.style}
                lastSum={onLastSum ? lastSum : null}
                trouble={changing === setting.key ? trouble : undefined}
                onChoose={(value) =>
                  save(setting.key, (style) => ({ ...style, [setting.key]: value }))
                }
              />
            ))}
          </Box>
        ))}
      </Box>
      <Box
        role="region"
        aria-label="Classes and sentences"
        tabIndex={0}
        sx={{ ...RIGHT_PAGE, overflow: 'auto', px: { xs: 2, md: 3.5 }, py: 2 }}
      >
        <ClassList />
        {trouble &&
          !settings.data.groups.some((g) => g.settings.some((s) => s.key === changing)) && (
            <Alert severity="error" sx={{ my: 1 }}>
              {trouble}
            </Alert>
          )}
        <OwnSentences
          key={current.id}
          sentences={settings.data.sentences}
          style={current.style}
          onSave={(sentences) => save('sentences', (style) => ({ ...style, sentences }))}
        />
      </Box>
    </Box>
  );
}

/** The settings need more room than the classes. */
const WIDE_LEFT = { xs: 'minmax(0, 1fr)', md: 'minmax(0, 8fr) minmax(0, 5fr)' };
