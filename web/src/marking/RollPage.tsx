import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import InputBase from '@mui/material/InputBase';
import TextField from '@mui/material/TextField';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from '../api/client';
import type { Pupil } from '../api/types';
import { useCurrentClass } from '../session/classes';
import { useAct } from '../ui/useAct';
import { FileButton } from '../ui/FileButton';
import { useDraft } from '../ui/useDraft';
import type { Entry } from '../ui/MenuEntries';
import { deletion, RowMenu, rowKeys } from '../ui/RowMenu';
import { useNotice } from '../ui/useNotice';
import { deferred } from '../ui/deferred';
import { Claims } from './Claims';
import { GroupList } from './GroupList';
import { DeletePupilDialog } from './DeletePupilDialog';
import { LONGEST_NAME } from '../ui/names';
import { TroubleNote } from '../ui/TroubleNote';
import { t } from '../words';

const BackupDialog = deferred(() => import('../backup/BackupDialog'));

const ORDER = ['order of pupils'];

/** The pupils of the class: added, renamed, gone for a while or for good. */
export function RollPage() {
  const room = useCurrentClass();
  const queries = useQueryClient();
  const notice = useNotice();
  const queryKey = ['roll', room?.id];
  const { data: roll, error } = useQuery({ queryKey, queryFn: api.roll });
  const [names, setNames, forget] = useDraft('new pupils');
  /** The class for which they were typed: another window may choose another one meanwhile. */
  const [meant, setMeant] = useState<number>();
  const [going, setGoing] = useState<Pupil | null>(null);
  const [backingUp, setBackingUp] = useState(false);
  const take = (now: Pupil[]) => queries.setQueryData(queryKey, now);
  const onError = (trouble: Error) => notice({ text: trouble.message });
  const add = useAct({
    mutationFn: (text: string) => api.addPupils(text, meant ?? room?.id),
    onSuccess: (now) => {
      take(now);
      forget();
      void queries.invalidateQueries({ queryKey: ['unclaimed'] });
    },
    onSettled: () => setMeant(undefined),
  });
  const type = (text: string) => {
    setNames(text);
    setMeant(room?.id);
    add.reset();
  };
  const change = useAct({
    again: true,
    mutationFn: ({ id, name, left }: Pupil) => api.changePupil(id, name, left),
    onSuccess: (now) => {
      take(now);
      void queries.invalidateQueries({ queryKey: ['unclaimed'] });
    },
    onError: (trouble) => {
      onError(trouble);
      void queries.invalidateQueries({ queryKey });
    },
  });
  const order = useAct({
    again: true,
    mutationFn: api.orderPupils,
    scope: { id: 'order of pupils' },
    onError,
    // Only the answer to the last move is the list as it is now.
    onSettled: () => {
      if (queries.isMutating({ mutationKey: ORDER }) === 1) {
        void queries.invalidateQueries({ queryKey });
      }
    },
    mutationKey: ORDER,
  });
  const move = (moved: Pupil, by: number) => {
    // The list as it is now: the move before may not be drawn yet.
    const before = queries.getQueryData<Pupil[]>(queryKey) ?? [];
    const index = before.findIndex(({ id }) => id === moved.id);
    const pupil = before[index];
    if (pupil && index + by >= 0 && index + by < before.length) {
      const now = before.toSpliced(index, 1).toSpliced(index + by, 0, pupil);
      // A list that is on its way was asked for before this move, and would undo it here.
      void queries.cancelQueries({ queryKey }, { revert: false });
      take(now);
      order.mutate(now.map(({ id }) => id));
    }
  };
  return (
    <Box
      role="region"
      aria-label={t('common.pupils')}
      sx={{ height: '100%', overflow: 'auto', px: { xs: 2, md: 3.5 }, py: 2 }}
    >
      <Box component="h2" sx={{ mt: 0, mb: 0.5, fontSize: 'head' }}>
        {t('marking.pupils-of', { room: room?.name ?? t('common.the-class') })}
      </Box>
      <Box sx={{ mb: 1.5, fontSize: 'note', lineHeight: 1.35, color: 'text.secondary' }}>
        {t('marking.only-names-are-kept-on')} {t('marking.backups-hold')}{' '}
        <Button size="small" onClick={() => setBackingUp(true)}>
          {t('common.backups')}
        </Button>
      </Box>
      <Claims />
      <TroubleNote of={error} />
      <TextField
        label={t('marking.new-pupils-one-name-to')}
        multiline
        fullWidth
        minRows={2}
        maxRows={8}
        value={names}
        onChange={(event) => type(event.target.value)}
        error={add.isError}
        helperText={add.error?.message}
      />
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 1 }}>
        <Button
          variant={roll?.length === 0 ? 'contained' : 'outlined'}
          disabled={names.trim() === '' || add.isPending}
          onClick={() => add.mutate(names)}
        >
          {t('marking.add-pupils')}
        </Button>
        <FileButton
          label={t('marking.list-of-pupils')}
          accept=".csv,.txt,text/csv,text/plain"
          onFile={(file) => void file.text().then(type)}
        >
          {t('marking.read-a-list-in')}
        </FileButton>
      </Box>
      <Box component="ul" sx={{ m: 0, mt: 2, mb: 2, p: 0, listStyle: 'none' }}>
        {roll?.map((pupil, index) => (
          <Row
            key={`${pupil.id} ${pupil.name}`}
            pupil={pupil}
            isFirst={index === 0}
            isLast={index === roll.length - 1}
            onMove={(by) => move(pupil, by)}
            onChange={(now) => change.mutate(now)}
            onDelete={() => setGoing(pupil)}
          />
        ))}
      </Box>
      {roll && roll.length > 1 && (
        <Button size="small" sx={{ mb: 2 }} onClick={() => order.mutate([])}>
          {t('marking.sort-by-name')}
        </Button>
      )}
      {roll && roll.length > 0 && <GroupList roll={roll} />}
      {going && <DeletePupilDialog pupil={going} onClose={() => setGoing(null)} />}
      {backingUp && <BackupDialog onClose={() => setBackingUp(false)} />}
    </Box>
  );
}

