import { useNavigate } from 'react-router';
import { api } from '../api/client';
import type { RunEntry } from '../api/types';
import { KeptList, KeptRow } from '../ui/KeptList';
import { deletion } from '../ui/RowMenu';
import { useDeletion } from '../ui/useDeletion';
import { useLongList } from '../ui/useLongList';
import { markTold, standTold } from './told';
import { useRunSteps } from './useRun';
import { t } from '../words';

/** The runs so far; the open ones can be continued. */
export function RunList() {
  return (
    <KeptList
      of={useLongList(['runs'], api.runs)}
      reading={t('runs.the-runs-are-being-read')}
      none={t('runs.no-run-yet-make-a')}
      row={(entry) => <Row key={entry.id} entry={entry} />}
    />
  );
}

function Row({ entry }: { entry: RunEntry }) {
  const navigate = useNavigate();
  const remove = useDeletion('runs', api.removeRun, api.restoreRun);
  const { next, isGoing } = useRunSteps();
  const { id, title, ended } = entry;
  const who = entry.who || t('common.nobody');
  return (
    <KeptRow
      title={title}
      below={[entry.who, markTold(entry)].filter(Boolean).join(' · ')}
      state={standTold(entry)}
      tone={!ended ? 'quiet' : entry.passed ? 'good' : 'bad'}
      open={{
        label: ended ? t('common.look') : t('common.go-on'),
        name: t(ended ? 'runs.look-at-by' : 'runs.go-on-with-by', { title, who }),
        isOff: !ended && isGoing,
        run: () => (ended ? void navigate(`/slate/run/${id}`) : next(id)),
      }}
      menu={[deletion(() => remove({ id, said: t('runs.the-run-is-deleted', { title }) }))]}
    />
  );
}
