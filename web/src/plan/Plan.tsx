import { useParams } from 'react-router';
import { LogPage } from './LogPage';
import { TodayPage } from './TodayPage';
import { WeeksPage } from './WeeksPage';

/** What comes next, the weeks, and what was done. */
export default function Plan() {
  const { view } = useParams();
  return view === 'today' ? <TodayPage /> : view === 'log' ? <LogPage /> : <WeeksPage />;
}
