import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ButtonBase from '@mui/material/ButtonBase';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { memo } from 'react';
import { Link, useNavigate } from 'react-router';
import { api } from '../api/client';
import type { Glance, Grid, PupilGlance } from '../api/types';
import { mistakeAddress } from '../mistake/stages';
import { useAct } from '../ui/useAct';
import { CARD } from '../ui/card';
import { useNotice } from '../ui/useNotice';
import { answersTold, hardest, namesOf, slipsTold, SURENESS } from './told';
import { TroubleNote } from '../ui/TroubleNote';
import { t } from '../words';

const MOST_SUMS = 4;

/** The most sums of a handout in the address of a lesson. */
const MOST_ASKED = 20;

/** Whether it tells of the same pupils and sums; the answers themselves are in the glance. */
const isSameClass = (
  before: Readonly<{ grid: Grid; chosen: number | undefined }>,
  now: Readonly<{ grid: Grid; chosen: number | undefined }>,
) =>
  before.grid.pupils === now.grid.pupils &&
  before.grid.sums === now.grid.sums &&
  before.chosen === now.chosen;

/**
 * The class at a glance: pupils who share a slip, the sums most often wrong, and the pupil of the
 * cursor.
 */
export const GlancePage = memo(function GlancePage({
  grid,
  chosen,
  onPupil,
}: {
  grid: Grid;
  chosen: number | undefined;
  onPupil: (row: number) => void;
}) {
  const { data: glance, error } = useQuery({
    queryKey: ['glance', grid.id],
    queryFn: () => api.glance(grid.id),
    placeholderData: (before) => before,
  });
  const pupil = glance?.pupils.find((each) => each.pupil === chosen);
  return (
    <Box
      sx={{
        height: '100%',
        overflow: 'auto',
        display: 'flex',
        flexDirection: 'column',
        gap: 1.5,
        px: { xs: 2, md: 3 },
        py: 1.5,
      }}
    >
      <TroubleNote of={error} />
      {glance && <Class grid={grid} glance={glance} onPupil={onPupil} />}
      {pupil && <OnePupil grid={grid} glance={pupil} />}
    </Box>
  );
}, isSameClass);

function Class({
  grid,
  glance,
  onPupil,
}: {
  grid: Grid;
  glance: Glance;
  onPupil: (row: number) => void;
}) {
  const navigate = useNavigate();
  const notice = useNotice();
  const queries = useQueryClient();
  const reteach = useAct({
    mutationFn: ({ slip, pupils }: { slip: string; pupils: number[] }) =>
      api.reteach(grid.id, slip, pupils),
    onSuccess: () => void queries.invalidateQueries({ queryKey: ['groups'] }),
    goOn: ({ id }) => navigate(`/sets/${id}`),
    onError: (trouble) => notice({ text: trouble.message }),
  });
  const hard = hardest(glance.sums, MOST_SUMS);
  const entered = grid.pupils.length - glance.missing.length;
  return (
    <>
      <Box component="h2" sx={{ m: 0, fontSize: 'lead' }}>
        {entered === 0
          ? t('marking.nothing-is-entered-yet')
          : t('marking.of-pupils-entered', { entered, pupils: grid.pupils.length })}
      </Box>
      {entered === 0 && (
        <Box sx={{ fontSize: 'said', lineHeight: 1.5, color: 'text.secondary' }}>
          {t('marking.type-on-the-left-as')}
        </Box>
      )}
      {glance.groups.map(({ slip, several, pupils, answers }) => (
        <Box
          key={slip.id}
          data-testid="group"
          sx={{ ...CARD, borderColor: 'error.main', bgcolor: 'ink.slipPage' }}
        >
          <Box sx={{ display: 'flex', alignItems: 'center', gap: 1 }}>
            <Box sx={{ flex: 1, fontSize: 'said', fontWeight: 700, lineHeight: 1.2 }}>
              {slip.name}
            </Box>
            <Button
              aria-label={t(several ? 'marking.sums-that-decide-between' : 'marking.teach-again', {
                name: slip.name,
              })}
              disabled={reteach.isPending}
              onClick={() => reteach.mutate({ slip: slip.id, pupils })}
            >
              {t(several ? 'marking.sums-that-decide' : 'marking.teach-again-plain')}
            </Button>
            <Button
              aria-label={t('marking.show-the-class-a-page', { name: slip.name })}
              component={Link}
              to={mistakeAddress(slip.id, grid.sums.slice(0, MOST_ASKED), grid.id)}
            >
              {t('marking.as-a-lesson')}
            </Button>
          </Box>
          <Box sx={{ fontSize: 'plain', lineHeight: 1.5 }}>
            {pupils.map((id) => {
              const row = grid.pupils.findIndex((each) => each.id === id);
              return (
                <ButtonBase
                  key={id}
                  onClick={() => onPupil(row)}
                  sx={{ mr: 1.25, fontFamily: 'inherit', fontSize: 'inherit', fontWeight: 700 }}
                >
                  {grid.pupils[row]?.name}
                </ButtonBase>
              );
            })}
            <Box component="span" sx={{ color: 'text.secondary' }}>
              {t('marking.in-answers', { answers })}
            </Box>
          </Box>
        </Box>
      ))}
      {hard.length > 0 && (
        <Box sx={{ fontSize: 'plain', lineHeight: 1.5 }}>
          <Box component="h3" sx={{ m: 0, fontSize: 'plain' }}>
            {t('marking.most-often-wrong')}
          </Box>
          <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 2 }}>
            {hard.map(({ number, wrong, answered }) => (
              <span key={number}>
                {number + 1}. {grid.sums[number]?.problem}{' '}
                <strong>{t('marking.of', { wrong, answered })}</strong>
              </span>
            ))}
          </Box>
        </Box>
      )}
      {glance.facts.length > 0 && (
        <Box data-testid="facts" sx={{ fontSize: 'plain', lineHeight: 1.5 }}>
          <Box component="h3" sx={{ m: 0, fontSize: 'plain' }}>
            {t('marking.facts-that-fail')}
          </Box>
          {glance.facts.map(({ fact, pupils }) => (
            <Box key={fact}>
              <strong>{fact}</strong>{' '}
              <Box component="span" sx={{ color: 'text.secondary' }}>
                {namesOf(grid, pupils).join(', ')}
              </Box>
            </Box>
          ))}
        </Box>
      )}
      {glance.missing.length > 0 && entered > 0 && (
        <Box sx={{ fontSize: 'plain', lineHeight: 1.4, color: 'text.secondary' }}>
          {t('marking.nothing-entered-for', { names: namesOf(grid, glance.missing).join(', ') })}
        </Box>
      )}
    </>
  );
}

