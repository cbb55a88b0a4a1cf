import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { ThemeProvider } from '@mui/material/styles';
import visuallyHidden from '@mui/utils/visuallyHidden';
import { useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import type { Working } from '../api/types';
import { layersAt } from '../session/layers';
import { useDesk, useDeskTools } from '../session/deskContext';
import { allSteps, placeInRow, stepKey } from '../session/deskReducer';
import { BeatsToggle } from '../session/BeatsToggle';
import { CueRow } from '../session/CueRow';
import { LinedUpButton } from '../session/LinedUpButton';
import { said, useStepWords } from '../session/stepWords';
import { SquaredPage } from '../paper/SquaredPage';
import { darkTheme, LOW, theme } from '../theme';
import { SheetStyles } from '../paper/SheetStyles';
import { Kbd } from '../ui/Kbd';
import { useAnnounced } from '../ui/useAnnounced';
import { useKeys } from '../ui/useKeys';
import { useIsPrinted, useSystemDark } from '../ui/useSystemDark';
import { BlankPage } from './BlankPage';
import { t } from '../words';

const DARK = 'bemble.board.dark';

/** Page and sentence only, as large as the screen allows, for a whole room to read. */
export default function Board() {
  const navigate = useNavigate();
  const desk = useDesk();
  const { dispatch, setOut, busy } = useDeskTools();
  const systemDark = useSystemDark();
  const [chosen, setChosen] = useState(() => localStorage.getItem(DARK));
  const isPrinted = useIsPrinted();
  const dark = !isPrinted && (chosen === null ? systemDark : chosen === 'true');
  const [blank, setBlank] = useState(false);
  const { working, askFirst, row } = desk;
  const place = placeInRow(row, working);
  const next = row.length > 1 ? row[(place + 1) % row.length] : undefined;

  // On the Board the question comes first; the Desk finds its own way of asking again.
  useEffect(() => {
    dispatch({ do: 'ask first', on: true });
    return () => dispatch({ do: 'ask first', on: false });
  }, [dispatch]);

  const turn = () => {
    localStorage.setItem(DARK, String(!dark));
    setChosen(String(!dark));
  };
  const close = () => navigate('/desk');
  useKeys((key, event) => {
    if (event.shiftKey) {
      return false;
    }
    if (key === 'Escape' || key === 'b') {
      close();
      return true;
    }
    if (blank || !working) {
      return false;
    }
    if (key === 'n' && next) {
      setOut(next);
      return true;
    }
    const action = stepKey(key, desk);
    if (action) {
      dispatch(action);
    }
    return action !== undefined;
  });

  return (
    <ThemeProvider theme={dark ? darkTheme : theme}>
      <SheetStyles />
      <Box
        component="main"
        data-dark={dark}
        sx={{
          height: '100%',
          display: 'grid',
          // The paper has half the screen at the least; the rest may be scrolled to.
          gridTemplateRows: 'minmax(50%, 1fr) auto auto',
          gridTemplateColumns: 'minmax(0, 1fr)',
          overflow: 'auto',
          bgcolor: 'background.paper',
          color: 'text.primary',
        }}
      >
        <Box component="h2" sx={visuallyHidden}>
          {working?.problem ?? t('common.board')}
        </Box>
        {blank ? (
          <BlankPage key={working?.problem} working={working} />
        ) : (
          working && <BoardPage working={working} key={working.problem} />
        )}
        {!blank && !working && (
          <Box role="status" sx={{ p: 6, fontSize: 'far' }}>
            {busy ? t('desk.setting-out') : t('board.there-is-no-page-on')}
          </Box>
        )}
        <Box
          role="toolbar"
          aria-label={t('common.board')}
          sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, px: 3, py: 1, bgcolor: 'ink.desk' }}
        >
          <Button onClick={close}>{t('board.back-to-the-desk')}</Button>
          <Button aria-pressed={blank} onClick={() => setBlank(!blank)}>
            {t('board.blank-page')}
          </Button>
          <Button aria-pressed={dark} onClick={turn}>
            {t('board.dark')}
          </Button>
          <Button onClick={() => navigate('/slate/room')}>{t('rooms.room')}</Button>
          {!blank && working && (
            <>
              <Button
                aria-pressed={askFirst}
                onClick={() => dispatch({ do: 'ask first', on: !askFirst })}
              >
                {t('common.ask-first')}
              </Button>
              <BeatsToggle working={working} />
              <LinedUpButton working={working} />
              {next && (
                <Button onClick={() => setOut(next)}>
                  {t(place + 1 < row.length ? 'board.sum-of' : 'board.last-sum-of', {
                    number: place + 1,
                    sums: row.length,
                  })}
                  <Kbd>n</Kbd>
                </Button>
              )}
              <Box sx={{ flex: 1 }} />
              <Button
                aria-label={t('common.back')}
                onClick={() => dispatch({ do: 'back' })}
                sx={{ px: 3 }}
              >
                ◂
              </Button>
              <Button
                variant="contained"
                onClick={() => dispatch({ do: 'next' })}
                sx={{ minWidth: 120 }}
              >
                {desk.asking ? t('common.show') : t('common.next')}
              </Button>
            </>
          )}
        </Box>
      </Box>
    </ThemeProvider>
  );
}

function BoardPage({ working }: { working: Working }) {
  const desk = useDesk();
  const { step, asking, askFirst, brief } = desk;
  const steps = allSteps(working);
  const number = asking ? step + 1 : step;
  const now = steps[number];
  const words = useStepWords(working, askFirst || brief)[number];
  const sentence = now && (asking ? words?.ask : said(now, words, brief));
  useAnnounced(sentence);
  return (
    <>
      <SquaredPage
        room
        label={t('common.squared-paper')}
        layers={
          step < working.steps.length ? [layersAt(working, step)[0]] : layersAt(working, step)
        }
        focus={steps[step]?.focus}
        names={working}
        walked
      />
      <Box sx={{ px: 4, py: 1.5, bgcolor: 'ink.now', borderTop: 6, borderColor: 'ink.nowEdge' }}>
        {now && working.cues.length > 0 && number < working.steps.length && (
          <Box sx={{ mb: 0.5, fontSize: 'far', lineHeight: 1.2 }}>
            <CueRow cues={working.cues} step={now} />
          </Box>
        )}
        <Box
          data-testid="sentence"
          sx={{
            minHeight: '2.4em',
            [LOW]: { minHeight: '1.2em' },
            fontSize: 'farther',
            lineHeight: 1.2,
          }}
        >
          {sentence}
        </Box>
      </Box>
    </>
  );
}
