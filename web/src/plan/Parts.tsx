import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { ReactNode } from 'react';
import { useLocation, useNavigate } from 'react-router';
import { api } from '../api/client';
import type { Lesson, LessonPart } from '../api/types';
import { mistakeAddress } from '../mistake/stages';
import { isStillAt } from '../session/address';
import { useDeskTools } from '../session/deskContext';
import { AddPart } from './AddPart';
import {
  forWhom,
  namesTold,
  partsSent,
  partTold,
  withEarlier,
  withMore,
  type PartSent,
} from './days';
import { usePlanChange } from './usePlan';
import { t } from '../words';

/** The parts that are done with the whole class; the others are worked alone, from a set. */
const isShown = ({ kind }: LessonPart) =>
  kind === 'SHOW' || kind === 'TOGETHER' || kind === 'MISTAKE';

/** How many lines of a part are shown at once. */
const FEW_LINES = 2;

/** The parts of a lesson, each with one press to where it is done. */
export function Parts({ lesson, changing }: { lesson: Lesson; changing?: boolean }) {
  const navigate = useNavigate();
  const asked = useLocation();
  const { setOutRow } = useDeskTools();
  const open = usePlanChange(
    async ({ part, number }: { part: LessonPart; number: number }) => ({
      part,
      opened: await api.openPart(lesson.id, number),
    }),
    ({ part, opened: { set, sums } }) => {
      if (!isStillAt(asked)) {
        return;
      }
      if (part.kind === 'MISTAKE') {
        void navigate(mistakeAddress(lesson.slip ?? '', sums.slice(0, 1), lesson.id));
      } else if (isShown(part)) {
        setOutRow(sums);
        void navigate('/board');
      } else {
        void navigate(`/sets/${set}`);
      }
    },
  );
  const change = usePlanChange((parts: PartSent[]) =>
    api.changeLesson(lesson.id, {
      version: lesson.version,
      day: lesson.day,
      title: lesson.title,
      parts,
    }),
  );
  return (
    <>
      {lesson.parts.length > 0 && <Box sx={{ fontSize: 'plain' }}>{forWhom(lesson)}</Box>}
      <Box component="ol" sx={{ m: 0, p: 0, listStyle: 'none' }}>
        {lesson.parts.map((part, number) => (
          <Box
            component="li"
            key={`${part.kind} ${number}`}
            sx={{
              display: 'grid',
              gridTemplateColumns: {
                xs: '116px minmax(0, 1fr)',
                sm: `${changing ? 116 : 88}px minmax(0, 1fr) 54px auto`,
              },
              alignItems: 'center',
              columnGap: 1,
              py: 0.4,
              borderBottom: '1px dotted',
              borderColor: 'ink.edge',
              fontSize: 'plain',
              lineHeight: 1.25,
            }}
          >
            <Box sx={{ display: 'flex', alignItems: 'center', gap: 0.5 }}>
              <Box sx={{ flex: 1, fontWeight: 700 }}>{partTold(part)}</Box>
              {changing && number > 0 && (
                <More
                  label={t('plan.earlier', { part: partTold(part) })}
                  sign="↑"
                  disabled={change.isPending}
                  onClick={() => change.mutate(withEarlier(lesson.parts, number))}
                />
              )}
            </Box>
            <Box>
              {changing ? (
                <Lines part={part}>
                  {part.lines.map((line, at) => (
                    <Box
                      key={line.rung ?? at}
                      sx={{ display: 'flex', alignItems: 'center', gap: 0.5 }}
                    >
                      <More
                        label={t('plan.one-sum-fewer', { part: partTold(part) })}
                        sign="−"
                        disabled={change.isPending}
                        onClick={() => change.mutate(withMore(lesson.parts, number, at, -1))}
                      />
                      <More
                        label={t('plan.one-sum-more', { part: partTold(part) })}
                        sign="+"
                        disabled={change.isPending}
                        onClick={() => change.mutate(withMore(lesson.parts, number, at, 1))}
                      />
                      <span>{part.told[at]}</span>
                    </Box>
                  ))}
                </Lines>
              ) : (
                part.summary
              )}
              {part.pupils.length > 0 && (
                <Box sx={{ fontSize: 'note', color: 'text.secondary' }}>
                  {t('plan.for-while-the-others-practise', { names: namesTold(part.names) })}
                </Box>
              )}
            </Box>
            <Box sx={{ color: 'text.secondary', textAlign: { sm: 'right' } }}>
              {t('plan.min', { minutes: part.minutes })}
            </Box>
            <Button
              size="small"
              variant={changing ? 'outlined' : 'contained'}
              aria-label={`${partTold(part)}: ${isShown(part) ? t('plan.to-the-board') : t('plan.open-the-set')}`}
              disabled={open.isPending}
              onClick={() => open.mutate({ part, number })}
            >
              {isShown(part)
                ? changing
                  ? t('common.board')
                  : t('plan.to-the-board')
                : changing
                  ? t('common.set')
                  : t('plan.open-the-set')}
            </Button>
          </Box>
        ))}
      </Box>
      {changing && (
        <AddPart
          key={lesson.rung}
          rung={lesson.rung}
          busy={change.isPending}
          onAdd={(part) => change.mutate([...partsSent(lesson.parts), part])}
        />
      )}
    </>
  );
}

/** The lines of a part one by one; where there are many, once they are asked for. */
function Lines({ part, children }: { part: LessonPart; children: ReactNode }) {
  return part.lines.length <= FEW_LINES ? (
    children
  ) : (
    <Box component="details">
      <Box component="summary" sx={{ cursor: 'pointer' }}>
        {part.summary}
      </Box>
      {children}
    </Box>
  );
}

function More({
  label,
  sign,
  disabled,
  onClick,
}: {
  label: string;
  sign: string;
  disabled: boolean;
  onClick: () => void;
}) {
  return (
    <Button
      size="small"
      aria-label={label}
      disabled={disabled}
      onClick={onClick}
      sx={{ minHeight: 28, minWidth: 28, p: 0 }}
    >
      {sign}
    </Button>
  );
}
