import Box from '@mui/material/Box';
import { useParams } from 'react-router';
import { BOOK, PAGES, RIGHT_PAGE } from '../ui/book';
import { GridScreen } from './GridScreen';
import { HandoutList } from './HandoutList';
import { RollPage } from './RollPage';
import { deferred } from '../ui/deferred';
import { Coming } from '../ui/Coming';

const SheetsIn = deferred(() => import('../scan/SheetsIn'), <Coming />);

/** The handouts of the class and its pupils; or one handout that is being marked. */
export default function Marking() {
  const { id, view } = useParams();
  if (id !== undefined && view === 'sheets') {
    return <SheetsIn key={id} handout={Number(id)} />;
  }
  if (id !== undefined) {
    return <GridScreen key={id} id={Number(id)} />;
  }
  return (
    <Box component="main" sx={{ ...BOOK, mb: 2.5, gridTemplateColumns: PAGES }}>
      {/* New pupils come before long lists, though they stand behind them. */}
      <Box sx={{ ...RIGHT_PAGE, order: 1 }}>
        <RollPage />
      </Box>
      <HandoutList />
    </Box>
  );
}
