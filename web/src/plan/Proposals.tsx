import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { PlanProposal } from '../api/types';
import { CARD } from '../ui/card';
import { namesTold, shortDay } from './days';

const KINDS: Record<PlanProposal['kind'], string> = {
  RETEACH: 'Teach once more',
  LOOK_AGAIN: 'Look again',
  TEACH: 'Teach next',
};

const EDGES: Record<PlanProposal['kind'], string> = {
  RETEACH: 'error.main',
  LOOK_AGAIN: 'ink.nowEdge',
  TEACH: 'success.main',
};

/** What the class may do next, to be drawn onto a day or planned on the chosen one. */
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
      <Box sx={{ fontSize: 17, lineHeight: 1.5, color: 'text.secondary' }}>
        Nothing is proposed while nobody is in the class. Pupils are added under Marking.
      </Box>
    );
  }
  return (Object.keys(KINDS) as PlanProposal['kind'][]).map((kind) => {
    const some = proposals.filter((each) => each.kind === kind);
    return (
      some.length > 0 && (
        <Box key={kind}>
          <Box component="h3" sx={{ m: 0, mb: 0.5, fontSize: 16.5 }}>
            {KINDS[kind]}
          </Box>
          {some.map((proposal) => (
            <Box
              key={`${proposal.rung} ${proposal.slip ?? ''}`}
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
                borderColor: EDGES[kind],
                bgcolor: 'ink.now',
                cursor: 'grab',
              }}
            >
              <Box sx={{ flex: 1, minWidth: 0 }}>
                <Box sx={{ fontSize: 16, fontWeight: 700, lineHeight: 1.2 }}>{proposal.title}</Box>
                <Box sx={{ fontSize: 14.5, lineHeight: 1.3 }}>
                  {proposal.reason}
                  {kind !== 'TEACH' && ` ${namesTold(proposal.pupils)}.`}
                </Box>
              </Box>
              <Button
                size="small"
                disabled={!day}
                aria-label={`Plan ${proposal.title}`}
                onClick={() => day && onPlan(proposal, day)}
                sx={{ whiteSpace: 'nowrap' }}
              >
                {day ? `On ${shortDay(day)}` : 'Plan'}
              </Button>
            </Box>
          ))}
        </Box>
      )
    );
  });
}
