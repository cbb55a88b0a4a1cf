import { useParams } from 'react-router';
import { LogPage } from './LogPage';
import { TodayPage } from './TodayPage';
import { WeeksPage } from './WeeksPage';

/** The next lesson, the weeks, and the logbook. */
export default function Plan() {
  const { view } = useParams();
  return view === 'today' ? <TodayPage /> : view === 'log' ? <LogPage /> : <WeeksPage />;
}
