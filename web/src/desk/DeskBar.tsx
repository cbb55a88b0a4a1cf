import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { memo, useLayoutEffect, useRef, type RefObject } from 'react';
import { Link } from 'react-router';
import type { Method, Working } from '../api/types';
import { BAR } from '../ui/book';
import { Kbd } from '../ui/Kbd';
import { useStable } from '../ui/useStable';
import { useDesk, useDeskTools } from '../session/deskContext';
import { lastStep } from '../session/deskReducer';
import { Ribbon } from './Ribbon';
import { MenuButton } from '../ui/MenuButton';
import { t } from '../words';

interface Tools {
  besideMethod: string | null;
  onBeside: (method: string | null) => void;
  onKeep: () => void;
  onPaper: () => void;
}

/** Below the book: forward and back, the ribbon of steps, and the actions on the page. */
export function DeskBar({ besideMethod, onBeside, onKeep, onPaper }: Tools) {
  const desk = useDesk();
  const { dispatch } = useDeskTools();
  const { line, working, step, asking, sent } = desk;
  /** Whether the line shows the sum on the desk, and not the next one being typed. */
  const isTyped = line === working?.problem;
  const next = useRef<HTMLButtonElement>(null);
  const go = useStable((to: number) => dispatch({ do: 'go', step: to }));
  // After a sum was typed the next keys step through it, so the line gives the focus up before the
  // page is drawn.
  useLayoutEffect(() => {
    if (working && isTyped && document.activeElement?.matches('[data-sum-line]')) {
      next.current?.focus();
    }
    // While a line is typed it may happen to be the sum on the desk: that is no reason to leave it.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [working]);
  // The focus leaves a line that is sent at once: keys before its page has come are for the page.
  useLayoutEffect(() => {
    if (sent && document.activeElement?.matches('[data-sum-line], body')) {
      next.current?.focus();
    }
  }, [sent]);
  const turn = (
    <Turn
      next={next}
      asking={asking}
      coming={sent !== null}
      atFirst={!sent && step === 0 && !asking}
      atLast={!sent && step === lastStep(desk)}
    />
  );
  if (!working) {
    return <Box sx={DESK_BAR}>{sent && turn}</Box>;
  }
  return (
    <Box sx={DESK_BAR}>
      {turn}
      <Ribbon working={working} step={step} onGo={go} />
      <PageTools
        working={working}
        besideMethod={besideMethod}
        onBeside={onBeside}
        onKeep={onKeep}
        onPaper={onPaper}
      />
    </Box>
  );
}

/** The ribbon needs a line of its own but on wide screens. */
const DESK_BAR = { ...BAR, flexWrap: { xs: 'wrap', lg: 'nowrap' }, py: { xs: 1, lg: 0 } };

/** Forward and back. */
const Turn = memo(function Turn({
  next,
  asking,
  coming,
  atFirst,
  atLast,
}: {
  next: RefObject<HTMLButtonElement | null>;
  asking: boolean;
  /** Whether the page is on its way. */
  coming: boolean;
  atFirst: boolean;
  atLast: boolean;
}) {
  const { dispatch } = useDeskTools();
  return (
    <>
      <Button
        aria-label={t('common.back')}
        disabled={atFirst}
        onClick={() => dispatch({ do: 'back' })}
        sx={{ px: 1.5 }}
      >
        ◂
      </Button>
      <Button
        ref={next}
        variant="contained"
        disabled={atLast}
        aria-busy={coming}
        onClick={() => dispatch({ do: 'next' })}
        sx={{ px: 2.5, fontSize: 'said', whiteSpace: 'nowrap', minWidth: 96 }}
      >
        {coming ? t('desk.setting-out') : asking ? t('common.show') : t('common.next')}
        {!coming && <Kbd>{t('common.space')}</Kbd>}
      </Button>
    </>
  );
});

/** The actions on the page, at whatever step. */
const PageTools = memo(function PageTools({
  working,
  besideMethod,
  onBeside,
  onKeep,
  onPaper,
}: Tools & { working: Working }) {
  return (
    <>
      <Beside working={working} method={besideMethod} onChoose={onBeside} />
      <Button component={Link} to="/board" aria-keyshortcuts="B" sx={TO_DO}>
        {t('common.board')}
      </Button>
      <Button onClick={onPaper} sx={TO_DO}>
        {t('common.on-paper')}
      </Button>
      <Button onClick={onKeep} sx={TO_DO}>
        {t('common.keep-page')}
      </Button>
    </>
  );
});

const TO_DO = { whiteSpace: 'nowrap', px: { xs: 1.25, sm: 1.75 } };

/** Chooses a second method to be worked on the right-hand page, or closes it again. */
function Beside({
  working,
  method,
  onChoose,
}: {
  working: Working;
  method: string | null;
  onChoose: (method: string | null) => void;
}) {
  const others: Method[] = working.methods.filter(
    ({ id, misfit }) => id !== working.sum.method && misfit === undefined,
  );
  if (method) {
    return (
      <Button aria-pressed onClick={() => onChoose(null)} sx={TO_DO}>
        {t('desk.one-page-again')}
      </Button>
    );
  }
  return (
    <MenuButton
      aria-label={t('desk.beside-another-way')}
      disabled={others.length === 0}
      title={others.length === 0 ? t('desk.there-is-no-other-method') : undefined}
      entries={() =>
        others.map(({ id, name }) => ({ key: id, name, onChoose: () => onChoose(id) }))
      }
      sx={TO_DO}
    >
      {t('desk.beside')}
      <Box component="span" sx={{ display: { xs: 'none', sm: 'inline' } }}>
        {t('desk.another-way')}
      </Box>
    </MenuButton>
  );
}
