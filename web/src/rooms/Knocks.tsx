import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from '../api/client';
import type { Knock, Room } from '../api/types';
import { useCurrentClass } from '../session/classes';
import { useAct } from '../ui/useAct';
import { useNotice } from '../ui/useNotice';
import { t } from '../words';

/** The devices at the door, each with who that may be. */
export function Knocks({ room, onChange }: { room: Room; onChange: (room: Room) => void }) {
  const notice = useNotice();
  const say = (trouble: Error) => notice({ text: trouble.message });
  const letIn = useAct({ mutationFn: api.letIn, onSuccess: onChange, onError: say });
  const turnAway = useAct({ mutationFn: api.turnAway, onSuccess: onChange, onError: say });
  /** The knocks without any doubt. */
  const clear = room.door.knocks.filter(({ pupils, again }) => pupils.length === 1 && !again);
  if (room.door.knocks.length === 0) {
    return null;
  }
  return (
    <Box role="region" aria-label={t('rooms.at-the-door')} sx={AT_DOOR}>
      {clear.length > 1 && (
        <Button
          variant="contained"
          disabled={letIn.isPending}
          onClick={() => letIn.mutate(clear.map((knock) => asked(knock, knock.pupils[0] ?? 0)))}
        >
          {t('rooms.let-all-in', { devices: clear.length })}
        </Button>
      )}
      {room.door.knocks.map((knock) => (
        <OneKnock
          key={knock.id}
          knock={knock}
          onLetIn={(pupil) => letIn.mutate([asked(knock, pupil)])}
          onTurnAway={() => turnAway.mutate(knock.id)}
        />
      ))}
    </Box>
  );
}

const asked = ({ id }: Knock, pupil: number) => ({ knock: id, pupil });

function OneKnock({
  knock,
  onLetIn,
  onTurnAway,
}: {
  knock: Knock;
  onLetIn: (pupil: number) => void;
  onTurnAway: () => void;
}) {
  const classId = useCurrentClass()?.id;
  const { data: roll } = useQuery({ queryKey: ['roll', classId], queryFn: api.roll });
  const there = roll?.filter(({ left }) => !left) ?? [];
  const [chosen, setChosen] = useState<number | ''>('');
  const pupil = chosen === '' ? (knock.pupils.length === 1 ? knock.pupils[0] : undefined) : chosen;
  const place = there.findIndex(({ id }) => id === pupil);
  const name = place < 0 ? '' : `${place + 1} ${there[place]?.name ?? ''}`;
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 1 }}>
      <Box sx={{ fontSize: 'said', minWidth: 120 }}>
        {knock.again
          ? t('rooms.on-another-device', { name })
          : name
            ? t('rooms.is-it', { name })
            : t('rooms.said', { said: knock.said })}
      </Box>
      {knock.pupils.length !== 1 && (
        <TextField
          select
          size="small"
          label={t('rooms.who-is-it')}
          value={chosen}
          onChange={(event) => setChosen(Number(event.target.value))}
          sx={{ minWidth: 160 }}
        >
          {there
            .filter(({ id }) => knock.pupils.length === 0 || knock.pupils.includes(id))
            .map(({ id, name: each }) => (
              <MenuItem key={id} value={id}>
                {each}
              </MenuItem>
            ))}
        </TextField>
      )}
      <Button
        disabled={pupil === undefined}
        aria-label={t('rooms.let-in-named', { name: name || knock.said })}
        onClick={() => pupil !== undefined && onLetIn(pupil)}
      >
        {t('rooms.let-in')}
      </Button>
      <Button
        aria-label={t('rooms.turn-away-named', { name: name || knock.said })}
        onClick={onTurnAway}
      >
        {t('rooms.turn-away')}
      </Button>
    </Box>
  );
}

const AT_DOOR = {
  display: 'flex',
  flexWrap: 'wrap',
  gap: 1.5,
  px: 2,
  py: 1,
  maxHeight: 150,
  overflow: 'auto',
  bgcolor: 'ink.now',
  borderLeft: 6,
  borderColor: 'ink.nowEdge',
} as const;
