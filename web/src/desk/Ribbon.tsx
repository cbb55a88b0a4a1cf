import { styled } from '@mui/material/styles';
import { memo, useLayoutEffect, useMemo, useRef } from 'react';
import type { Step, Working } from '../api/types';
import { allSteps } from '../session/deskReducer';
import { SIZES } from '../theme';
import { t } from '../words';

interface Section {
  name: string;
  first: number;
  count: number;
}

/** The steps in sections of one column each; the check is one section of its own. */
function sections(working: Working): Section[] {
  const all: Section[] = [];
  working.steps.forEach(({ section }, index) => {
    const latest = all.at(-1);
    if (latest?.name === section) {
      latest.count++;
    } else {
      all.push({ name: section, first: index, count: 1 });
    }
  });
  const { length } = working.check.steps;
  return [...all, { name: t('desk.check-plain'), first: working.steps.length, count: length }];
}

/**
 * One short bar for each step; pressing it goes there. To the keyboard and to a screen reader the
 * whole is one slider.
 */
export function Ribbon({
  working,
  step,
  onGo,
}: {
  working: Working;
  step: number;
  onGo: (step: number) => void;
}) {
  const frame = useRef<HTMLDivElement>(null);
  // Before it is painted, so that a step is painted once.
  useLayoutEffect(() => {
    frame.current
      ?.querySelector('[data-now=true]')
      ?.scrollIntoView({ block: 'nearest', inline: 'center' });
  }, [step, working]);
  const parts = useMemo(() => sections(working), [working]);
  const steps = allSteps(working);
  return (
    <Frame
      ref={frame}
      role="slider"
      aria-label={t('desk.step')}
      tabIndex={0}
      aria-valuemin={1}
      aria-valuemax={steps.length}
      aria-valuenow={step + 1}
      aria-valuetext={t('desk.step-of', {
        step: step + 1,
        steps: steps.length,
        say: steps[step]?.say,
      })}
      onClick={(event) => {
        const bar = event.target instanceof Element ? event.target.closest('[data-step]') : null;
        if (bar instanceof HTMLElement) {
          onGo(Number(bar.dataset.step));
        }
      }}
    >
      {parts.map(({ name, first, count }) => (
        <Part
          key={first}
          name={name}
          first={first}
          count={count}
          at={Math.min(Math.max(step - first, -1), count)}
          steps={steps}
        />
      ))}
    </Frame>
  );
}

/**
 * The bars of one section; `at` is the current step, −1 before it and `count` after it. A later
 * step has no title, which would give it away.
 */
const Part = memo(function Part({
  name,
  first,
  count,
  at,
  steps,
}: {
  name: string;
  first: number;
  count: number;
  at: number;
  steps: Step[];
}) {
  return (
    <div className="part">
      <div className="name">{name}</div>
      <div className="bars">
        {Array.from({ length: count }, (_, index) => (
          <div
            key={index}
            className={index < at ? 'done' : undefined}
            data-step={first + index}
            data-now={index === at}
            title={index <= at ? steps[first + index]?.say : undefined}
          />
        ))}
      </div>
    </div>
  );
});

const Frame = styled('div')(({ theme: { palette, breakpoints } }) => ({
  flex: 1,
  minWidth: 0,
  display: 'flex',
  overflowX: 'auto',
  scrollbarWidth: 'thin',
  cursor: 'pointer',
  [breakpoints.between('sm', 'lg')]: { flex: '1 0 100%', order: 1 },
  [breakpoints.down('sm')]: { flex: '1 0 120px' },
  '& .part': {
    padding: '0 10px',
    borderLeft: `1px solid ${palette.ink.edge}`,
    color: palette.text.secondary,
  },
  '& .name': { fontSize: SIZES.note, whiteSpace: 'nowrap', paddingLeft: 2 },
  '& .bars': { display: 'flex' },
  '& [data-step]': {
    width: 25,
    height: 24,
    flexShrink: 0,
    display: 'flex',
    alignItems: 'center',
    justifyContent: 'center',
  },
  '& [data-step]::before': {
    content: '""',
    boxSizing: 'border-box',
    width: 20,
    height: 9,
    borderRadius: 6,
    border: `1px solid ${palette.ink.edge}`,
    background: palette.background.paper,
  },
  '& .done::before': { background: palette.primary.main, borderColor: palette.primary.main },
  '& [data-now=true]::before': {
    height: 13,
    background: palette.ink.nowEdge,
    borderColor: palette.ink.nowText,
  },
  '@media (forced-colors: active)': {
    '& [data-step]::before': { forcedColorAdjust: 'none', borderColor: 'CanvasText' },
    '& .done::before': { background: 'CanvasText' },
    '& [data-now=true]::before': { background: 'Highlight' },
  },
}));
