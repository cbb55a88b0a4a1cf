import Box from '@mui/material/Box';
import FormControlLabel from '@mui/material/FormControlLabel';
import Switch from '@mui/material/Switch';
import { useQuery } from '@tanstack/react-query';
import { useDeferredValue, useMemo, useState } from 'react';
import { api } from '../api/client';
import { useDesk } from '../session/deskContext';
import { BOOK, RIGHT_PAGE } from '../ui/book';
import { SearchField } from '../ui/SearchField';
import { useDraft } from '../ui/useDraft';
import { ClassList } from './ClassList';
import { useCurrentClass } from '../session/classes';
import { found } from './found';
import { LanguageChoice } from './LanguageChoice';
import { OwnSentences } from './OwnSentences';
import { useClassAddress } from './useClassAddress';
import { SettingList } from './SettingList';
import { t } from '../words';

/** The class's own way: settings with their live pages on the left, classes and words on the right. */
export default function HouseStyle() {
  const settings = useQuery({
    queryKey: ['settings'],
    queryFn: api.settings,
    staleTime: Infinity,
  });
  const current = useCurrentClass();
  useClassAddress();
  // A changed setting is seen on its live page first; another class is seen everywhere at once.
  const before = useDeferredValue(current);
  const room = before?.id === current?.id ? before : current;
  const lastSum = useDesk().working;
  const [onLastSum, setOnLastSum] = useState(false);
  const [typed, setTyped] = useDraft('settings search');
  const groups = useMemo(() => found(settings.data?.groups ?? [], typed), [settings.data, typed]);
  if (!settings.data || !current || !room) {
    return <Box component="main">{settings.error?.message}</Box>;
  }
  return (
    <Box component="main" sx={{ ...BOOK, mb: 2.5, gridTemplateColumns: WIDE_LEFT }}>
      <Box
        role="region"
        aria-label={t('house.settings')}
        tabIndex={0}
        sx={{ minHeight: 0, overflow: 'auto', px: { xs: 2, md: 3.5 }, pb: 3 }}
      >
        <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'baseline', gap: 2, pt: 2 }}>
          <Box component="h2" sx={{ m: 0, flex: 1, fontSize: 'head' }}>
            {current.name}
          </Box>
          <SearchField label={t('house.find-a-setting')} value={typed} onChange={setTyped} />
          {lastSum && (
            <FormControlLabel
              control={
                <Switch checked={onLastSum} onChange={(_, checked) => setOnLastSum(checked)} />
              }
              label={t('house.try-it-on', { problem: lastSum.problem })}
            />
          )}
        </Box>
        {current.unknown.length > 0 && (
          <Box role="status" sx={{ my: 1, p: 1.5, bgcolor: 'ink.slipPage', borderRadius: 1 }}>
            {t('house.another-version-of-bemble-has', { settings: current.unknown.join(', ') })}
          </Box>
        )}
        {groups.length === 0 && (
          <Box sx={{ py: 3, fontSize: 'said', color: 'text.secondary' }}>
            {t('house.no-setting-has-in-its', { typed })}
          </Box>
        )}
        {typed === '' && <LanguageChoice languages={settings.data.languages} room={current} />}
        <SettingList groups={groups} room={current} lastSum={onLastSum ? lastSum : null} />
      </Box>
      <Box
        role="region"
        aria-label={t('house.classes-and-sentences')}
        tabIndex={0}
        sx={{ ...RIGHT_PAGE, overflow: 'auto', px: { xs: 2, md: 3.5 }, py: 2 }}
      >
        <ClassList />
        <OwnSentences key={room.id} sentences={settings.data.sentences} room={room} />
      </Box>
    </Box>
  );
}

/** The settings need more room than the classes. */
const WIDE_LEFT = { xs: 'minmax(0, 1fr)', md: 'minmax(0, 8fr) minmax(0, 5fr)' };
