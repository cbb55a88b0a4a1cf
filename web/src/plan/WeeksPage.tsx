import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { api } from '../api/client';
import type { PlanDay, PlanProposal, Plan as Whole } from '../api/types';
import { useAct } from '../ui/useAct';
import { BOOK, COLUMN, LEFT_PAGE, PAGES, RIGHT_PAGE } from '../ui/book';
import { save } from '../ui/save';
import { useNotice } from '../ui/useNotice';
import { dayAfter } from '../ui/days';
import { dayBeside, freeDay, openDayBeside, WEEKDAYS, weeksOf, wholeDay } from './days';
import { LessonPage } from './LessonPage';
import { InOpeners, Proposals } from './Proposals';
import { Shares } from './Shares';
import { useLatestPlan, usePlan, usePlanChange, WEEKS } from './usePlan';
import { Views } from './Views';
import { WeekGrid, type Dragged } from './WeekGrid';
import { LONGEST_NAME } from '../ui/names';
import { TroubleNote } from '../ui/TroubleNote';
import { t } from '../words';

/** The weeks of the class, and beside them the proposals, or a lesson. */
export function WeeksPage() {
  const [params] = useSearchParams();
  const { data: plan, error } = usePlan(params.get('from') ?? undefined);
  if (!plan) {
    return (
      <Box component="main" role={error ? 'alert' : 'status'} sx={{ p: 4, fontSize: 'lead' }}>
        {error?.message ?? t('plan.the-plan-is-being-read')}
      </Box>
    );
  }
  return <Opened plan={plan} trouble={error?.message} />;
}

