import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useQueryClient } from '@tanstack/react-query';
import { api } from '../api/client';
import type { Register } from '../api/types';
import { useCurrentClass } from '../session/classes';
import { useAct } from '../ui/useAct';
import { FileButton } from '../ui/FileButton';
import { save } from '../ui/save';
import { useNotice } from '../ui/useNotice';
import { StandingShape } from './StandingShape';
import { inOrder, STANDINGS, type Standing } from './standings';
import { TroubleNote } from '../ui/TroubleNote';
import { t } from '../words';

/** The meanings of the shapes, and the rules. */
export function Legend({ register }: { register: Register }) {
  const notice = useNotice();
  const queries = useQueryClient();
  const table = useAct({
    mutationFn: async () => save(await api.registerTable(), 'register.csv'),
    onSuccess: (name) => notice({ text: t('common.downloaded', { name }) }),
  });
  const again = useAct({
    mutationFn: api.evidenceAgain,
    onSuccess: ({ placed, judged, marked }) => {
      void queries.invalidateQueries({ queryKey: ['register'] });
      const changed = placed + judged + marked;
      notice({
        text:
          changed === 0
            ? t('register.everything-was-up-to-date')
            : t('register.worked-out-again-sums-pages', { placed, judged, marked }),
      });
    },
  });
  const room = useCurrentClass();
  const file = useAct({
    mutationFn: async ({ id, name }: { id: number; name: string }) =>
      save(await api.classFile(id), `${name}.json`),
    onSuccess: (name) => notice({ text: t('common.downloaded', { name }) }),
  });
  const read = useAct({
    mutationFn: api.readFile,
    onSuccess: ({ kind, name, pupils, handouts }) => {
      void queries.invalidateQueries();
      notice({
        text:
          kind === 'PUPIL'
            ? t('register.is-in-this-class-now', { name, handouts })
            : t('register.is-there-now-with-pupils', { name, pupils, handouts }),
      });
    },
  });
  const trouble = table.error ?? again.error ?? file.error ?? read.error;
  return (
    <>
      <Box component="h2" sx={{ m: 0, fontSize: 'lead' }}>
        {t('register.how-to-read-it')}
      </Box>
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 0.75, lineHeight: 1.15 }}>
        {inOrder.map((standing) => (
          <Sample key={standing} standing={standing} told={STANDINGS[standing]} />
        ))}
        <Sample standing="NEARLY" slip told={t('register.with-a-slip-of-late')} />
      </Box>
      <Box component="h3" sx={{ m: 0, mt: 0.5, fontSize: 'plain' }}>
        {t('register.the-rules')}
      </Box>
      <Box component="ul" sx={{ m: 0, pl: 2.5, fontSize: 'plain', lineHeight: 1.45 }}>
        {register.rules.map((rule) => (
          <li key={rule}>{rule}</li>
        ))}
      </Box>
      <Box sx={{ fontSize: 'plain', lineHeight: 1.45, color: 'text.secondary' }}>
        {t('register.what-is-marked-run-or')}
      </Box>
      <Box sx={{ mt: 'auto', display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        <Button disabled={table.isPending} onClick={() => table.mutate()}>
          {t('common.as-a-table')}
        </Button>
        <Button disabled={again.isPending} onClick={() => again.mutate()}>
          {t('register.work-it-all-out-again')}
        </Button>
        {room && (
          <Button disabled={file.isPending} onClick={() => file.mutate(room)}>
            {t('register.the-class-as-a-file')}
          </Button>
        )}
        <FileButton
          label={t('register.file-of-a-class-or')}
          accept=".json,application/json"
          onFile={(chosen) => read.mutate(chosen)}
        >
          {t('register.read-a-file-in')}
        </FileButton>
      </Box>
      <TroubleNote of={trouble} />
    </>
  );
}

/** A square as it looks in the register, and its meaning. */
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
