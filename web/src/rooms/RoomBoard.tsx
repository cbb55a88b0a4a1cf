import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Link, useNavigate } from 'react-router';
import type { Room } from '../api/types';
import { BAR } from '../ui/book';
import { Coming } from '../ui/Coming';
import { useKeys } from '../ui/useKeys';
import { SeatSheet } from './SmallPage';
import { useRoom } from './useRoom';
import { t } from '../words';

/** The screen for all pupils: how to come in, or a page without a name. */
export default function RoomBoard() {
  const { rooms, room, error } = useRoom();
  const navigate = useNavigate();
  useKeys((key) => {
    if (key === 'Escape') {
      navigate('/slate/room');
    }
    return key === 'Escape';
  });
  if (!rooms) {
    return <Coming trouble={error} />;
  }
  const page = room?.seats.find(({ id }) => id === room.shown)?.page;
  return (
    <Box component="main" sx={PAGE}>
      {!room ? (
        <Box role="status" sx={{ p: 6, fontSize: 'far' }}>
          {t('rooms.no-room-is-open')}
        </Box>
      ) : page ? (
        <Box data-testid="shown" sx={{ minHeight: 0, p: 2 }}>
          <SeatSheet page={page} marked={false} />
        </Box>
      ) : room.stilled ? (
        <Box role="status" sx={{ ...MIDDLE, fontSize: 'great' }}>
          {t('rooms.all-eyes-here')}
        </Box>
      ) : (
        <Joining room={room} />
      )}
      <Box sx={{ ...BAR, px: 3 }}>
        <Button component={Link} to="/slate/room">
          {t('rooms.back-to-the-room')}
        </Button>
      </Box>
    </Box>
  );
}

/** Address and code, to be typed from the back row or read by a camera. */
function Joining({ room }: { room: Room }) {
  const { rows } = room.door.square;
  return (
    <Box sx={JOINING}>
      <Box sx={{ minWidth: 0 }}>
        <Box sx={{ fontSize: 'far' }}>{t('rooms.type-this-address')}</Box>
        <Box sx={{ fontSize: 'farther', overflowWrap: 'anywhere' }}>
          <strong>{room.door.address}</strong>
        </Box>
        <Box sx={{ mt: 4, fontSize: 'far' }}>{t('rooms.and-this-code')}</Box>
        <Box
          aria-label={room.door.code}
          sx={{ fontSize: 'great', lineHeight: 1.1, letterSpacing: '0.06em' }}
        >
          {room.door.code.slice(0, 3)} {room.door.code.slice(3)}
        </Box>
        <Box role="status" sx={{ mt: 4, fontSize: 'far' }}>
          {t('rooms.are-in', { pupils: room.seats.length })}
        </Box>
      </Box>
      {/* A camera needs dark on white, whatever the colours of the screens. */}
      <svg
        role="img"
        aria-label={t('rooms.address-and-code-for-a-camera')}
        viewBox={`-4 -4 ${rows.length + 8} ${rows.length + 8}`}
        style={{ width: '100%', maxHeight: '70vh', background: 'white' }}
        shapeRendering="crispEdges"
      >
        <path d={rows.map(dark).join('')} fill="black" />
      </svg>
    </Box>
  );
}

/** The dark squares of a row, as a path. */
const dark = (squares: string, row: number) =>
  Array.from(squares, (square, column) => (square === '1' ? `M${column} ${row}h1v1h-1z` : '')).join(
    '',
  );

const PAGE = {
  height: '100%',
  display: 'grid',
  gridTemplateRows: 'minmax(0, 1fr) auto',
  bgcolor: 'background.paper',
} as const;

const MIDDLE = { display: 'grid', placeContent: 'center', textAlign: 'center' } as const;

const JOINING = {
  minHeight: 0,
  overflow: 'auto',
  display: 'grid',
  alignItems: 'center',
  gap: 4,
  p: { xs: 3, md: 6 },
  gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 3fr) minmax(0, 2fr)' },
} as const;
