import Alert from '@mui/material/Alert';
import Autocomplete from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import InputBase from '@mui/material/InputBase';
import TextField from '@mui/material/TextField';
import { useQuery } from '@tanstack/react-query';
import { memo, useRef } from 'react';
import { api } from '../api/client';
import type { ClassRoom, Length, Sentence, Style, SumRef } from '../api/types';
import { useStyleChange } from '../session/classes';
import { useDraft } from '../ui/useDraft';
import { t } from '../words';

/** The class's own wording for a kind of remark, in any length, tried out before it is kept. */
export const OwnSentences = memo(function OwnSentences({
  sentences,
  room: { id, style },
}: {
  sentences: Sentence[];
  room: ClassRoom;
}) {
  const { save, error } = useStyleChange(id);
  const [kind, setKind] = useDraft('sentence kind', 'exchange');
  const [wanted, setWanted] = useDraft('sentence length', 'SAY');
  const chosen = sentences.find((each) => each.kind === kind);
  // Some remarks are only said.
  const told = chosen?.lengths.find((each) => each.length === wanted) ?? chosen?.lengths[0];
  const own = style.sentences ?? {};
  const say = (said: Record<string, string>) => save((kept) => ({ ...kept, sentences: said }));
  return (
    <Box component="section" aria-label={t('house.own-sentences')} sx={{ mt: 3 }}>
      <Box component="h3" sx={{ mt: 0, mb: 1, fontSize: 'said', color: 'primary.main' }}>
        {t('house.own-sentences')}
      </Box>
      <Autocomplete
        fullWidth
        size="small"
        options={sentences}
        value={chosen}
        disableClearable
        getOptionKey={(each) => each.kind}
        getOptionLabel={(each) =>
          `${each.lengths.some(({ key }) => own[key]) ? '✎ ' : ''}${each.group}: ${each.name}`
        }
        openText={t('common.open')}
        closeText={t('common.close')}
        noOptionsText={t('house.no-remark-has-these-letters')}
        onChange={(_, each) => setKind(each.kind)}
        renderInput={(field) => <TextField {...field} label={t('house.remark')} />}
      />
      {chosen && told && (
        <>
          <Box
            role="group"
            aria-label={t('house.told')}
            sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 1 }}
          >
            {chosen.lengths.map(({ key, length: each, name }) => (
              <Button
                key={key}
                aria-pressed={each === told.length}
                onClick={() => setWanted(each)}
                sx={{ minHeight: 32, px: 1.25 }}
              >
                {own[key] ? `✎ ${name}` : name}
              </Button>
            ))}
          </Box>
          <Editor
            key={told.key + (own[told.key] ?? '')}
            sentence={chosen}
            told={told}
            style={style}
            room={id}
            onKeep={(text) => say({ ...own, [told.key]: text })}
            onDrop={() =>
              say(Object.fromEntries(Object.entries(own).filter(([key]) => key !== told.key)))
            }
          />
        </>
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
  told: { key, length, standard, plain },
  style,
  room,
  onKeep,
  onDrop,
}: {
  sentence: Sentence;
  told: Length;
  style: Style;
  /** The number of the class. */
  room: number;
  onKeep: (text: string) => void;
  onDrop: () => void;
}) {
  const own = style.sentences?.[key];
  const standing = own ?? (plain ? standard : '');
  const [text, setText, forget] = useDraft(`sentence ${room} ${key}`, standing);
  const field = useRef<HTMLInputElement>(null);
  const draft: Style = { ...style, sentences: { ...style.sentences, [key]: text } };
  const trial = useQuery({
    queryKey: ['trial', key, text, style],
    queryFn: () => heard(sentence, length, draft),
    staleTime: Infinity,
  });
  const insert = (name: string) => {
    const at = field.current?.selectionStart ?? text.length;
    setText(`${text.slice(0, at)}{${name}}${text.slice(at)}`);
    field.current?.focus();
  };
  return (
    <Box>
      <Box sx={{ my: 1, fontSize: 'note', color: 'text.secondary' }}>
        {t('house.bemble-says', { standard })}
      </Box>
      <InputBase
        multiline
        fullWidth
        minRows={2}
        inputRef={field}
        value={text}
        onChange={(event) => setText(event.target.value)}
        inputProps={{ 'aria-label': t('house.own-sentence') }}
        sx={{ px: 1.25, border: 1, borderColor: 'ink.edge', borderRadius: 1 }}
      />
      {sentence.fillIns.length > 0 && (
        <Box
          role="group"
          aria-label={t('house.fill-ins')}
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
          {t('house.keep-sentence')}
        </Button>
        {own && (
          <Button onClick={() => (forget(), onDrop())}>{t('house.bembles-own-again')}</Button>
        )}
      </Box>
    </Box>
  );
}

/** The sentence in the first sum that has it. */
async function heard(
  { trials, kind }: Sentence,
  length: Length['length'],
  style: Style,
): Promise<string> {
  for (const trial of trials) {
    const sum = { plain: trial.problem, method: trial.method, style };
    const working = await api.work(sum);
    const steps = [...working.steps, ...working.check.steps];
    const cue = working.cues.find((each) => each.kind === kind);
    if (cue) {
      return `${working.problem}: ${cue.word}`;
    }
    const step = steps.find((each) => each.kind === kind);
    if (step) {
      const told = length === 'SAY' ? step.say : await otherwise(steps.indexOf(step), length, sum);
      return `${working.problem}: ${told}`;
    }
  }
  return t('house.it-can-be-kept-but');
}

const WORDS = { BRIEF: 'brief', ASK: 'ask', WHY: 'why' } as const;

/** A step told otherwise than it is said, which does not come with the working. */
async function otherwise(step: number, length: keyof typeof WORDS, sum: SumRef) {
  const words = await api.stepWords(sum);
  return words[step]?.[WORDS[length]];
}
