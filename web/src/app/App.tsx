import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { Route, Routes, useLocation, useNavigate } from 'react-router';
import { DeskScreen } from '../desk/DeskScreen';
import { ProblemLine } from '../desk/ProblemLine';
import { LOW } from '../theme';
import { useDesk } from '../session/deskContext';
import { ScreenBoundary } from '../ui/ScreenBoundary';
import { CLOSED } from '../ui/closed';
import { Coming } from '../ui/Coming';
import { deferred, openedLater } from '../ui/deferred';
import { useKeys } from '../ui/useKeys';
import { toPage } from '../ui/toPage';
import { useStable } from '../ui/useStable';
import { ClassChoice } from '../house/ClassChoice';
import { Start } from './Start';
import { TABS } from './tabList';
import { NotHere } from './NotHere';
import { Tabs } from './Tabs';
import { t } from '../words';

const KeysDialog = openedLater(() => import('./KeysDialog'));
const Workbook = deferred(() => import('../workbook/Workbook'), <Coming />);
const SlateStart = deferred(() => import('../slate/SlateStart'), <Coming />);
const SlateScreen = deferred(() => import('../slate/SlateScreen'), <Coming />);
const RoomScreen = deferred(() => import('../rooms/RoomScreen'), <Coming />);
const RoomSummary = deferred(() => import('../rooms/RoomSummary'), <Coming />);
const RoomBoard = deferred(() => import('../rooms/RoomBoard'), <Coming />);
const RunScreen = deferred(() => import('../runs/RunScreen'), <Coming />);
const Marking = deferred(() => import('../marking/Marking'), <Coming />);
const Register = deferred(() => import('../register/Register'), <Coming />);
const Plan = deferred(() => import('../plan/Plan'), <Coming />);
const HouseStyle = deferred(() => import('../house/HouseStyle'), <Coming />);
const Sets = deferred(() => import('../sets/Sets'), <Coming />);
const MistakeScreen = deferred(() => import('../mistake/MistakeScreen'), <Coming />);
const Guide = deferred(() => import('../guide/Guide'), <Coming />);
const Board = deferred(() => import('../board/Board'), <Coming />);

