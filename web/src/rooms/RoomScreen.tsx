import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useMemo, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { api } from '../api/client';
import type { Room, Seat } from '../api/types';
import { BAR, FOR_FINGERS, SCREEN } from '../ui/book';
import { Coming } from '../ui/Coming';
import { momentOfDay } from '../ui/days';
import { useAct } from '../ui/useAct';
import { isSecondClick } from '../ui/useDeletion';
import { useKeys } from '../ui/useKeys';
import { useNotice } from '../ui/useNotice';
import { useStable } from '../ui/useStable';
import { GiveDialog } from './GiveDialog';
import { Knocks } from './Knocks';
import { OpenForm } from './OpenForm';
import { SeatSheet, SmallPage, StateSign } from './SmallPage';
import { byNeed, STATES } from './states';
import { useRoom } from './useRoom';
import { t } from '../words';

/** The room: opened here, and while it is open all its pages as they grow. */
export default function RoomScreen() {
  const { rooms, room, error, set } = useRoom();
  if (!rooms) {
    return <Coming trouble={error} />;
  }
  return room ? <LiveRoom room={room} onChange={set} /> : <OpenForm rooms={rooms} onOpen={set} />;
}

function LiveRoom({ room, onChange }: { room: Room; onChange: (room: Room | undefined) => void }) {
  const navigate = useNavigate();
  const notice = useNotice();
  const [chosen, setChosen] = useState<number | null>(null);
  const [order, setOrder] = useState<'class' | 'need'>('class');
  const [giving, setGiving] = useState(false);
  /** Whether the room is to be closed: a stray press must not end everybody's lesson. */
  const [asked, setAsked] = useState(false);
  const say = (trouble: Error) => notice({ text: trouble.message });
  const act = { onSuccess: onChange, onError: say };
  const still = useAct({ again: true, mutationFn: api.still, ...act });
  // A press counts at once: the next one takes it back, however slow its answer is.
  const stilled = still.isPending ? still.variables : room.stilled;
  const show = useAct({ mutationFn: api.showSeat, ...act });
  const fill = useAct({ mutationFn: api.fillRoom, ...act });
  const recode = useAct({ mutationFn: api.newRoomCode, ...act });
  const close = useAct({
    mutationFn: api.closeRoom,
    onSuccess: () => onChange(undefined),
    goOn: () => navigate(`/slate/room/${room.id}`),
    onError: say,
  });
  const seats = useMemo(
    () => (order === 'need' ? byNeed(room.seats) : room.seats),
    [order, room.seats],
  );
  const large = room.seats.find(({ id }) => id === chosen);
  const choose = useStable((id: number) => setChosen((before) => (before === id ? null : id)));
  useKeys((key) => {
    if (key === 'Escape' && large) {
      setChosen(null);
      return true;
    }
    return false;
  });
  return (
    <Box component="main" sx={{ ...SCREEN, ...FOR_FINGERS, gridTemplateRows: ROWS }}>
      <Head room={room} seats={room.seats} />
      <Box>
        {room.door.lost && (
          <Box role="alert" sx={ALARM}>
            {t('rooms.the-address-is-lost', { address: room.door.address })}
          </Box>
        )}
        {room.door.shut && (
          <Box role="alert" sx={ALARM}>
            {t('rooms.the-door-is-closed')}{' '}
            <Button onClick={() => recode.mutate()}>{t('rooms.new-code')}</Button>
          </Box>
        )}
        <Knocks room={room} onChange={onChange} />
      </Box>
      <Box sx={{ ...SHEETS, gridTemplateColumns: large ? LARGE_COLUMNS : 'minmax(0, 1fr)' }}>
        <Box
          role="region"
          aria-label={t('rooms.all-pages')}
          tabIndex={0}
          // One page alone has the room of a phone.
          sx={{ ...GRID, display: { xs: large ? 'none' : 'grid', md: 'grid' } }}
        >
          {seats.length === 0 && (
            <Box sx={{ gridColumn: '1 / -1', fontSize: 'lead', color: 'text.secondary' }}>
              {t('rooms.nobody-is-in-yet')}
            </Box>
          )}
          {seats.map((seat) => (
            <SmallPage
              key={seat.id}
              seat={seat}
              chosen={seat.id === chosen}
              shown={seat.id === room.shown}
              onChoose={choose}
            />
          ))}
        </Box>
        {large && (
          <LargePage
            seat={large}
            shown={large.id === room.shown}
            onShow={(on) => show.mutate(on ? large.id : undefined)}
            onClose={() => setChosen(null)}
          />
        )}
      </Box>
      <Box sx={BAR}>
        <Button variant="contained" onClick={() => setGiving(true)}>
          {t('rooms.give-out')}
        </Button>
        <Button aria-pressed={stilled} onClick={() => still.mutate(!stilled)}>
          {t('rooms.all-eyes-here')}
        </Button>
        <Button component={Link} to="/board/room">
          {t('common.board')}
        </Button>
        <Button
          aria-pressed={order === 'need'}
          onClick={() => setOrder(order === 'need' ? 'class' : 'need')}
        >
          {t('rooms.by-need')}
        </Button>
        {room.seats.every(({ pupil }) => pupil !== undefined) && (
          <Button disabled={fill.isPending} onClick={() => fill.mutate()}>
            {t('rooms.fill-with-made-up-pupils')}
          </Button>
        )}
        <Box sx={{ flex: 1 }} />
        <Button
          disabled={close.isPending}
          onBlur={() => setAsked(false)}
          onClick={(event) =>
            isSecondClick(event) ||
            (asked || room.seats.length === 0 ? close.mutate() : setAsked(true))
          }
        >
          {asked
            ? t('rooms.yes-close-it', { pupils: room.seats.length })
            : t('rooms.close-the-room')}
        </Button>
      </Box>
      {giving && (
        <GiveDialog
          onClose={() => setGiving(false)}
          onGiven={(given) => {
            onChange(given);
            setGiving(false);
          }}
        />
      )}
    </Box>
  );
}

