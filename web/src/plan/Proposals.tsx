import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { PlanProposal } from '../api/types';
import { CARD } from '../ui/card';
import { LIST } from '../ui/list';
import { namesTold, shortDay } from './days';
import { t } from '../words';

type Why = PlanProposal['why'];

/** The headings, each with the reasons that stand under it. */
const GROUPS: { heading: string; edge: string; whys: Why[] }[] = [
  { heading: t('plan.teach-once-more'), edge: 'error.main', whys: ['SLIP'] },
  { heading: t('plan.nothing-new'), edge: 'ink.nowEdge', whys: ['MIXED', 'REVIEW'] },
  {
    heading: t('plan.teach-next'),
    edge: 'success.main',
    whys: ['NOT_YET', 'GO_ON', 'BEGIN', 'AHEAD', 'SOME_READY', 'UNMARKED'],
  },
  { heading: t('plan.for-some-pupils'), edge: 'ink.edge', whys: ['FOR_SOME'] },
];

/** The reasons that name pupils. A lesson for all leaves the names out. */
const NAMED: Why[] = ['SLIP', 'FOR_SOME'];

/** The proposals for the class, to be dragged onto a day or planned on the chosen one. */
export function Proposals({
  proposals,
  day,
  onPlan,
}: {
  proposals: PlanProposal[];
  /** The chosen day, or the next free one. */
  day?: string;
  onPlan: (proposal: PlanProposal, day: string) => void;
}) {
  if (proposals.length === 0) {
    return (
      <Box sx={{ fontSize: 'said', lineHeight: 1.5, color: 'text.secondary' }}>
        {t('plan.nothing-is-proposed-nobody-is')}
      </Box>
    );
  }
  return GROUPS.map(({ heading, edge, whys }) => {
    const some = proposals.filter(({ why }) => whys.includes(why));
    return (
      some.length > 0 && (
        <Box key={heading}>
          <Box component="h3" sx={{ m: 0, mb: 0.5, fontSize: 'plain' }}>
            {heading}
          </Box>
          {some.map((proposal) => (
            <Box
              key={`${proposal.why} ${proposal.rung} ${proposal.slip ?? ''}`}
              data-testid="proposal"
              draggable
              onDragStart={(event) =>
                event.dataTransfer.setData('text/plain', JSON.stringify({ proposal }))
              }
              sx={{
                ...CARD,
                mb: 0.75,
                py: 0.6,
                px: 1.5,
                display: 'flex',
                alignItems: 'center',
                gap: 1,
                borderColor: edge,
                bgcolor: 'ink.now',
                cursor: 'grab',
              }}
            >
              <Box sx={{ flex: 1, minWidth: 0 }}>
                <Box sx={{ fontSize: 'plain', fontWeight: 700, lineHeight: 1.2 }}>
                  {proposal.title}
                </Box>
                <Box sx={{ fontSize: 'note', lineHeight: 1.3 }}>
                  {proposal.reason}
                  {NAMED.includes(proposal.why) && ` ${namesTold(proposal.pupils)}.`}
                </Box>
              </Box>
              <Button
                size="small"
                disabled={!day}
                aria-label={t('plan.plan', { title: proposal.title })}
                onClick={() => day && onPlan(proposal, day)}
                sx={{ whiteSpace: 'nowrap' }}
              >
                {day ? t('plan.on', { day: shortDay(day) }) : t('common.plan')}
              </Button>
            </Box>
          ))}
        </Box>
      )
    );
  });
}

/** The rungs that come again in openers, with the reasons. */
export function InOpeners({ opener }: { opener: PlanProposal[] }) {
  return (
    opener.length > 0 && (
      <Box>
        <Box component="h3" sx={{ m: 0, mb: 0.5, fontSize: 'plain' }}>
          {t('plan.in-the-openers')}
        </Box>
        <Box component="ul" sx={LIST}>
          {opener.map(({ rung, title, reason }) => (
            <Box component="li" key={rung} sx={{ fontSize: 'note', lineHeight: 1.4 }}>
              <b>{title}</b>: {reason}
            </Box>
          ))}
        </Box>
      </Box>
    )
  );
}
