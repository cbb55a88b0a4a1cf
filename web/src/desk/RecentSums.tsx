import { useNavigate } from 'react-router';
import { useDeskTools } from '../session/deskContext';
import { recentSums } from '../session/recent';
import { MenuButton } from '../ui/MenuButton';
import { t } from '../words';

/** Opens the list of the sums that were set out lately, to lay one on the desk again. */
export function RecentSums() {
  const { setOut } = useDeskTools();
  const navigate = useNavigate();
  return (
    <MenuButton
      variant="text"
      aria-label={t('desk.sums-set-out-lately')}
      title={t('desk.sums-set-out-lately')}
      entries={() => {
        const sums = recentSums().map(({ problem, method, sum }) => ({
          key: problem,
          name: problem,
          aside: method,
          onChoose: () => {
            setOut(sum);
            void navigate('/desk');
          },
        }));
        return sums.length > 0 ? sums : [{ key: 'none', name: t('desk.no-sum-has-been-set') }];
      }}
      sx={{ px: 1, color: 'text.secondary' }}
    >
      ▾
    </MenuButton>
  );
}
