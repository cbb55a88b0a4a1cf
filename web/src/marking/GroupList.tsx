import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from '../api/client';
import type { PupilGroup, Pupil } from '../api/types';
import { useGroups } from '../session/groups';
import { useAct } from '../ui/useAct';
import { save } from '../ui/save';
import { RowMenu } from '../ui/RowMenu';
import { useNotice } from '../ui/useNotice';
import { LONGEST_NAME } from '../ui/names';
import { t } from '../words';

const ORIGINS: Record<PupilGroup['origin'], string> = {
  SLIP: t('marking.from-a-slip'),
  RUNG: t('marking.from-a-rung'),
  CHOSEN: t('marking.chosen'),
};

/** The groups of the class: made, changed and deleted. */
export function GroupList({ roll }: { roll: Pupil[] }) {
  const { groups, queryKey } = useGroups();
  const queries = useQueryClient();
  const notice = useNotice();
  const [open, setOpen] = useState<PupilGroup | 'new' | null>(null);
  const done = (now: PupilGroup[]) => {
    queries.setQueryData(queryKey, now);
    setOpen(null);
  };
  const onError = (trouble: Error) => notice({ text: trouble.message });
  const keep = useAct({
    mutationFn: (body: { name: string; pupils: number[] }) =>
      open === 'new' || open === null ? api.makeGroup(body) : api.changeGroup(open.id, body),
    onSuccess: done,
  });
  const remove = useAct({ mutationFn: api.deleteGroup, onSuccess: done, onError });
  const letters = useAct({
    mutationFn: async ({ name, pupils }: PupilGroup) =>
      save(await api.letters(pupils), t('marking.letters-file', { name })),
    onSuccess: (name) => notice({ text: t('common.downloaded', { name }) }),
    onError,
  });
  const menu = (group: PupilGroup) => [
    {
      key: 'letters',
      name: t('marking.letters'),
      onChoose: () => letters.mutate(group),
    },
    {
      key: 'change',
      name: t('marking.change'),
      onChoose: () => {
        keep.reset();
        setOpen(group);
      },
    },
    // Without a key: it is not brought back.
    { key: 'delete', name: t('common.delete'), onChoose: () => remove.mutate(group.id) },
  ];
  const there = roll.filter(({ left }) => !left);
  return (
    <Box role="region" aria-label={t('marking.groups')} sx={{ mt: 3 }}>
      <Box component="h2" sx={{ mt: 0, mb: 0.5, fontSize: 'lead' }}>
        {t('marking.groups')}
      </Box>
      {groups.length === 0 && (
        <Box sx={{ mb: 1, fontSize: 'note', lineHeight: 1.4, color: 'text.secondary' }}>
          {t('marking.no-groups-yet')}
        </Box>
      )}
      <Box component="ul" sx={{ m: 0, mb: 1, p: 0, listStyle: 'none' }}>
        {groups.map((group) => (
          <Box
            component="li"
            key={group.id}
            sx={{
              display: 'flex',
              alignItems: 'center',
              gap: 1,
              py: 0.5,
              borderBottom: '1px dotted',
              borderColor: 'ink.edge',
            }}
          >
            <Box sx={{ flex: 1, fontSize: 'plain', lineHeight: 1.3 }}>
              <strong>{group.name}</strong>{' '}
              <Box component="span" sx={{ color: 'text.secondary' }}>
                {ORIGINS[group.origin]}
              </Box>
              <Box sx={{ fontSize: 'note' }}>
                {there
                  .filter(({ id }) => group.pupils.includes(id))
                  .map(({ name }) => name)
                  .join(', ')}
              </Box>
            </Box>
            <RowMenu of={group.name} entries={menu(group)} />
          </Box>
        ))}
      </Box>
      {open ? (
        <GroupForm
          key={open === 'new' ? 'new' : open.id}
          group={open === 'new' ? undefined : open}
          pupils={there}
          trouble={keep.error?.message}
          busy={keep.isPending}
          onKeep={(name, pupils) => keep.mutate({ name, pupils })}
          onClose={() => setOpen(null)}
        />
      ) : (
        <Button disabled={there.length === 0} onClick={() => setOpen('new')}>
          {t('marking.new-group')}
        </Button>
      )}
    </Box>
  );
}

function GroupForm({
  group,
  pupils,
  trouble,
  busy,
  onKeep,
  onClose,
}: {
  group: PupilGroup | undefined;
  pupils: Pupil[];
  trouble: string | undefined;
  busy: boolean;
  onKeep: (name: string, pupils: number[]) => void;
  onClose: () => void;
}) {
  const [name, setName] = useState(group?.name ?? '');
  const [chosen, setChosen] = useState(group?.pupils ?? []);
  return (
    <Box
      component="form"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        onKeep(name, chosen);
      }}
    >
      <TextField
        autoFocus
        fullWidth
        label={t('marking.name-of-the-group')}
        value={name}
        onChange={(event) => setName(event.target.value)}
        error={trouble !== undefined}
        helperText={trouble}
        slotProps={{ htmlInput: { maxLength: LONGEST_NAME } }}
      />
      <Box
        role="group"
        aria-label={t('common.pupils')}
        sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75, my: 1 }}
      >
        {pupils.map(({ id, name: pupil }) => (
          <Button
            key={id}
            size="small"
            aria-pressed={chosen.includes(id)}
            onClick={() =>
              setChosen(
                chosen.includes(id) ? chosen.filter((each) => each !== id) : [...chosen, id],
              )
            }
          >
            {pupil}
          </Button>
        ))}
      </Box>
      <Button
        type="submit"
        variant="contained"
        disabled={busy || name.trim() === '' || chosen.length === 0}
      >
        {group ? t('marking.keep-the-group') : t('marking.make-the-group')}
      </Button>
      <Button onClick={onClose}>{t('common.cancel')}</Button>
    </Box>
  );
}