function Row({
  pupil,
  isFirst,
  isLast,
  onMove,
  onChange,
  onDelete,
}: {
  pupil: Pupil;
  isFirst: boolean;
  isLast: boolean;
  /** Moves the row up or down by one. */
  onMove: (by: number) => void;
  onChange: (pupil: Pupil) => void;
  onDelete: () => void;
}) {
  const [name, setName] = useState(pupil.name);
  const rename = () => {
    if (name.trim() !== '' && name.trim() !== pupil.name) {
      onChange({ ...pupil, name: name.trim() });
    } else {
      setName(pupil.name);
    }
  };
  const menu: Entry[] = [
    {
      key: 'left',
      name: t(pupil.left ? 'marking.is-here-again' : 'marking.has-left-plain'),
      onChoose: () => onChange({ ...pupil, left: !pupil.left }),
    },
    {
      key: 'up',
      name: t('marking.move-up'),
      keys: 'Alt+ArrowUp',
      onChoose: isFirst ? undefined : () => onMove(-1),
    },
    {
      key: 'down',
      name: t('marking.move-down'),
      keys: 'Alt+ArrowDown',
      onChoose: isLast ? undefined : () => onMove(1),
    },
    deletion(onDelete),
  ];
  return (
    <Box
      component="li"
      onKeyDown={rowKeys(menu)}
      sx={{
        display: 'flex',
        alignItems: 'center',
        gap: 1,
        py: 0.4,
        borderBottom: '1px dotted',
        borderColor: 'ink.edge',
      }}
    >
      <InputBase
        value={name}
        onChange={(event) => setName(event.target.value)}
        onBlur={rename}
        onKeyDown={(event) => {
          if (event.key === 'Enter') {
            rename();
          }
        }}
        inputProps={{
          'aria-label': t('common.name-of', { name: pupil.name }),
          maxLength: LONGEST_NAME,
        }}
        sx={{ flex: 1, fontSize: 'said', color: pupil.left ? 'text.secondary' : 'text.primary' }}
      />
      {pupil.left && (
        <Box component="span" sx={{ fontSize: 'note', color: 'text.secondary' }}>
          {t('marking.has-left-plain')}
        </Box>
      )}
      <RowMenu of={pupil.name} entries={menu} />
    </Box>
  );
}
