import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { Link } from 'react-router';
import { api } from '../api/client';
import type { Room, RoomRequest, Rooms } from '../api/types';
import { ChoiceRow, ManyRow } from '../ui/ChoiceRow';
import { BOOK, COLUMN, PAGES, RIGHT_PAGE } from '../ui/book';
import { LIST, ROW } from '../ui/list';
import { momentInFull } from '../ui/days';
import { useAct } from '../ui/useAct';
import { TroubleNote } from '../ui/TroubleNote';
import { t } from '../words';

const MINUTES = ['20', '45', '60', '90'] as const;

/** Opens a room, with its settings; beside it stands who can see it. */
export function OpenForm({ rooms, onOpen }: { rooms: Rooms; onOpen: (room: Room) => void }) {
  const [address, setAddress] = useState(rooms.addresses[0]?.address ?? '');
  const [minutes, setMinutes] = useState<(typeof MINUTES)[number]>('45');
  const [telling, setTelling] = useState<RoomRequest['telling']>(rooms.last.telling);
  const [allowed, setAllowed] = useState<Allowed[]>(() => [
    ...(rooms.last.hints ? ['hints' as const] : []),
    ...(rooms.last.showsTime ? ['time' as const] : []),
  ]);
  const open = useAct({
    mutationFn: () =>
      api.openRoom({
        address,
        minutes: Number(minutes),
        telling,
        hints: allowed.includes('hints'),
        showsTime: allowed.includes('time'),
      }),
    onSuccess: onOpen,
  });
  const alone = rooms.addresses.find((each) => each.address === address)?.alone;
  return (
    <Box component="main" sx={{ ...BOOK, mb: 2.5, gridTemplateColumns: PAGES }}>
      <Box
        component="form"
        onSubmit={(event) => {
          event.preventDefault();
          open.mutate();
        }}
        sx={COLUMN}
      >
        <Box component="h2" sx={{ m: 0, fontSize: 'head' }}>
          {t('rooms.open-the-room')}
        </Box>
        {rooms.addresses.length === 1 && (
          <Box role="status" sx={{ fontSize: 'said' }}>
            {t('rooms.no-network')}
          </Box>
        )}
        <ChoiceRow
          label={t('rooms.address')}
          value={address}
          names={Object.fromEntries(
            rooms.addresses.map((each) => [
              each.address,
              each.alone ? t('rooms.this-machine-alone') : each.address,
            ]),
          )}
          onChoose={setAddress}
        />
        <ChoiceRow
          label={t('rooms.for')}
          value={minutes}
          names={
            Object.fromEntries(
              MINUTES.map((each) => [each, t('rooms.minutes', { minutes: each })]),
            ) as Record<(typeof MINUTES)[number], string>
          }
          onChoose={setMinutes}
        />
        <ChoiceRow
          label={t('rooms.what-is-right-is-told')}
          value={telling}
          names={TELLINGS}
          onChoose={setTelling}
        />
        <ManyRow
          label={t('rooms.pupils-have')}
          values={allowed}
          names={ALLOWED}
          onChoose={setAllowed}
        />
        <Box sx={{ fontSize: 'said', lineHeight: 1.45 }}>
          {alone
            ? t('rooms.opens-to-this-machine', { minutes })
            : t('rooms.opens-to', { address, minutes })}
        </Box>
        <TroubleNote of={open.error} />
        <Box>
          <Button type="submit" variant="contained" disabled={open.isPending}>
            {t('rooms.open-now')}
          </Button>
        </Box>
      </Box>
      <Box
        role="region"
        aria-label={t('rooms.who-can-hear')}
        tabIndex={0}
        sx={{ ...RIGHT_PAGE, ...COLUMN }}
      >
        <Box component="h2" sx={{ m: 0, fontSize: 'lead' }}>
          {t('rooms.who-can-hear')}
        </Box>
        <Box sx={{ fontSize: 'said', lineHeight: 1.5 }}>{t('rooms.plain-words')}</Box>
        <Box component="h2" sx={{ m: 0, mt: 2, fontSize: 'lead' }}>
          {t('rooms.held')}
        </Box>
        {rooms.held.length === 0 && (
          <Box sx={{ color: 'text.secondary' }}>{t('rooms.none-was-held')}</Box>
        )}
        <Box component="ul" sx={LIST}>
          {rooms.held.map(({ id, openedAt }) => (
            <Box component="li" key={id} sx={{ ...ROW, justifyContent: 'space-between' }}>
              <span>{momentInFull(openedAt)}</span>
              <Button component={Link} to={`/slate/room/${id}`}>
                {t('common.look')}
              </Button>
            </Box>
          ))}
        </Box>
      </Box>
    </Box>
  );
}

type Allowed = 'hints' | 'time';

const ALLOWED: Record<Allowed, string> = {
  hints: t('rooms.hints'),
  time: t('rooms.time'),
};

const TELLINGS: Record<RoomRequest['telling'], string> = {
  AT_ONCE: t('rooms.at-once'),
  AT_END: t('rooms.at-the-end-of-a-page'),
  NEVER: t('rooms.not-at-all'),
};
