import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Divider from '@mui/material/Divider';
import MenuItem from '@mui/material/MenuItem';
import { useQuery } from '@tanstack/react-query';
import { memo, useState } from 'react';
import { api } from '../api/client';
import type { Working } from '../api/types';
import { deferred } from '../ui/deferred';
import { useDeskTools } from '../session/deskContext';
import { Menu } from '../ui/menu';
import { t } from '../words';

const ElsewhereDialog = deferred(() => import('./ElsewhereDialog'));

/** How this page is checked, and checking a working done elsewhere. */
export const CheckLine = memo(function CheckLine({ working }: { working: Working }) {
  const { workAnew, setOut } = useDeskTools();
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const [elsewhere, setElsewhere] = useState(false);
  const { check, sum, finer } = working;
  const ways = useQuery({
    queryKey: ['check ways', sum],
    queryFn: () => api.checkWays(sum),
    enabled: anchor !== null,
    staleTime: Infinity,
  });
  return (
    <Box
      sx={{
        order: { xs: 3, md: 0 },
        flexShrink: 0,
        display: 'flex',
        flexWrap: 'wrap',
        alignItems: 'center',
        gap: 1,
      }}
    >
      <Button
        aria-haspopup="menu"
        title={check.about}
        onClick={(event) => setAnchor(event.currentTarget)}
        sx={SMALL}
      >
        {t('desk.check', { way: check.way })}
      </Button>
      <Menu
        anchorEl={anchor}
        open={anchor !== null && !ways.isPending}
        onClose={() => setAnchor(null)}
      >
        {ways.isError && <MenuItem disabled>{ways.error.message}</MenuItem>}
        {ways.data?.map(({ value, name, steps, strength }) => (
          <MenuItem
            key={value}
            selected={value === check.choice}
            onClick={() => {
              setAnchor(null);
              workAnew({ ...sum, check: value });
            }}
          >
            {name}
            <Box
              component="span"
              sx={{
                ml: 'auto',
                pl: 3,
                color: 'text.secondary',
                fontSize: 15,
                whiteSpace: 'normal',
                lineHeight: 1.2,
              }}
            >
              {t('desk.steps', { steps })}
              {strength && ` · ${strength}`}
            </Box>
          </MenuItem>
        ))}
        {ways.data && ways.data.length > 0 && <Divider />}
        {STEPS.map(({ checkSteps, name }) => (
          <MenuItem
            key={checkSteps}
            selected={checkSteps === sum.style?.checkSteps}
            onClick={() => {
              setAnchor(null);
              workAnew({ ...sum, style: { ...sum.style, checkSteps } });
            }}
          >
            {name}
          </MenuItem>
        ))}
      </Menu>
      {finer && (
        <Button onClick={() => setOut({ ...sum, plain: finer.plain })} sx={SMALL}>
          {finer.name}
        </Button>
      )}
      <Button onClick={() => setElsewhere(true)} sx={SMALL}>
        {t('desk.check-my-working')}
      </Button>
      {elsewhere && <ElsewhereDialog working={working} onClose={() => setElsewhere(false)} />}
    </Box>
  );
});

/** A class that knows how to check sees what comes of each sum, and whether it comes back. */
const STEPS = [
  { checkSteps: 'EACH_FIGURE', name: t('desk.a-step-for-each-figure') },
  { checkSteps: 'EACH_SUM', name: t('desk.a-step-for-each-sum') },
] as const;

const SMALL = { minHeight: 32, px: 1.25, fontSize: 15 };
