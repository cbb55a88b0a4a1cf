import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { useSearchParams } from 'react-router';
import { api } from '../api/client';
import type { Register as Whole } from '../api/types';
import { useCurrentClass } from '../session/classes';
import { BOOK, COLUMN, LEFT_PAGE, PAGES, RIGHT_PAGE } from '../ui/book';
import { Coming } from '../ui/Coming';
import { useDraft } from '../ui/useDraft';
import { FirstSheetPage } from './FirstSheetPage';
import { Legend } from './Legend';
import { PupilPage } from './PupilPage';
import { RegisterGrid } from './RegisterGrid';
import { RungPage } from './RungPage';
import { SquarePage } from './SquarePage';
import {
  begunOperations,
  OPERATIONS,
  squaresOf,
  STANDINGS,
  wantedOf,
  type Filter,
  type Operation,
} from './standings';
import { usePlace, type Place } from './usePlace';
import { t } from '../words';

/** Pupils by rungs: where each stands, and beside it why. */
export default function Register() {
  const room = useCurrentClass();
  const { data: register, error } = useQuery({
    queryKey: ['register', room?.id],
    queryFn: api.register,
  });
  if (!register) {
    return <Coming trouble={error} />;
  }
  return <Opened register={register} room={room?.name ?? t('common.the-class')} />;
}

function Opened({ register, room }: { register: Whole; room: string }) {
  const [params, setParams] = useSearchParams();
  const { at, isMoved, onAt, onMove } = usePlace();
  const begun = useMemo(() => begunOperations(register), [register]);
  const [operation, setOperation] = useDraft('register operation', begun[0]);
  const [standing, setStanding] = useDraft('register standing');
  const [slip, setSlip] = useDraft('register slip');
  const pupil = register.pupils.find(({ id }) => id === at.pupil);
  const rung = register.rungs.find(({ id }) => id === at.rung);
  const first = isMoved
    ? undefined
    : (Object.keys(OPERATIONS).find((each) => each === params.get('first')) as
        Operation | undefined);
  // A rung that is come to by its address is seen among those of its operation.
  const shown = first ?? (operation && rung ? rung.operation : operation);
  const squareOf = useMemo(() => squaresOf(register), [register]);
  return (
    <Box component="main" sx={{ ...BOOK, mb: 2.5, gridTemplateColumns: PAGES }}>
      <Box sx={LEFT_PAGE}>
        <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 1 }}>
          <Box component="h2" sx={{ m: 0, mr: 1, fontSize: 'lead' }}>
            {t('common.register')}
          </Box>
          <Choice
            label={t('common.operation')}
            value={shown}
            onChoose={(to) => {
              setOperation(to);
              onAt({});
            }}
            none={t('register.all-operations')}
            names={OPERATIONS}
          />
          <Choice
            label={t('register.standing')}
            value={standing}
            onChoose={setStanding}
            none={t('register.any-standing')}
            names={STANDINGS}
          />
          <Choice
            label={t('common.slip')}
            value={slip}
            onChoose={setSlip}
            none={t('register.any-slip-or-none')}
            names={Object.fromEntries(register.slips.map(({ id, name }) => [id, name]))}
          />
        </Box>
        {register.pupils.length === 0 ? (
          <Box sx={EMPTY}>{t('register.nobody-is-in-yet-pupils', { room })}</Box>
        ) : (
          <Wanted
            register={register}
            squareOf={squareOf}
            operation={shown}
            standing={standing}
            slip={slip}
            at={at}
            onAt={onAt}
            onMove={onMove}
          />
        )}
      </Box>
      <Box
        role="region"
        aria-label={t('register.beside-the-register')}
        sx={{ ...RIGHT_PAGE, ...COLUMN }}
      >
        {pupil && rung ? (
          <SquarePage
            pupil={pupil}
            rung={rung}
            square={squareOf(pupil.id, rung.id)}
            onPupil={() => onAt({ pupil: pupil.id })}
            onRung={() => onAt({ rung: rung.id })}
          />
        ) : pupil ? (
          <PupilPage
            key={pupil.id}
            register={register}
            pupil={pupil}
            onRung={(to) => onAt({ pupil: pupil.id, rung: to })}
            onGone={() => onAt({})}
          />
        ) : rung ? (
          <RungPage
            register={register}
            rung={rung}
            onPupil={(to) => onAt({ pupil: to, rung: rung.id })}
          />
        ) : first ? (
          <FirstSheetPage register={register} operation={first} onClose={() => onAt({})} />
        ) : (
          <>
            <Legend register={register} />
            {register.pupils.length > 0 && (
              <Button
                sx={{ alignSelf: 'start' }}
                onClick={() =>
                  setParams({ first: shown || (begun[0] ?? 'ADDITION') }, { replace: true })
                }
              >
                {t('register.find-places')}
              </Button>
            )}
          </>
        )}
      </Box>
    </Box>
  );
}

/** The part of the register that is wanted. */
function Wanted({
  register,
  squareOf,
  operation,
  standing,
  slip,
  at,
  onAt,
  onMove,
}: {
  register: Whole;
  squareOf: ReturnType<typeof squaresOf>;
  operation: string;
  standing: string;
  slip: string;
  at: Place;
  onAt: (place: Place) => void;
  onMove: (place: Place) => void;
}) {
  const { pupils, rungs, isWanted } = useMemo(
    () => wantedOf(register, { operation, standing, slip } as Filter),
    [register, operation, standing, slip],
  );
  return pupils.length === 0 || rungs.length === 0 ? (
    <Box sx={EMPTY}>{t('register.nothing-in-the-register-is')}</Box>
  ) : (
    <RegisterGrid
      pupils={pupils}
      rungs={rungs}
      squareOf={squareOf}
      isWanted={isWanted}
      at={at}
      onAt={onAt}
      onMove={onMove}
    />
  );
}

const EMPTY = { p: 2, fontSize: 'lead', lineHeight: 1.5, color: 'text.secondary' } as const;

function Choice({
  label,
  value,
  onChoose,
  none,
  names,
}: {
  label: string;
  value: string;
  onChoose: (value: string) => void;
  none: string;
  names: Record<string, string>;
}) {
  return (
    <TextField
      select
      size="small"
      variant="standard"
      value={value in names ? value : ''}
      onChange={(event) => onChoose(event.target.value)}
      slotProps={{
        select: { displayEmpty: true },
        htmlInput: { 'aria-label': label },
      }}
      sx={{ maxWidth: 210 }}
    >
      <MenuItem value="">{none}</MenuItem>
      {Object.entries(names).map(([id, name]) => (
        <MenuItem key={id} value={id}>
          {name}
        </MenuItem>
      ))}
    </TextField>
  );
}