/** The desk top: the line to write in above, the open book with its tabs below. */
export function App() {
  const navigate = useNavigate();
  const { pathname } = useLocation();
  const [showKeys, setShowKeys] = useState(false);
  const turnedByKey = useRef(false);
  useEffect(() => {
    if (turnedByKey.current) {
      turnedByKey.current = false;
      toPage();
    }
  }, [pathname]);
  useKeys((key, event) => {
    const turned = event.altKey ? TABS[Number(event.code.replace('Digit', '')) - 1] : undefined;
    const to = key === 'F1' ? '/help' : turned?.path;
    if (to) {
      turnedByKey.current = true;
      navigate(to);
      return true;
    }
    if (key === '?') {
      setShowKeys(true);
      return true;
    }
    return false;
  });
  const { data: closed } = useQuery<boolean>({ queryKey: CLOSED, enabled: false });
  const tab = TABS.find(({ path }) => pathname.startsWith(path));
  const view = { '/board': t('common.board'), '/help': t('app.help') }[pathname] ?? tab?.name;
  const openKeys = useStable(() => setShowKeys(true));
  const toDesk = useStable(() => pathname !== '/desk' && void navigate('/desk'));
  if (closed) {
    return (
      <Box component="main" sx={{ height: '100%', display: 'grid', placeItems: 'center', p: 2 }}>
        <Box sx={{ p: 6, bgcolor: 'background.paper', borderRadius: 2, textAlign: 'center' }}>
          <Typography variant="h1">{t('app.bemble')}</Typography>
          <Box role="status" sx={{ mt: 2, fontSize: 'lead' }}>
            {t('guide.is-closed')}
          </Box>
        </Box>
      </Box>
    );
  }
  if (pathname === '/board/mistake') {
    return (
      <ScreenBoundary screen={pathname}>
        <Title view={t('mistake.what-went-wrong')} />
        <MistakeScreen />
      </ScreenBoundary>
    );
  }
  if (pathname === '/board/room') {
    return (
      <ScreenBoundary screen={pathname}>
        <Title view={t('rooms.room')} />
        <RoomBoard />
      </ScreenBoundary>
    );
  }
  if (pathname === '/board') {
    return (
      <ScreenBoundary screen={pathname}>
        <Title view={view} />
        <Board />
      </ScreenBoundary>
    );
  }
  return (
    <Box
      sx={{
        height: '100%',
        [LOW]: { height: 600 },
        display: 'grid',
        gridTemplateRows: 'auto minmax(0, 1fr)',
        gridTemplateColumns: 'minmax(0, 1fr)',
        gap: 2,
        pt: { xs: 1.5, md: 2.5 },
        '@media print': { display: 'block' },
      }}
    >
      <Box
        component="header"
        sx={{
          display: 'flex',
          flexWrap: { xs: 'wrap', md: 'nowrap' },
          alignItems: 'center',
          columnGap: { xs: 1.5, md: 3 },
          rowGap: 1,
          px: { xs: 1.5, md: 3.5 },
        }}
      >
        <Title view={view} />
        <Skip />
        <Typography variant="h1">{t('app.bemble')}</Typography>
        <ProblemLine wideOnly={view !== 'Desk'} onSetOut={toDesk} />
        <Box
          sx={{
            display: { xs: 'flex', md: 'block' },
            order: { xs: 1, md: 2 },
            flexWrap: 'wrap',
            alignItems: 'baseline',
            justifyContent: 'end',
            flex: { xs: 1, md: '0 0 136px' },
            minWidth: 0,
            textAlign: 'right',
            fontSize: 'note',
            lineHeight: 1.25,
          }}
        >
          <ClassChoice />
          <Box sx={{ fontWeight: 700, overflowWrap: 'anywhere', pr: 0.5 }}>
            {/* On another tab it would seem to be about the text that is typed there. */}
            {view === 'Desk' && <KeptAs />}
          </Box>
        </Box>
      </Box>
      <Box
        sx={{
          minHeight: 0,
          minWidth: 0,
          display: 'grid',
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', sm: 'minmax(0, 1fr) auto' },
          gridTemplateRows: { xs: 'minmax(0, 1fr) auto', sm: 'minmax(0, 1fr)' },
          px: { xs: 1, sm: 0 },
          pl: { xs: 1.5, md: 3.5 },
        }}
      >
        <ScreenBoundary screen={pathname}>
          <Routes>
            <Route path="/desk" element={<DeskScreen />} />
            <Route path="/slate" element={<SlateStart />} />
            <Route path="/slate/room" element={<RoomScreen />} />
            <Route path="/slate/room/:id" element={<RoomSummary />} />
            <Route path="/slate/run/:id" element={<RunScreen />} />
            <Route path="/slate/:id" element={<SlateScreen />} />
            <Route path="/sets/:id?" element={<Sets />} />
            <Route path="/marking/:id?/:view?" element={<Marking />} />
            <Route path="/register" element={<Register />} />
            <Route path="/plan/:view?" element={<Plan />} />
            <Route path="/workbook" element={<Workbook />} />
            <Route path="/house/:id?" element={<HouseStyle />} />
            <Route path="/help" element={<Guide />} />
            <Route path="/" element={<Start />} />
            <Route path="*" element={<NotHere />} />
          </Routes>
        </ScreenBoundary>
        <Tabs onKeys={openKeys} />
      </Box>
      <KeysDialog open={showKeys} onClose={() => setShowKeys(false)} />
    </Box>
  );
}

/** The first stop of the keyboard: it leads past the line and its signs to the page. */
function Skip() {
  return (
    <Button
      variant="contained"
      sx={{
        position: 'absolute',
        zIndex: 20,
        top: 8,
        left: 8,
        '&:not(:focus)': { top: -80 },
      }}
      onClick={toPage}
    >
      {t('app.to-the-page')}
    </Button>
  );
}

/** Names the browser's window after the view, and the sum where it shows that of the desk. */
function Title({ view }: { view: string | undefined }) {
  const { working } = useDesk();
  const sum = view === 'Board' || view === 'Desk' ? working?.problem : undefined;
  useEffect(() => {
    document.title = [sum, view, t('app.bemble')].filter(Boolean).join(' · ');
  }, [sum, view]);
  return null;
}

/** The name under which the page on the desk is kept. */
function KeptAs() {
  const { page, working } = useDesk();
  return page ? page.title : working && t('common.not-kept-yet');
}