function Opened({ plan, trouble }: { plan: Whole; trouble?: string }) {
  // The part that is looked at is in the address, so that it can be come back to.
  const [params, setParams] = useSearchParams();
  const from = params.get('from') ?? undefined;
  const day = params.get('day') ?? undefined;
  const lessonId = Number(params.get('lesson') ?? NaN);
  const go = (to: { from?: string; day?: string; lesson?: string }) =>
    setParams(
      Object.fromEntries(
        Object.entries(to).filter((entry): entry is [string, string] => !!entry[1]),
      ),
      { replace: true },
    );
  const weeks = weeksOf(plan.days, plan.timetable);
  const all = plan.days;
  const chosen = all.find((each) => each.day === day);
  const withLesson = all.find(({ lessons }) => lessons.some(({ id }) => id === lessonId));
  const lesson = withLesson?.lessons.find(({ id }) => id === lessonId);
  const first = all[0]?.day ?? plan.today;

  const add = usePlanChange(
    ({ proposal: { kind, rung, slip }, on }: { proposal: PlanProposal; on: string }) =>
      api.planLesson({ day: on, kind, rung, slip }),
    (now) => go({ from, day: now.day, lesson: String(now.id) }),
  );
  const latest = useLatestPlan(from);
  // The lesson is read when its turn comes: the move before may still be under way.
  const move = usePlanChange(
    async ({ id, to }: { id: number; to: (day: string) => string | undefined }) => {
      const lesson = latest()
        ?.days.flatMap(({ lessons }) => lessons)
        .find((each) => each.id === id);
      const on = lesson && to(lesson.day);
      return on && on !== lesson.day
        ? api.changeLesson(id, { version: lesson.version, day: on, title: lesson.title })
        : undefined;
    },
    (now) => now && go({ from, day: now.day, lesson: String(now.id) }),
    'move a lesson',
  );
  const onDrop = ({ proposal, lesson: dropped }: Dragged, on: string) => {
    if (proposal) {
      add.mutate({ proposal, on });
    } else if (dropped) {
      move.mutate({ id: dropped.id, to: () => on });
    }
  };
  const onKey = (key: string, moves: boolean): boolean => {
    if (moves) {
      if (lesson?.state === 'PLANNED' && key.startsWith('Arrow')) {
        move.mutate({ id: lesson.id, to: (on) => openDayBeside(weeks, on, key) });
      }
      return key.startsWith('Arrow');
    }
    const at = day ?? withLesson?.day ?? plan.today;
    if (key === 'Enter') {
      const inDay = chosen?.lessons ?? [];
      const next = inDay[(inDay.findIndex(({ id }) => id === lessonId) + 1) % inDay.length];
      go({ from, day: at, lesson: next && String(next.id) });
      return true;
    }
    const to = dayBeside(weeks, at, key);
    if (to) {
      go({ from, day: to });
    }
    return key.startsWith('Arrow');
  };
  const turn = (by: number) => go({ from: dayAfter(first, 7 * by) });
  return (
    <Box component="main" sx={{ ...BOOK, mb: 2.5, gridTemplateColumns: PAGES }}>
      <Box sx={LEFT_PAGE}>
        <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 1 }}>
          <Views />
          <Box sx={{ ml: 'auto', display: 'flex', gap: 1 }}>
            <Button size="small" onClick={() => turn(-WEEKS)}>
              {t('common.earlier')}
            </Button>
            <Button size="small" onClick={() => go({})}>
              {t('plan.this-week')}
            </Button>
            <Button size="small" onClick={() => turn(WEEKS)}>
              {t('common.later')}
            </Button>
          </Box>
        </Box>
        <WeekGrid
          weeks={weeks}
          weekdays={WEEKDAYS.filter((_, at) =>
            weeks[0]?.some((each) => each.day === dayAfter(first, at)),
          )}
          today={plan.today}
          day={day}
          lesson={lesson?.id}
          onDay={(to) => go({ from, day: to })}
          onLesson={({ id, day: on }) => go({ from, day: on, lesson: String(id) })}
          onKey={onKey}
          onDrop={onDrop}
        />
      </Box>
      <Box role="region" aria-label={t('plan.beside-the-weeks')} sx={{ ...RIGHT_PAGE, ...COLUMN }}>
        <TroubleNote of={trouble} />
        {lesson && withLesson ? (
          <LessonPage
            key={`${lesson.id} ${lesson.title}`}
            lesson={lesson}
            minutes={withLesson.minutes}
          />
        ) : (
          <>
            {chosen && <ChosenDay key={chosen.day} day={chosen} />}
            <Box component="h2" sx={{ m: 0, fontSize: 'lead' }}>
              {t('plan.what-to-do-next')}
            </Box>
            <Proposals
              proposals={plan.proposals}
              day={
                chosen ? (chosen.minutes > 0 ? chosen.day : undefined) : freeDay(all, plan.today)
              }
              onPlan={(proposal, on) => add.mutate({ proposal, on })}
            />
            <InOpeners opener={plan.opener} />
            <Shares
              key={`${plan.shares.opener} ${plan.shares.half} ${plan.shares.third}`}
              shares={plan.shares}
            />
            <Minutes
              key={[...plan.timetable, ...plan.begins].join(' ')}
              timetable={plan.timetable}
              begins={plan.begins}
            />
          </>
        )}
      </Box>
    </Box>
  );
}

/** A day: whether it is free. */
function ChosenDay({ day: { day, holiday, minutes, lessons } }: { day: PlanDay }) {
  const [name, setName] = useState(holiday ?? '');
  const [asking, setAsking] = useState(false);
  const change = usePlanChange(
    ({ to, moves }: { to: string; moves: boolean }) => api.setHoliday(day, to, moves),
    () => setAsking(false),
  );
  const planned = lessons.filter(({ state }) => state === 'PLANNED').length;
  return (
    <Box>
      <Box component="h2" sx={{ m: 0, fontSize: 'lead' }}>
        {wholeDay(day)}
      </Box>
      <Box sx={{ fontSize: 'plain' }}>
        {holiday
          ? t('plan.free', { holiday })
          : minutes === 0
            ? t('plan.there-are-no-minutes-for')
            : lessons.length === 0
              ? t('plan.nothing-is-planned-there-are', { minutes })
              : t('plan.lessons-are-planned', { lessons: lessons.length })}
      </Box>
      <Box sx={{ mt: 1, display: 'flex', alignItems: 'center', gap: 1 }}>
        <TextField
          size="small"
          label={t('plan.free-because-of')}
          value={name}
          onChange={(event) => setName(event.target.value)}
          slotProps={{ htmlInput: { maxLength: LONGEST_NAME } }}
        />
        <Button
          disabled={change.isPending || name.trim() === '' || name.trim() === holiday}
          onClick={() =>
            planned > 0 ? setAsking(true) : change.mutate({ to: name, moves: false })
          }
        >
          {t('plan.make-it-free')}
        </Button>
        {holiday && (
          <Button
            disabled={change.isPending}
            onClick={() => change.mutate({ to: '', moves: false })}
          >
            {t('plan.not-free')}
          </Button>
        )}
      </Box>
      {asking && (
        <Box role="alert" sx={{ mt: 1, p: 1, bgcolor: 'ink.slipPage' }}>
          {t('plan.where-do-lessons-go', { lessons: planned })}
          <Box sx={{ mt: 0.75, display: 'flex', flexWrap: 'wrap', gap: 1 }}>
            <Button
              autoFocus
              variant="contained"
              disabled={change.isPending}
              onClick={() => change.mutate({ to: name, moves: true })}
            >
              {t('plan.to-the-next-free-day')}
            </Button>
            <Button
              disabled={change.isPending}
              onClick={() => change.mutate({ to: name, moves: false })}
            >
              {t('plan.they-stay')}
            </Button>
            <Button onClick={() => setAsking(false)}>{t('common.cancel')}</Button>
          </Box>
        </Box>
      )}
    </Box>
  );
}

