import Box from '@mui/material/Box';
import visuallyHidden from '@mui/utils/visuallyHidden';
import { useState } from 'react';
import type { Lesson, PlanDay, PlanProposal } from '../api/types';
import { minutesTold, shortDay, STATES, wholeDay } from './days';
import { t } from '../words';

/** The thing that is dragged over the weeks. */
export interface Dragged {
  proposal?: PlanProposal;
  lesson?: Lesson;
}

const SIGNS: Record<Lesson['state'], string> = { PLANNED: '', DONE: '✓', HALF: '½', MOVED: '→' };

/** Weeks as rows of squares, a day a square. */
export function WeekGrid({
  weeks,
  weekdays,
  today,
  day,
  lesson,
  onDay,
  onLesson,
  onKey,
  onDrop,
}: {
  weeks: PlanDay[][];
  weekdays: string[];
  today: string;
  day?: string;
  lesson?: number;
  onDay: (day: string) => void;
  onLesson: (lesson: Lesson) => void;
  onKey: (key: string, moves: boolean) => boolean;
  onDrop: (dragged: Dragged, day: string) => void;
}) {
  const [over, setOver] = useState<string>();
  return (
    <Box
      role="grid"
      aria-label={t('plan.weeks')}
      tabIndex={0}
      aria-activedescendant={day && `day-${day}`}
      onKeyDown={(event) => {
        if (
          event.target === event.currentTarget &&
          !event.altKey &&
          !event.metaKey &&
          onKey(event.key, event.ctrlKey)
        ) {
          event.preventDefault();
        }
      }}
      sx={{
        minHeight: 0,
        overflow: 'auto',
        display: 'grid',
        gridTemplateColumns: `repeat(${weekdays.length}, minmax(104px, 1fr))`,
        gridTemplateRows: `auto repeat(${weeks.length}, minmax(118px, 1fr))`,
        borderLeft: 1,
        borderTop: 1,
        borderColor: 'ink.square',
      }}
    >
      <Box role="row" sx={{ display: 'contents' }}>
        {weekdays.map((name) => (
          <Box
            role="columnheader"
            key={name}
            sx={{ px: 1, py: 0.25, fontWeight: 700, fontSize: 'note' }}
          >
            {name}
          </Box>
        ))}
      </Box>
      {weeks.map((week) => (
        <Box role="row" key={week[0]?.day} sx={{ display: 'contents' }}>
          <Box role="rowheader" sx={visuallyHidden}>
            {week[0] && t('plan.week-of', { day: wholeDay(week[0].day) })}
          </Box>
          {week.map((each) => (
            <Box
              role="gridcell"
              key={each.day}
              id={`day-${each.day}`}
              data-day={each.day}
              aria-selected={each.day === day}
              aria-label={cellTold(each)}
              onClick={() => onDay(each.day)}
              onDragOver={(event) => {
                if (each.minutes > 0) {
                  event.preventDefault();
                  setOver(each.day);
                }
              }}
              onDragLeave={() => setOver(undefined)}
              onDrop={(event) => {
                event.preventDefault();
                setOver(undefined);
                const dragged = draggedOf(event.dataTransfer.getData('text/plain'));
                if (dragged) {
                  onDrop(dragged, each.day);
                }
              }}
              sx={{
                minWidth: 0,
                minHeight: 0,
                overflow: 'hidden',
                px: 0.75,
                py: 0.5,
                cursor: 'pointer',
                borderRight: 1,
                borderBottom: 1,
                borderColor: 'ink.square',
                fontSize: 'note',
                lineHeight: 1.2,
                bgcolor: each.day === today ? 'ink.now' : undefined,
                ...(each.minutes === 0 && {
                  color: 'text.secondary',
                  background: ({ palette }) =>
                    `repeating-linear-gradient(135deg, transparent 0 9px, ${palette.ink.square} 9px 10px)`,
                }),
                ...((each.day === day || each.day === over) && {
                  outline: '2px solid',
                  outlineOffset: '-2px',
                  outlineColor: (theme) => theme.palette.ink.nowEdge,
                }),
              }}
            >
              <Box sx={{ display: 'flex', justifyContent: 'space-between', gap: 0.5 }}>
                <Box sx={{ fontWeight: each.day === today ? 700 : 400, whiteSpace: 'nowrap' }}>
                  {shortDay(each.day)}
                </Box>
                {each.lessons.length > 0 && (
                  <Box sx={{ color: 'text.secondary', fontSize: 'note', whiteSpace: 'nowrap' }}>
                    {minutesTold(each)}
                  </Box>
                )}
              </Box>
              {each.holiday && <Box sx={{ mt: 0.5, fontWeight: 700 }}>{each.holiday}</Box>}
              {each.lessons.map((one) => (
                <Box
                  key={one.id}
                  data-testid="lesson"
                  draggable={one.state === 'PLANNED'}
                  onDragStart={(event) =>
                    event.dataTransfer.setData('text/plain', JSON.stringify({ lesson: one }))
                  }
                  onClick={(event) => {
                    event.stopPropagation();
                    onLesson(one);
                  }}
                  title={t('plan.lesson-told', { title: one.title, state: STATES[one.state] })}
                  sx={{
                    mt: 0.5,
                    px: 0.75,
                    py: 0.4,
                    borderLeft: 4,
                    borderColor: one.state === 'PLANNED' ? 'primary.main' : 'ink.edge',
                    bgcolor: one.id === lesson ? 'ink.nowStrong' : 'background.default',
                    borderRadius: '2px 6px 6px 2px',
                    display: '-webkit-box',
                    WebkitBoxOrient: 'vertical',
                    WebkitLineClamp: 3,
                    overflow: 'hidden',
                    flexShrink: 0,
                  }}
                >
                  {SIGNS[one.state] && <strong>{SIGNS[one.state]} </strong>}
                  {one.title}
                </Box>
              ))}
            </Box>
          ))}
        </Box>
      ))}
    </Box>
  );
}

const cellTold = (day: PlanDay) =>
  [
    wholeDay(day.day),
    day.holiday ?? (day.minutes === 0 ? t('plan.no-minutes') : undefined),
    ...day.lessons.map(({ title, state }) =>
      t('plan.lesson-told', { title, state: STATES[state] }),
    ),
  ]
    .filter(Boolean)
    .join(': ');

function draggedOf(text: string): Dragged | undefined {
  try {
    return JSON.parse(text) as Dragged;
  } catch {
    // A thing from elsewhere was dropped here.
    return undefined;
  }
}