function OnePupil({ grid, glance }: { grid: Grid; glance: PupilGlance }) {
  const name = grid.pupils.find(({ id }) => id === glance.pupil)?.name;
  const counts = [
    t('marking.right-count', { count: glance.right }),
    t('marking.wrong-count', { count: glance.wrong }),
    glance.blank > 0 && t('marking.blank-count', { count: glance.blank }),
    glance.passed !== undefined && (glance.passed ? t('common.passed') : t('common.not-passed')),
  ];
  return (
    <Box data-testid="pupil" sx={{ mt: 'auto', pt: 1.5, borderTop: 2, borderColor: 'ink.edge' }}>
      <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 1.5 }}>
        <Box component="h3" sx={{ m: 0, fontSize: 'lead' }}>
          {name}
        </Box>
        <Box sx={{ fontSize: 'plain' }}>{counts.filter(Boolean).join(' · ')}</Box>
      </Box>
      {glance.explanations.map((each) => {
        const slips = slipsTold(each);
        return (
          <Box key={slips} sx={{ mt: 0.75, fontSize: 'plain', lineHeight: 1.3 }}>
            <Box sx={{ display: 'flex', alignItems: 'center', gap: 1 }}>
              <Bar part={each.probability} isSlip={each.slips.length > 0} />
              <Box sx={{ flex: 1, fontWeight: each.sure ? 700 : 400 }}>{slips}</Box>
              <Box sx={{ color: 'text.secondary' }}>{SURENESS[each.sureness]}</Box>
            </Box>
            <Box sx={{ color: 'text.secondary', fontSize: 'note' }}>{groundsTold(each)}</Box>
          </Box>
        );
      })}
      {glance.askNext.length > 0 && (
        <Box sx={{ mt: 1, fontSize: 'plain' }}>
          {t('marking.ask-next')}
          <strong>{glance.askNext.join(' or ')}</strong>
        </Box>
      )}
    </Box>
  );
}

/** The answers that an explanation explains, and those that speak against it. */
function groundsTold({ explains, against, before, againstBefore }: PupilGlance['explanations'][0]) {
  return [
    explains.length + before > 0 &&
      t('marking.explains', {
        explains: answersTold(explains, before),
        sums: explains.length,
      }),
    against.length + againstBefore > 0 &&
      t('marking.against-it', { against: answersTold(against, againstBefore) }),
  ]
    .filter(Boolean)
    .join('; ');
}

/** A probability, from nothing to all of ten squares. */
function Bar({ part, isSlip }: { part: number; isSlip: boolean }) {
  return (
    <Box
      component="svg"
      aria-hidden
      viewBox="0 0 102 14"
      sx={{ width: 102, height: 14, flexShrink: 0 }}
    >
      {Array.from({ length: 10 }, (_, square) => (
        <Box
          key={square}
          component="rect"
          x={1 + square * 10}
          y={2}
          width={10}
          height={10}
          sx={{
            fill: ({ palette }) =>
              square >= Math.round(part * 10)
                ? 'transparent'
                : isSlip
                  ? palette.error.main
                  : palette.text.secondary,
            stroke: (theme) => theme.palette.ink.edge,
          }}
        />
      ))}
    </Box>
  );
}
