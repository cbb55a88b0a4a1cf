import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ButtonBase from '@mui/material/ButtonBase';
import InputBase from '@mui/material/InputBase';
import { useState } from 'react';
import type { Recipe, Rung, SetLine } from '../api/types';
import { useLadder } from '../session/ladder';
import { useDraft } from '../ui/useDraft';
import { Examples } from './Examples';
import { OperationRow } from './OperationRow';
import { RungDialog } from './RungDialog';
import { Sentence } from './Sentence';
import { counted } from './sentence';
import { TroubleNote } from '../ui/TroubleNote';
import { t } from '../words';

const MOST = 100;

/** The chosen rung stays in sight when the sentence below it grows. */
function keepChosenInSight(list: HTMLElement | null) {
  if (!list) {
    return undefined;
  }
  const size = new ResizeObserver(() =>
    list.querySelector('[aria-pressed="true"]')?.scrollIntoView({ block: 'nearest' }),
  );
  size.observe(list);
  return () => size.disconnect();
}

interface Chosen {
  rung?: Rung;
  recipe: Recipe;
  method: string;
}

/** The ladder to choose from, and the recipe of a rung as a sentence that can be changed. */
export function MakePage({
  busy,
  canAdd,
  onMake,
  onTellApart,
  onRun,
}: {
  busy: boolean;
  /** Whether there is a set that more sums can be added to. */
  canAdd: boolean;
  onMake: (line: SetLine, how: { adds?: boolean; lesson?: boolean }) => void;
  /** Makes the few sums that tell the slips of their method apart. */
  onTellApart: (line: SetLine) => void;
  /** Begins a run of a rung that goes on until it is passed. */
  onRun: (rung: Rung) => void;
}) {
  const { rungs, error } = useLadder();
  const [operation, setOperation] = useDraft('set operation', 'ADDITION');
  const [chosen, setChosen] = useState<Chosen | null>(null);
  const [keeping, setKeeping] = useState(false);
  const [typed, setTyped] = useState('10');
  const count = counted(typed);
  const isCount = count !== undefined && count >= 1 && count <= MOST;
  const line: SetLine | undefined =
    chosen && isCount
      ? chosen.rung
        ? { rung: chosen.rung.id, method: chosen.method, count }
        : { recipe: chosen.recipe, method: chosen.method, count }
      : undefined;
  const mine = rungs?.filter((rung) => rung.operation === operation);

  return (
    <Box
      sx={{
        minHeight: 0,
        overflow: 'auto',
        display: 'grid',
        gridTemplateRows: chosen ? 'auto minmax(80px, 1fr) auto' : 'auto minmax(0, 1fr)',
        px: { xs: 2, md: 3.5 },
        pb: 2,
        gap: 1,
      }}
    >
      <OperationRow rungs={rungs} chosen={operation} onChoose={setOperation} />
      <TroubleNote of={error} />
      <Box
        component="ol"
        ref={keepChosenInSight}
        aria-label={t('sets.rungs')}
        sx={{ m: 0, p: 0, minHeight: 0, overflow: 'auto', listStyle: 'none' }}
      >
        {mine?.map((rung) => (
          <Box component="li" key={rung.id}>
            <ButtonBase
              aria-pressed={chosen?.rung?.id === rung.id}
              onClick={() => setChosen({ rung, recipe: rung.recipe, method: rung.method })}
              sx={{
                display: 'block',
                width: '100%',
                textAlign: 'left',
                px: 1.25,
                py: 0.6,
                borderLeft: 5,
                borderColor: chosen?.rung?.id === rung.id ? 'ink.nowEdge' : 'ink.tab',
                bgcolor: chosen?.rung?.id === rung.id ? 'ink.now' : 'transparent',
                fontFamily: 'inherit',
                fontSize: 'plain',
                lineHeight: 1.25,
              }}
            >
              <Box component="span" sx={{ fontWeight: 700 }}>
                {rung.name}
              </Box>{' '}
              <Box component="span" sx={{ color: 'text.secondary', fontSize: 'note' }}>
                {rung.news}
              </Box>
            </ButtonBase>
          </Box>
        ))}
      </Box>
      {chosen && (
        <Box sx={{ minHeight: 0, borderTop: 1, borderColor: 'ink.edge', pt: 1.25 }}>
          <Sentence
            recipe={chosen.recipe}
            onChange={(recipe) => setChosen({ recipe, method: chosen.method })}
          />
          {line && <Examples line={line} />}
          <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 1.25, alignItems: 'center' }}>
            <InputBase
              value={typed}
              onChange={(event) => setTyped(event.target.value.trim())}
              error={!isCount}
              inputProps={{ 'aria-label': t('sets.how-many-sums'), inputMode: 'numeric', size: 3 }}
              sx={{
                width: 64,
                px: 1.25,
                border: 1,
                borderColor: isCount ? 'ink.edge' : 'error.main',
                borderRadius: 1,
                fontSize: 'said',
              }}
            />
            <Button
              variant="contained"
              disabled={!line || busy}
              onClick={() => line && onMake(line, {})}
            >
              {t('sets.make-sums', { count: count ?? 0 })}
            </Button>
            <Button
              disabled={!line || busy || !canAdd}
              onClick={() => line && onMake(line, { adds: true })}
            >
              {t('sets.add-to-the-set')}
            </Button>
            <Button disabled={!line || busy} onClick={() => line && onMake(line, { lesson: true })}>
              {t('sets.make-a-lesson')}
            </Button>
            <Button disabled={!line || busy} onClick={() => line && onTellApart(line)}>
              {t('sets.tell-slips-apart')}
            </Button>
            <Button
              aria-haspopup="dialog"
              disabled={!chosen.rung}
              onClick={() => chosen.rung && onRun({ ...chosen.rung, method: chosen.method })}
            >
              {t('sets.endless-run')}
            </Button>
            {!chosen.rung && (
              <Button aria-haspopup="dialog" onClick={() => setKeeping(true)}>
                {t('sets.keep-as-a-rung')}
              </Button>
            )}
            {!isCount && <Box role="alert">{t('sets.a-line-of-a-set', { most: MOST })}</Box>}
          </Box>
        </Box>
      )}
      {keeping && chosen && (
        <RungDialog
          recipe={chosen.recipe}
          method={chosen.method}
          onClose={() => setKeeping(false)}
          onKept={(rung) => setChosen({ rung, recipe: rung.recipe, method: rung.method })}
        />
      )}
    </Box>
  );
}