/** The lessons of each weekday, and the plan as a calendar. */
function Minutes({ timetable, begins }: { timetable: number[]; begins: string[] }) {
  const notice = useNotice();
  const [minutes, setMinutes] = useState(timetable.map(String));
  const [hours, setHours] = useState(begins);
  const change = usePlanChange(() => api.setTimetable(minutes.map(Number), hours));
  const calendar = useAct({
    mutationFn: async () => save(await api.calendarFile(), 'lessons.ics'),
    onSuccess: (name) => notice({ text: t('common.downloaded', { name }) }),
    onError: (trouble) => notice({ text: trouble.message }),
  });
  const changed = minutes.join(' ') !== timetable.join(' ') || hours.join(' ') !== begins.join(' ');
  return (
    <Box sx={{ mt: 'auto' }}>
      <Box component="h3" sx={{ m: 0, mb: 0.5, fontSize: 'plain' }}>
        {t('plan.minutes-for-lessons')}
      </Box>
      <Box component="details" open={begins.some((hour) => hour !== '')} sx={{ mb: 1 }}>
        <Box component="summary" sx={{ cursor: 'pointer', fontSize: 'note' }}>
          {t('plan.when-they-begin')}
        </Box>
        <Box sx={{ mt: 0.5, display: 'flex', flexWrap: 'wrap', gap: 1 }}>
          {WEEKDAYS.map((name, at) => (
            <TextField
              key={name}
              label={name}
              type="time"
              size="small"
              variant="standard"
              value={hours[at]}
              onChange={({ target }) => setHours(hours.with(at, target.value))}
              slotProps={{
                inputLabel: { shrink: true },
                htmlInput: { 'aria-label': t('plan.begins-on', { day: name }) },
              }}
              sx={{ width: 92 }}
            />
          ))}
        </Box>
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'end', gap: 1 }}>
        {WEEKDAYS.map((name, at) => (
          <TextField
            key={name}
            label={name}
            size="small"
            variant="standard"
            value={minutes[at]}
            onChange={(event) =>
              setMinutes(
                minutes.map((each, other) =>
                  other === at ? event.target.value.replace(/\D/g, '').slice(0, 3) : each,
                ),
              )
            }
            slotProps={{ htmlInput: { inputMode: 'numeric' } }}
            sx={{ width: 40 }}
          />
        ))}
        <Button
          size="small"
          disabled={!changed || change.isPending}
          onClick={() => change.mutate()}
        >
          {t('plan.keep')}
        </Button>
        <Button
          size="small"
          sx={{ ml: 'auto' }}
          disabled={calendar.isPending}
          onClick={() => calendar.mutate()}
        >
          {t('plan.as-a-calendar')}
        </Button>
      </Box>
      <Box sx={{ mt: 0.75, fontSize: 'note', lineHeight: 1.35, color: 'text.secondary' }}>
        {t('plan.choose-a-day-and-plan')}
      </Box>
    </Box>
  );
}
