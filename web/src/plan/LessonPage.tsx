import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { api } from '../api/client';
import type { Lesson } from '../api/types';
import { isSame, useGroups } from '../session/groups';
import { isSecondClick, useDeletion } from '../ui/useDeletion';
import { DayField } from '../ui/DayField';
import { useDraft } from '../ui/useDraft';
import { useNotice } from '../ui/useNotice';
import { partsSent, STATES, wholeDay, type PartSent } from './days';
import { Parts } from './Parts';
import { usePlanChange } from './usePlan';
import { LONGEST_NAME } from '../ui/names';
import { t } from '../words';

const MOST_REPEATS = 12;

/** A lesson: its parts, its day, and its result. */
export function LessonPage({ lesson, minutes }: { lesson: Lesson; minutes: number }) {
  const { id, version, day, title } = lesson;
  const notice = useNotice();
  const { groups } = useGroups();
  const [name, setName] = useState(title);
  const [weeks, setWeeks] = useState(4);
  const change = usePlanChange((to: { day?: string; title?: string; parts?: PartSent[] }) =>
    api.changeLesson(id, { version, day, title, ...to }),
  );
  const repeat = usePlanChange(
    () => api.repeatLesson(id, weeks),
    () => notice({ text: t('plan.is-planned-for-more-weeks', { title, weeks }) }),
  );
  const remove = useDeletion('plan', api.removeLesson, api.restoreLesson);
  const rename = () => {
    if (name.trim() !== '' && name.trim() !== title) {
      change.mutate({ title: name.trim() });
    } else {
      setName(title);
    }
  };
  return (
    <>
      <TextField
        variant="standard"
        fullWidth
        value={name}
        onChange={(event) => setName(event.target.value)}
        onBlur={rename}
        onKeyDown={(event) => event.key === 'Enter' && rename()}
        slotProps={{
          htmlInput: {
            'aria-label': t('plan.title-of-the-lesson'),
            maxLength: LONGEST_NAME,
            style: { fontSize: 'lead', fontWeight: 700 },
          },
        }}
      />
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 1.5 }}>
        <Box sx={{ fontSize: 'plain' }}>
          {t('plan.of-minutes', { day: wholeDay(day), minutes: lesson.minutes, minutes2: minutes })}
        </Box>
        <DayField
          label={t('plan.on-another-day')}
          labelled={false}
          value={day}
          onChange={(to) => to && change.mutate({ day: to })}
        />
      </Box>
      {lesson.state === 'PLANNED' && groups.length > 0 && (
        <Box
          role="group"
          aria-label={t('plan.for-whom')}
          sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 0.75 }}
        >
          <span>{t('plan.for-whom')}</span>
          {[{ id: 0, name: t('plan.all-of-the-class'), pupils: [] as number[] }, ...groups].map(
            (group) => (
              <Button
                key={group.id}
                size="small"
                variant="outlined"
                aria-pressed={lesson.parts.every(({ pupils }) => isSame(pupils, group.pupils))}
                disabled={change.isPending}
                onClick={() =>
                  change.mutate({
                    parts: partsSent(lesson.parts).map((part) => ({
                      ...part,
                      pupils: group.pupils,
                    })),
                  })
                }
              >
                {group.name}
              </Button>
            ),
          )}
        </Box>
      )}
      <Parts lesson={lesson} changing={lesson.state === 'PLANNED'} />
      <Outcome key={`${id} ${version}`} lesson={lesson} />
      <Box sx={{ mt: 'auto', display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 1 }}>
        <Button disabled={repeat.isPending} onClick={() => repeat.mutate()}>
          {t('plan.again-every-week-for')}
        </Button>
        <TextField
          select
          size="small"
          variant="standard"
          value={weeks}
          onChange={(event) => setWeeks(Number(event.target.value))}
          slotProps={{ htmlInput: { 'aria-label': t('plan.weeks') } }}
        >
          {Array.from({ length: MOST_REPEATS }, (_, at) => (
            <MenuItem key={at + 1} value={at + 1}>
              {t('plan.so-many-weeks', { weeks: at + 1 })}
            </MenuItem>
          ))}
        </TextField>
        <Button
          sx={{ ml: 'auto' }}
          aria-label={t('common.delete-title', { title })}
          onClick={(event) =>
            isSecondClick(event) ||
            remove({ id, said: t('plan.is-not-planned-any-more', { title }) })
          }
        >
          {t('common.delete')}
        </Button>
      </Box>
    </>
  );
}

/** The result of a lesson, in a word and a note. */
export function Outcome({ lesson }: { lesson: Lesson }) {
  const { id, version, state } = lesson;
  const [note, setNote, forgetNote] = useDraft(`lesson ${id}`, lesson.note);
  const log = usePlanChange(
    (to: Lesson['state']) => api.logLesson(id, { version, state: to, note }),
    forgetNote,
  );
  return (
    <Box>
      <TextField
        label={t('plan.what-came-up')}
        size="small"
        fullWidth
        multiline
        maxRows={4}
        value={note}
        onChange={(event) => setNote(event.target.value)}
        slotProps={{ htmlInput: { maxLength: 2000 } }}
      />
      <Box
        role="group"
        aria-label={t('plan.what-came-of-it')}
        sx={{ mt: 1, display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 1 }}
      >
        {(['DONE', 'HALF', 'MOVED'] as const).map((each) => (
          <Button
            key={each}
            aria-pressed={state === each}
            disabled={log.isPending}
            onClick={() => log.mutate(each)}
          >
            {STATES[each]}
          </Button>
        ))}
        {state === 'PLANNED' && (
          <Box
            sx={{ fontSize: 'note', color: 'text.secondary', flex: '1 1 150px', lineHeight: 1.3 }}
          >
            {t('plan.what-is-left-of-it')}
          </Box>
        )}
      </Box>
    </Box>
  );
}
