import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import { useEffect, useRef } from 'react';
import type { Working } from '../api/types';

interface Section {
  name: string;
  first: number;
  steps: string[];
}

/** The steps in sections of one column each; the check is one section of its own. */
function sections(working: Working): Section[] {
  const all: Section[] = [];
  working.steps.forEach(({ section, say }, index) => {
    const latest = all.at(-1);
    if (latest?.name === section) {
      latest.steps.push(say);
    } else {
      all.push({ name: section, first: index, steps: [say] });
    }
  });
  const check = working.check.steps.map(({ say }) => say);
  return [...all, { name: 'Check', first: working.steps.length, steps: check }];
}

/** One short bar for each step; pressing it goes there. */
export function Ribbon({
  working,
  step,
  onGo,
}: {
  working: Working;
  step: number;
  onGo: (step: number) => void;
}) {
  const now = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    now.current?.scrollIntoView({ block: 'nearest', inline: 'center' });
  }, [step]);
  return (
    <Box
      role="group"
      aria-label="Steps"
      sx={{
        flex: { xs: '1 0 100%', md: 1 },
        order: { xs: 1, md: 0 },
        minWidth: 0,
        display: 'flex',
        overflowX: 'auto',
        scrollbarWidth: 'thin',
      }}
    >
      {sections(working).map(({ name, first, steps }) => (
        <Box
          key={first}
          sx={{ px: 1.25, borderLeft: 1, borderColor: 'ink.edge', color: 'text.secondary' }}
        >
          <Box sx={{ fontSize: 14, whiteSpace: 'nowrap', pl: 0.25 }}>{name}</Box>
          <Box sx={{ display: 'flex' }}>
            {steps.map((say, index) => {
              const number = first + index;
              return (
                <ButtonBase
                  key={number}
                  ref={number === step ? now : undefined}
                  aria-label={`Step ${number + 1}: ${say}`}
                  aria-current={number === step ? 'step' : undefined}
                  onClick={() => onGo(number)}
                  sx={{ width: 25, height: 24, flexShrink: 0 }}
                >
                  <Box
                    sx={{
                      width: 20,
                      height: number === step ? 12 : 9,
                      borderRadius: 6,
                      border: 1,
                      borderColor: number <= step ? 'primary.main' : 'ink.edge',
                      bgcolor: number < step ? 'primary.main' : 'background.paper',
                      ...(number === step && {
                        bgcolor: 'ink.nowEdge',
                        borderColor: 'ink.nowText',
                      }),
                    }}
                  />
                </ButtonBase>
              );
            })}
          </Box>
        </Box>
      ))}
    </Box>
  );
}