/** The way into the room, its end, and the number of pupils in each state. */
function Head({ room, seats }: { room: Room; seats: Seat[] }) {
  const states = (Object.keys(STATES) as Seat['state'][])
    .map((state) => ({ state, count: seats.filter((seat) => seat.state === state).length }))
    .filter(({ count }) => count > 0);
  return (
    <Box sx={HEAD}>
      <Box sx={{ fontSize: 'said' }}>
        {room.door.address} · <strong>{room.door.code}</strong>
      </Box>
      {states.map(({ state, count }) => (
        <Box key={state} sx={{ display: 'flex', gap: 0.75, alignItems: 'center' }}>
          <StateSign state={state} />
          <span>
            {STATES[state].name} <strong>{count}</strong>
          </span>
        </Box>
      ))}
      <Box sx={{ ml: 'auto' }}>{t('rooms.open-until', { time: momentOfDay(room.endsAt) })}</Box>
    </Box>
  );
}

function LargePage({
  seat,
  shown,
  onShow,
  onClose,
}: {
  seat: Seat;
  shown: boolean;
  onShow: (on: boolean) => void;
  onClose: () => void;
}) {
  return (
    <Box role="region" aria-label={t('rooms.one-page')} tabIndex={0} sx={LARGE}>
      <Box component="h2" sx={{ m: 0, fontSize: 'lead' }}>
        {[seat.number, seat.name || t('rooms.made-up')].join(' ')}
      </Box>
      <Box sx={{ flex: 1, minHeight: 240, bgcolor: 'background.paper' }}>
        {seat.page && <SeatSheet page={seat.page} />}
      </Box>
      <Box>{seat.page?.slip ?? STATES[seat.state].name}</Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        <Button disabled={!seat.page} aria-pressed={shown} onClick={() => onShow(!shown)}>
          {t('rooms.show-it-to-all')}
        </Button>
        {seat.page?.handedIn && (
          <Button component={Link} to={`/slate/${seat.page.attempt}`}>
            {t('rooms.on-the-slate')}
          </Button>
        )}
        <Button onClick={onClose}>{t('common.close')}</Button>
      </Box>
    </Box>
  );
}

const ROWS = 'auto auto minmax(0, 1fr) auto';

const ALARM = { px: 2, py: 1, fontSize: 'said', bgcolor: 'ink.slipPage' };

const HEAD = {
  display: 'flex',
  flexWrap: 'wrap',
  alignItems: 'center',
  columnGap: 2.5,
  px: 2,
  py: 1,
  bgcolor: 'background.paper',
  borderRadius: '12px 4px 0 0',
} as const;

const SHEETS = { minHeight: 0, display: 'grid', bgcolor: 'background.paper' } as const;

const LARGE_COLUMNS = { xs: 'minmax(0, 1fr)', md: 'minmax(0, 3fr) minmax(0, 2fr)' };

const GRID = {
  minHeight: 0,
  overflow: 'auto',
  alignContent: 'start',
  gridTemplateColumns: 'repeat(auto-fill, minmax(148px, 1fr))',
  gap: 1,
  p: 1.5,
} as const;

const LARGE = {
  minHeight: 0,
  overflow: 'auto',
  display: 'flex',
  flexDirection: 'column',
  gap: 1,
  p: 1.5,
  bgcolor: 'ink.desk',
} as const;
