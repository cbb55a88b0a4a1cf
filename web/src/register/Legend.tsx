import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api } from '../api/client';
import type { Register } from '../api/types';
import { useCurrentClass } from '../session/classes';
import { FileButton } from '../ui/FileButton';
import { save } from '../ui/save';
import { useNotice } from '../ui/useNotice';
import { StandingShape } from './StandingShape';
import { inOrder, STANDINGS, type Standing } from './standings';

/** What the shapes mean, and the rules. */
export function Legend({ register }: { register: Register }) {
  const notice = useNotice();
  const queries = useQueryClient();
  const table = useMutation({
    mutationFn: async () => save(await api.registerTable(), 'register.csv'),
    onSuccess: (name) => notice({ text: `${name} is in your downloads.` }),
  });
  const again = useMutation({
    mutationFn: api.evidenceAgain,
    onSuccess: ({ placed, judged, marked }) => {
      void queries.invalidateQueries({ queryKey: ['register'] });
      const changed = placed + judged + marked;
      notice({
        text:
          changed === 0
            ? 'Everything was up to date.'
            : `Worked out again: ${placed} sums, ${judged} pages, ${marked} answers.`,
      });
    },
  });
  const room = useCurrentClass();
  const file = useMutation({
    mutationFn: async ({ id, name }: { id: number; name: string }) =>
      save(await api.classFile(id), `${name}.json`),
    onSuccess: (name) => notice({ text: `${name} is in your downloads.` }),
  });
  const read = useMutation({
    mutationFn: api.readFile,
    onSuccess: ({ kind, name, pupils, handouts }) => {
      void queries.invalidateQueries();
      notice({
        text:
          kind === 'PUPIL'
            ? `${name} is in this class now, with ${handouts} handouts.`
            : `${name} is there now, with ${pupils} pupils and ${handouts} handouts. Choose it above.`,
      });
    },
  });
  const trouble = table.error ?? again.error ?? file.error ?? read.error;
  return (
    <>
      <Box component="h2" sx={{ m: 0, fontSize: 20 }}>
        How to read it
      </Box>
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 0.75, lineHeight: 1.15 }}>
        {inOrder.map((standing) => (
          <Sample key={standing} standing={standing} told={STANDINGS[standing]} />
        ))}
        <Sample standing="NEARLY" slip told="with a slip of late; * decided by you" />
      </Box>
      <Box component="h3" sx={{ m: 0, mt: 0.5, fontSize: 16.5 }}>
        The rules
      </Box>
      <Box component="ul" sx={{ m: 0, pl: 2.5, fontSize: 15.5, lineHeight: 1.45 }}>
        {register.rules.map((rule) => (
          <li key={rule}>{rule}</li>
        ))}
      </Box>
      <Box sx={{ fontSize: 15.5, lineHeight: 1.45, color: 'text.secondary' }}>
        What is marked, run or tried on the Slate counts by itself. Choose a square to see why it is
        so, a name for a pupil, the head of a column for a rung.
      </Box>
      <Box sx={{ mt: 'auto', display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        <Button disabled={table.isPending} onClick={() => table.mutate()}>
          As a table
        </Button>
        <Button disabled={again.isPending} onClick={() => again.mutate()}>
          Work it all out again
        </Button>
        {room && (
          <Button disabled={file.isPending} onClick={() => file.mutate(room)}>
            The class as a file
          </Button>
        )}
        <FileButton
          label="File of a class or a pupil"
          accept=".json,application/json"
          onFile={(chosen) => read.mutate(chosen)}
        >
          Read a file in
        </FileButton>
      </Box>
      {trouble && <Box role="alert">{trouble.message}</Box>}
    </>
  );
}

/** A square as it stands in the register, and what it means. */
function Sample({ standing, slip, told }: { standing: Standing; slip?: boolean; told: string }) {
  return (
    <Box sx={{ display: 'flex', alignItems: 'center', gap: 1.25 }}>
      <Box
        sx={{
          width: 32,
          height: 26,
          flexShrink: 0,
          pl: 0.75,
          pt: 0.5,
          border: 1,
          borderColor: 'ink.square',
        }}
      >
        <StandingShape standing={standing} slip={slip} />
      </Box>
      {told}
    </Box>
  );
}
