import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ButtonBase from '@mui/material/ButtonBase';
import { useState } from 'react';
import { api } from '../api/client';
import type { Rung, RungChange } from '../api/types';
import { useCurrentClass } from '../session/classes';
import { useLadderChange, useWholeLadder } from '../session/ladder';
import { KeptField } from '../ui/KeptField';
import { isSecondClick } from '../ui/useDeletion';
import { useDraft } from '../ui/useDraft';
import { useNotice } from '../ui/useNotice';
import { OperationRow } from './OperationRow';
import { behind, behindDropped, behindMoved } from './order';
import { ShippedDialog } from './ShippedDialog';
import { TroubleNote } from '../ui/TroubleNote';
import { t } from '../words';

/** Scrolls so that a part that was just opened is seen whole. */
const bringIntoSight = (opened: HTMLElement | null) => opened?.scrollIntoView({ block: 'nearest' });

/** The ladder of the class: its rungs are renamed, put elsewhere, hidden, and deleted. */
export function LadderPage() {
  const { data: rungs, error } = useWholeLadder();
  const [operation, setOperation] = useDraft('set operation', 'ADDITION');
  const [chosen, setChosen] = useState('');
  const [over, setOver] = useState('');
  const [asking, setAsking] = useState(false);
  // A change is undone in the class in which it was made.
  const room = useCurrentClass()?.id;
  const notice = useNotice();
  const change = useLadderChange((trouble) => notice({ text: trouble.message }));
  const mine = rungs?.filter((rung) => rung.operation === operation) ?? [];

  const put = (id: string, body: RungChange) => change.mutate(() => api.changeRung(id, body, room));
  /** Changes a rung and offers to take it back. */
  const putTelling = (id: string, body: RungChange, back: RungChange, text: string) =>
    change.mutate(() => api.changeRung(id, body, room), {
      onSuccess: () => notice({ text, undo: () => put(id, back) }),
    });
  /** Moves a rung to its place on the ladder as it is when the move's turn comes. */
  const move = (rung: Rung, where: (row: Rung[]) => string | undefined) => {
    let before: string | undefined;
    change.mutate(
      (now) => {
        const row = now.filter(({ operation: its }) => its === rung.operation);
        const to = where(row);
        if (to === undefined) {
          return Promise.resolve(now);
        }
        before = behind(row, rung.id);
        return api.changeRung(rung.id, { behind: to }, room);
      },
      {
        onSuccess: () =>
          before !== undefined &&
          notice({
            text: t('sets.has-another-place', { name: rung.name }),
            undo: () => put(rung.id, { behind: before }),
          }),
      },
    );
  };
  const moveBy = (rung: Rung, by: 1 | -1) => move(rung, (row) => behindMoved(row, rung.id, by));
  const hide = (rung: Rung) =>
    putTelling(
      rung.id,
      { hidden: !rung.hidden },
      { hidden: rung.hidden },
      rung.hidden
        ? t('sets.is-shown-again', { name: rung.name })
        : t('sets.is-hidden', { name: rung.name }),
    );
  const takeOut = ({ id, name, news, recipe, method }: Rung) => {
    const before = behind(mine, id);
    change.mutate(() => api.removeRung(id), {
      onSuccess: () =>
        notice({
          text: t('sets.is-taken-out', { name }),
          undo: () =>
            change.mutate(() => api.addRung({ name, news, recipe, method, behind: before }, room)),
        }),
    });
  };

  return (
    <Box
      sx={{
        minHeight: 0,
        display: 'grid',
        overflow: 'auto',
        gridTemplateRows: 'auto auto minmax(260px, 1fr) auto',
        px: { xs: 2, md: 3.5 },
        pb: 2,
        gap: 1,
      }}
    >
      <OperationRow rungs={rungs} chosen={operation} onChoose={setOperation} />
      <Box sx={{ fontSize: 'plain', color: 'text.secondary' }}>
        {t('sets.choose-a-rung-to-rename')}
      </Box>
      <TroubleNote of={error} />
      <Box
        component="ol"
        aria-label={t('sets.rungs-of-the-class')}
        sx={{ m: 0, p: 0, minHeight: 0, overflow: 'auto', listStyle: 'none' }}
      >
        {mine.map((rung, i) => (
          <Box
            component="li"
            key={rung.id}
            ref={chosen === rung.id ? bringIntoSight : undefined}
            draggable
            onDragStart={(event) => event.dataTransfer.setData('text/plain', rung.id)}
            onDragOver={(event) => {
              event.preventDefault();
              setOver(rung.id);
            }}
            onDragEnd={() => setOver('')}
            onDrop={(event) => {
              event.preventDefault();
              setOver('');
              const dropped = mine.find(
                ({ id }) => id === event.dataTransfer.getData('text/plain'),
              );
              if (dropped) {
                move(dropped, (row) => behindDropped(row, dropped.id, rung.id));
              }
            }}
            sx={{
              borderLeft: 5,
              borderColor: chosen === rung.id ? 'ink.nowEdge' : 'ink.tab',
              bgcolor: chosen === rung.id || over === rung.id ? 'ink.now' : 'transparent',
            }}
          >
            <ButtonBase
              aria-expanded={chosen === rung.id}
              onClick={() => setChosen(chosen === rung.id ? '' : rung.id)}
              onKeyDown={(event) => {
                if (event.altKey && (event.key === 'ArrowUp' || event.key === 'ArrowDown')) {
                  event.preventDefault();
                  moveBy(rung, event.key === 'ArrowUp' ? -1 : 1);
                }
              }}
              sx={{
                display: 'flex',
                gap: 1,
                width: '100%',
                justifyContent: 'flex-start',
                alignItems: 'baseline',
                textAlign: 'left',
                px: 1.25,
                py: 0.6,
                fontFamily: 'inherit',
                fontSize: 'plain',
                lineHeight: 1.25,
                color: rung.hidden ? 'text.secondary' : 'text.primary',
              }}
            >
              <Box component="span" sx={{ minWidth: 24, color: 'text.secondary' }}>
                {i + 1}
              </Box>
              <Box component="span" sx={{ flex: 1 }}>
                <Box
                  component="span"
                  sx={{
                    fontWeight: 700,
                    textDecoration: rung.hidden ? 'line-through' : 'none',
                  }}
                >
                  {rung.name}
                </Box>{' '}
                <Box component="span" sx={{ color: 'text.secondary', fontSize: 'note' }}>
                  {rung.news}
                </Box>
              </Box>
              {(rung.hidden || rung.own) && (
                <Box component="span" sx={{ fontSize: 'note', whiteSpace: 'nowrap' }}>
                  {[rung.own && t('sets.your-own'), rung.hidden && t('sets.hidden')]
                    .filter(Boolean)
                    .join(', ')}
                </Box>
              )}
            </ButtonBase>
            {chosen === rung.id && (
              <Box sx={{ display: 'grid', gap: 0.75, px: 1.25, pb: 1 }}>
                <Box sx={{ display: 'flex' }}>
                  <KeptField
                    key={rung.name}
                    label={t('sets.name-of', { name: rung.name })}
                    kept={rung.name}
                    most={80}
                    onKeep={(name) => put(rung.id, { name })}
                  />
                </Box>
                <Box sx={{ display: 'flex' }}>
                  <KeptField
                    key={rung.news}
                    label={t('sets.what-is-new-on', { name: rung.name })}
                    kept={rung.news}
                    most={160}
                    long
                    onKeep={(news) => put(rung.id, { news })}
                  />
                </Box>
                <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
                  <Button disabled={i === 0} onClick={() => moveBy(rung, -1)}>
                    {t('sets.put-higher-up')}
                  </Button>
                  <Button disabled={i === mine.length - 1} onClick={() => moveBy(rung, 1)}>
                    {t('sets.put-lower-down')}
                  </Button>
                  <Button onClick={() => hide(rung)}>
                    {rung.hidden ? t('common.show') : t('sets.hide')}
                  </Button>
                  {rung.own && (
                    <Button onClick={(event) => isSecondClick(event) || takeOut(rung)}>
                      {t('common.delete')}
                    </Button>
                  )}
                </Box>
              </Box>
            )}
          </Box>
        ))}
      </Box>
      <Box>
        <Button aria-haspopup="dialog" onClick={() => setAsking(true)}>
          {t('sets.the-ladder-as-it-was')}
        </Button>
      </Box>
      {asking && <ShippedDialog onClose={() => setAsking(false)} />}
    </Box>
  );
}
