import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { api } from '../api/client';
import type { Pupil, RegisterSquare, RungLabel } from '../api/types';
import { dayTold } from '../marking/told';
import { useAct } from '../ui/useAct';
import { CARD } from '../ui/card';
import { useAnnounced } from '../ui/useAnnounced';
import { useDraft } from '../ui/useDraft';
import { StandingShape } from './StandingShape';
import { inOrder, STANDINGS, type Standing } from './standings';
import { useTakeRegister } from './useDecide';
import { TroubleNote } from '../ui/TroubleNote';
import { t } from '../words';

interface Decided {
  pupil: number;
  rung: string;
  /** None where the rules are to say it again. */
  standing?: Standing;
}

/** The reason for a pupil's standing on a rung, and the teacher's decision. */
export function SquarePage({
  pupil,
  rung,
  square,
  onPupil,
  onRung,
}: {
  pupil: Pupil;
  rung: RungLabel;
  square: RegisterSquare | undefined;
  onPupil: () => void;
  onRung: () => void;
}) {
  const take = useTakeRegister();
  const [note, setNote, forgetNote] = useDraft(
    `standing ${pupil.id} ${rung.id}`,
    square?.note ?? '',
  );
  const of = { pupil: pupil.id, rung: rung.id };
  const decide = useAct({
    again: true,
    mutationFn: (decided: Decided) => api.decideStandings([{ ...decided, note }]),
    onSuccess: take,
  });
  // The note of this square goes, also where another one is looked at by then.
  const say = (standing?: Standing) =>
    decide.mutate({ ...of, standing }, { onSuccess: forgetNote });
  // The decision about another square says nothing of this one.
  const isOfThis = decide.variables?.pupil === of.pupil && decide.variables.rung === of.rung;
  const isBusy = isOfThis && decide.isPending;
  const standing = square?.standing ?? 'NEW';
  const told = {
    rung: rung.name,
    standing: STANDINGS[standing],
    why: square?.why ?? t('register.nothing-was-worked-yet'),
  };
  useAnnounced(`${pupil.name}, ${t('register.square-told', told)}`);
  return (
    <>
      <Box component="h2" sx={{ m: 0, fontSize: 'lead', lineHeight: 1.25 }}>
        {pupil.name}: {rung.name}
      </Box>
      <Box sx={{ ...CARD, borderColor: 'success.main', bgcolor: 'ink.now' }}>
        <Box
          sx={{ display: 'flex', alignItems: 'center', gap: 1, fontSize: 'said', fontWeight: 700 }}
        >
          <StandingShape standing={standing} slip={square?.slip !== undefined} />
          {STANDINGS[standing]}
        </Box>
        <Box data-testid="why" sx={{ fontSize: 'plain', lineHeight: 1.45 }}>
          {told.why}
        </Box>
        {square?.byRules && (
          <Box sx={{ fontSize: 'plain', lineHeight: 1.45 }}>
            {t(square.note ? 'register.decided-with-note' : 'register.decided', {
              standing: STANDINGS[square.byRules],
              note: square.note,
            })}
            {square.decidedOn && ` ${t('register.decided-on', { day: dayTold(square.decidedOn) })}`}
          </Box>
        )}
        {square?.against && (
          <Box role="note" sx={{ mt: 0.5, fontSize: 'plain', fontWeight: 700 }}>
            {t('register.newer-work-speaks-against-it')}
          </Box>
        )}
      </Box>
      <Box>
        <Box component="h3" sx={{ m: 0, mb: 0.75, fontSize: 'plain' }}>
          {t('register.decide-it-yourself')}
        </Box>
        <TextField
          label={t('register.why-optional')}
          size="small"
          fullWidth
          value={note}
          onChange={(event) => setNote(event.target.value)}
          slotProps={{ htmlInput: { maxLength: 400 } }}
        />
        <Box
          role="group"
          aria-label={t('register.decide-it-yourself')}
          sx={{ mt: 1, display: 'flex', flexWrap: 'wrap', gap: 0.75 }}
        >
          {inOrder.map((each) => (
            <Button
              key={each}
              size="small"
              aria-pressed={square?.byRules !== undefined && standing === each}
              // A button that is disabled under the hand loses the focus.
              onClick={() => !isBusy && say(each)}
            >
              {STANDINGS[each]}
            </Button>
          ))}
          <Button size="small" disabled={isBusy || !square?.byRules} onClick={() => say()}>
            {t('register.as-the-rules-say')}
          </Button>
        </Box>
        <TroubleNote of={isOfThis ? decide.error : null} />
      </Box>
      <Box sx={{ mt: 'auto', display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        <Button onClick={onPupil}>{t('register.all-of', { name: pupil.name })}</Button>
        <Button onClick={onRung}>{t('register.all-on-this-rung')}</Button>
      </Box>
    </>
  );
}
