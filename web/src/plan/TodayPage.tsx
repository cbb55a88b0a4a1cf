import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { api } from '../api/client';
import type { Today } from '../api/types';
import { dayTold, stateTold } from '../marking/told';
import { useClassChange, useCurrentClass } from '../session/classes';
import { useGroups } from '../session/groups';
import { makeSet } from '../session/makeSet';
import { useAct } from '../ui/useAct';
import { BOOK, COLUMN, PAGES, RIGHT_PAGE } from '../ui/book';
import { LIST, ROW_BELOW, ROW_TITLE } from '../ui/list';
import { useNotice } from '../ui/useNotice';
import { minutesTold, namesTold, ofSome, wholeDay } from './days';
import { Outcome } from './LessonPage';
import { Parts } from './Parts';
import { Views } from './Views';
import { TroubleNote } from '../ui/TroubleNote';
import { t } from '../words';

const MOST_RUNGS = 5;
const MOST_SHOWN = 8;
const MOST_NAMED = 6;
const SUMS_OF_A_RUNG = 2;

/** The next lesson, the handouts to be marked, and the pupils to look at again. */
export function TodayPage() {
  const room = useCurrentClass();
  const { data: today, error } = useQuery({
    queryKey: ['plan', room?.id, 'today'],
    queryFn: api.today,
  });
  return (
    <Box component="main" sx={{ ...BOOK, mb: 2.5, gridTemplateColumns: PAGES }}>
      <Box role="region" aria-label={t('plan.the-next-lesson')} sx={COLUMN}>
        <Views />
        <TroubleNote of={error} />
        {today && <NextLesson today={today} />}
        {today && (
          <Box>
            <Button component={Link} to="/slate/room">
              {t('rooms.open-the-room')}
            </Button>
          </Box>
        )}
      </Box>
      <Box sx={{ ...RIGHT_PAGE, ...COLUMN }}>
        {today && <Waiting today={today} />}
        {today && <Again today={today} />}
        {today && today.others.length > 0 && <Others today={today} />}
      </Box>
    </Box>
  );
}

const HEADING = { m: 0, fontSize: 'lead' } as const;

const QUIET = { fontSize: 'said', lineHeight: 1.5, color: 'text.secondary' } as const;

function NextLesson({ today: { today, next } }: { today: Today }) {
  if (!next) {
    return (
      <>
        <Box component="h2" sx={HEADING}>
          {wholeDay(today)}
        </Box>
        <Box sx={{ fontSize: 'lead', lineHeight: 1.5, color: 'text.secondary' }}>
          {t('plan.no-lesson-is-planned')}{' '}
          <Box component={Link} to="/plan" sx={{ color: 'primary.main' }}>
            {t('plan.plan-one')}
          </Box>
          {t('plan.bemble-proposes-what-to-teach')}
        </Box>
      </>
    );
  }
  return (
    <>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'baseline', columnGap: 2 }}>
        <Box component="h2" sx={HEADING}>
          {next.day === today
            ? t('plan.today', { today: wholeDay(today) })
            : t('plan.next', { day: wholeDay(next.day) })}
        </Box>
        <Box sx={{ color: 'text.secondary' }}>{t('plan.minutes', { next: minutesTold(next) })}</Box>
      </Box>
      {next.lessons
        .filter(({ state }) => state === 'PLANNED')
        .map((lesson) => (
          <Box key={lesson.id} sx={{ display: 'grid', gap: 1.5 }}>
            <Box component="h3" sx={{ m: 0, fontSize: 'head', lineHeight: 1.2 }}>
              {lesson.title}
            </Box>
            <Parts lesson={lesson} />
            <Outcome key={lesson.version} lesson={lesson} />
          </Box>
        ))}
    </>
  );
}

function Waiting({ today: { waiting } }: { today: Today }) {
  return (
    <Box>
      <Box component="h2" sx={HEADING}>
        {t('plan.waits-to-be-marked')}
      </Box>
      {waiting.length === 0 && <Box sx={QUIET}>{t('plan.nothing-everything-is-marked')}</Box>}
      <Box component="ul" sx={LIST}>
        {waiting.map((handout) => (
          <Box
            component="li"
            key={handout.id}
            sx={{ display: 'flex', alignItems: 'center', gap: 1, py: 0.5 }}
          >
            <Box sx={{ flex: 1, minWidth: 0 }}>
              <Box sx={{ ...ROW_TITLE, fontSize: 'said', lineHeight: 1.2 }}>{handout.title}</Box>
              <Box sx={ROW_BELOW}>
                {dayTold(handout.givenOn)} · {stateTold(handout)}
              </Box>
            </Box>
            <Button
              component={Link}
              to={`/marking/${handout.id}`}
              aria-label={t('common.mark-title', { title: handout.title })}
              size="small"
            >
              {t('common.mark')}
            </Button>
          </Box>
        ))}
      </Box>
    </Box>
  );
}

