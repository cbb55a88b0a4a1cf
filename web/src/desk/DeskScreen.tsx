import Box from '@mui/material/Box';
import visuallyHidden from '@mui/utils/visuallyHidden';
import { useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import { SquaredPage } from '../paper/SquaredPage';
import { BOOK, PAGES, RIGHT_PAGE, SCREEN } from '../ui/book';
import { useKeys } from '../ui/useKeys';
import { useStable } from '../ui/useStable';
import { BesidePage } from './BesidePage';
import { DeskBar } from './DeskBar';
import { useDesk, useDeskTools } from '../session/deskContext';
import { allSteps, stepKey } from '../session/deskReducer';
import { layersAt } from '../session/layers';
import { SpokenPage } from './SpokenPage';
import { deferred } from '../ui/deferred';
import { t } from '../words';

const KeepDialog = deferred(() => import('./KeepDialog'));
const PaperDialog = deferred(() => import('./PaperDialog'));

/** The open exercise book: squared paper on the left, the sentence of the step on the right. */
export function DeskScreen() {
  const desk = useDesk();
  const { dispatch } = useDeskTools();
  const navigate = useNavigate();
  const { working, step } = desk;
  const [keeping, setKeeping] = useState(false);
  const [onPaper, setOnPaper] = useState(false);
  /** The sum that is worked another way beside; a new sum closes the second page. */
  const [beside, setBeside] = useState<{ problem: string; method: string } | null>(null);
  const setBesideMethod = useStable((method: string | null) =>
    setBeside(working && method ? { problem: working.problem, method } : null),
  );
  const keep = useStable(() => setKeeping(true));
  const layOnPaper = useStable(() => setOnPaper(true));
  const besideMethod = working && beside?.problem === working.problem ? beside.method : null;

  useEffect(() => {
    KeepDialog.ahead();
    PaperDialog.ahead();
  }, []);

  useKeys((key, event) => {
    if (event.shiftKey) {
      return false;
    }
    if (key === 'b') {
      navigate('/board');
      return true;
    }
    if (isFigure(key) && !event.altKey) {
      // The figure itself is typed into the line by the browser.
      const line = document.querySelector<HTMLInputElement>('[data-sum-line]');
      line?.focus();
      line?.select();
      return false;
    }
    const action = stepKey(key, desk);
    if (action) {
      dispatch(action);
    }
    return action !== undefined;
  });

  return (
    <Box component="main" sx={SCREEN}>
      <Box component="h2" sx={visuallyHidden}>
        {working?.problem ?? t('app.desk')}
      </Box>
      <Box sx={{ ...BOOK, gridTemplateColumns: besideMethod ? EVEN_PAGES : PAGES }}>
        <SquaredPage
          label={t('common.squared-paper')}
          layers={working ? layersAt(working, step).slice(0, besideMethod ? 1 : 2) : []}
          focus={
            working ? (besideMethod ? working.steps : allSteps(working))[step]?.focus : undefined
          }
          names={working ?? undefined}
          walked={working !== null}
        />
        <Box sx={RIGHT_PAGE}>
          {!working && <EmptyDesk />}
          {working && !besideMethod && <SpokenPage working={working} />}
          {working && besideMethod && (
            <BesidePage working={working} step={step} method={besideMethod} />
          )}
        </Box>
      </Box>
      <DeskBar
        besideMethod={besideMethod}
        onBeside={setBesideMethod}
        onKeep={keep}
        onPaper={layOnPaper}
      />
      {working && onPaper && (
        <PaperDialog working={working} step={step} onClose={() => setOnPaper(false)} />
      )}
      {working && keeping && <KeepDialog working={working} onClose={() => setKeeping(false)} />}
    </Box>
  );
}

/** Whether a key begins a sum. */
const isFigure = (key: string) => /^[\d√]$/.test(key);

const EVEN_PAGES = { xs: 'minmax(0, 1fr)', md: 'minmax(0, 1fr) minmax(0, 1fr)' };

function EmptyDesk() {
  return (
    <Box sx={{ p: 4, fontSize: 'lead', lineHeight: 1.5, color: 'text.secondary' }}>
      {t('desk.write-a-sum-in-the')}
      <Box component="ul" sx={{ my: 1.5, pl: 3, color: 'text.primary' }}>
        <li>348 + 97 + 205</li>
        <li>6,203 − 1,487</li>
        <li>57 × 38</li>
        <li>943 ÷ 7</li>
        <li>{t('desk.2-to-3-places')}</li>
      </Box>
      {t('desk.or-open-a-page-from')}
    </Box>
  );
}
