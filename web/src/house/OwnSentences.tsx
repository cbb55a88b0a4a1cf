import Alert from '@mui/material/Alert';
import Autocomplete from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import InputBase from '@mui/material/InputBase';
import TextField from '@mui/material/TextField';
import { useQuery } from '@tanstack/react-query';
import { memo, useRef } from 'react';
import { api } from '../api/client';
import type { ClassRoom, Sentence, Style } from '../api/types';
import { useStyleChange } from '../session/classes';
import { useDraft } from '../ui/useDraft';

/** The class's own wording for a kind of remark, tried out before it is kept. */
export const OwnSentences = memo(function OwnSentences({
  sentences,
  room: { id, style },
}: {
  sentences: Sentence[];
  room: ClassRoom;
}) {
  const { save, error } = useStyleChange(id);
  const [kind, setKind] = useDraft('sentence kind', 'exchange');
  const chosen = sentences.find((each) => each.kind === kind);
  const own = style.sentences ?? {};
  const say = (said: Record<string, string>) => save((kept) => ({ ...kept, sentences: said }));
  return (
    <Box component="section" aria-label="Own sentences" sx={{ mt: 3 }}>
      <Box component="h3" sx={{ mt: 0, mb: 1, fontSize: 17, color: 'primary.main' }}>
        Own sentences
      </Box>
      <Autocomplete
        fullWidth
        size="small"
        options={sentences}
        value={chosen}
        disableClearable
        getOptionKey={(each) => each.kind}
        getOptionLabel={(each) =>
          `${own[each.kind] ? '✎ ' : ''}${each.group}: ${each.kind.replaceAll('-', ' ')}`
        }
        noOptionsText="No remark has these letters in its name."
        onChange={(_, each) => setKind(each.kind)}
        renderInput={(field) => <TextField {...field} label="Remark" />}
      />
      {chosen && (
        <Editor
          key={kind + (own[kind] ?? '')}
          sentence={chosen}
          style={style}
          room={id}
          onKeep={(text) => say({ ...own, [kind]: text })}
          onDrop={() => say(Object.fromEntries(Object.entries(own).filter(([k]) => k !== kind)))}
        />
      )}
      {error && (
        <Alert severity="error" sx={{ my: 1 }}>
          {error.message}
        </Alert>
      )}
    </Box>
  );
});

function Editor({
  sentence,
  style,
  room,
  onKeep,
  onDrop,
}: {
  sentence: Sentence;
  style: Style;
  /** The number of the class. */
  room: number;
  onKeep: (text: string) => void;
  onDrop: () => void;
}) {
  const own = style.sentences?.[sentence.kind];
  const standing = own ?? (sentence.plain ? sentence.standard : '');
  const [text, setText, forget] = useDraft(`sentence ${room} ${sentence.kind}`, standing);
  const field = useRef<HTMLInputElement>(null);
  const draft: Style = { ...style, sentences: { ...style.sentences, [sentence.kind]: text } };
  const trial = useQuery({
    queryKey: ['trial', sentence.kind, text, style],
    queryFn: () => heard(sentence, draft),
    staleTime: Infinity,
  });
  const insert = (name: string) => {
    const at = field.current?.selectionStart ?? text.length;
    setText(`${text.slice(0, at)}{${name}}${text.slice(at)}`);
    field.current?.focus();
  };
  return (
    <Box>
      <Box sx={{ my: 1, fontSize: 15, color: 'text.secondary' }}>
        Bemble says: {sentence.standard}
      </Box>
      <InputBase
        multiline
        fullWidth
        minRows={2}
        inputRef={field}
        value={text}
        onChange={(event) => setText(event.target.value)}
        inputProps={{ 'aria-label': 'Own sentence' }}
        sx={{ px: 1.25, border: 1, borderColor: 'ink.edge', borderRadius: 1 }}
      />
      {sentence.fillIns.length > 0 && (
        <Box
          role="group"
          aria-label="Fill-ins"
          sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75, my: 1 }}
        >
          {sentence.fillIns.map((name) => (
            <Button key={name} onClick={() => insert(name)} sx={{ minHeight: 30, px: 1 }}>
              {`{${name}}`}
            </Button>
          ))}
        </Box>
      )}
      <Box
        aria-live="polite"
        data-testid="trial"
        sx={{ my: 1, p: 1.25, borderLeft: 6, borderColor: 'ink.nowEdge', bgcolor: 'ink.now' }}
      >
        {trial.isError ? (
          <Box sx={{ color: 'error.main' }}>{trial.error.message}</Box>
        ) : (
          (trial.data ?? '…')
        )}
      </Box>
      <Box sx={{ display: 'flex', gap: 1 }}>
        <Button
          variant="contained"
          disabled={trial.isError || text === own}
          onClick={() => onKeep(text)}
        >
          Keep sentence
        </Button>
        {own && <Button onClick={() => (forget(), onDrop())}>Bemble’s own again</Button>}
      </Box>
    </Box>
  );
}

/** What the sentence sounds like in the first sum that has it. */
async function heard({ trials, kind }: Sentence, style: Style): Promise<string> {
  for (const trial of trials) {
    const working = await api.work({ plain: trial.problem, method: trial.method, style });
    const step = [...working.steps, ...working.check.steps].find((each) => each.kind === kind);
    if (step) {
      return `${working.problem}: ${step.say}`;
    }
  }
  return 'It can be kept, but none of the sums tried here has this remark.';
}