function Again({ today: { again: all } }: { today: Today }) {
  const navigate = useNavigate();
  const notice = useNotice();
  const { groups } = useGroups();
  const classId = useCurrentClass()?.id;
  const { data: roll } = useQuery({ queryKey: ['roll', classId], queryFn: api.roll });
  const [groupId, setGroupId] = useState<number>();
  const group = groups.find(({ id }) => id === groupId);
  const members = roll?.filter(({ id }) => group?.pupils.includes(id)).map(({ name }) => name);
  const again = group ? ofSome(all, members ?? []) : all;
  const make = useAct({
    mutationFn: () =>
      makeSet(
        t('plan.to-look-at-again'),
        again.slice(0, MOST_RUNGS).map(({ rung }) => ({ rung: rung.id, count: SUMS_OF_A_RUNG })),
        'MIXED',
      ),
    goOn: (id) => navigate(`/sets/${id}`),
    onError: (trouble) => notice({ text: trouble.message }),
  });
  return (
    <Box sx={{ pt: 1, borderTop: 2, borderColor: 'ink.edge' }}>
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 1 }}>
        <Box component="h2" sx={{ ...HEADING, flex: 1 }}>
          {t('plan.to-look-at-again')}
        </Box>
        <Button
          variant="contained"
          disabled={again.length === 0 || make.isPending}
          onClick={() => make.mutate()}
        >
          {t('plan.make-a-mixed-set')}
        </Button>
      </Box>
      {groups.length > 0 && (
        <Box
          role="group"
          aria-label={t('plan.for-whom')}
          sx={{ my: 0.75, display: 'flex', flexWrap: 'wrap', gap: 0.75 }}
        >
          {groups.map(({ id, name }) => (
            <Button
              key={id}
              size="small"
              aria-pressed={id === groupId}
              onClick={() => setGroupId(id === groupId ? undefined : id)}
            >
              {name}
            </Button>
          ))}
        </Box>
      )}
      {again.length === 0 && <Box sx={QUIET}>{t('plan.nobody-for-now')}</Box>}
      {again.slice(0, MOST_SHOWN).map(({ rung, reason, pupils }) => (
        <Box key={rung.id} sx={{ mt: 0.75, fontSize: 'plain', lineHeight: 1.35 }}>
          <Box
            component={Link}
            to={`/register?rung=${rung.id}`}
            sx={{ color: 'text.primary', fontWeight: 700 }}
          >
            {rung.name}
          </Box>
          : {!group && `${reason} `}
          {pupils.length <= MOST_NAMED && `${namesTold(pupils)}.`}
        </Box>
      ))}
    </Box>
  );
}

/** The next lessons of the other classes, each one press away. */
function Others({ today: { today, others } }: { today: Today }) {
  const notice = useNotice();
  const change = useClassChange();
  return (
    <Box sx={{ pt: 1, borderTop: 2, borderColor: 'ink.edge' }}>
      <Box component="h2" sx={HEADING}>
        {t('plan.the-other-classes')}
      </Box>
      <Box component="ul" sx={LIST}>
        {others.map(({ id, name, next, lessons, waiting }) => (
          <Box
            component="li"
            key={id}
            sx={{ display: 'flex', alignItems: 'center', gap: 1, py: 0.5 }}
          >
            <Box sx={{ flex: 1, minWidth: 0 }}>
              <Box sx={{ ...ROW_TITLE, fontSize: 'said', lineHeight: 1.2 }}>{name}</Box>
              <Box sx={ROW_BELOW}>
                {next
                  ? `${next === today ? t('plan.today-short') : dayTold(next)}: ${lessons.join('; ')}`
                  : t('plan.no-lesson-is-planned')}
                {waiting > 0 && ` · ${t('plan.handouts-wait', { waiting })}`}
              </Box>
            </Box>
            <Button
              size="small"
              disabled={change.isPending}
              onClick={() =>
                change.mutate(() => api.chooseClass(id), {
                  onError: (trouble) => notice({ text: trouble.message }),
                })
              }
            >
              {t('plan.to-the-class', { name })}
            </Button>
          </Box>
        ))}
      </Box>
    </Box>
  );
}
