import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { styled } from '@mui/material/styles';
import { memo, useLayoutEffect, useRef, useState } from 'react';
import type { Step, StepWords, Working } from '../api/types';
import { useDesk, useDeskTools } from '../session/deskContext';
import { BeatsToggle } from '../session/BeatsToggle';
import { CueRow } from '../session/CueRow';
import { LinedUpButton } from '../session/LinedUpButton';
import { CheckLine } from './CheckLine';
import { allSteps } from '../session/deskReducer';
import { NO_WORDS, said, useStepWords } from '../session/stepWords';
import { deferred } from '../ui/deferred';
import { TallyLine } from './TallyLine';
import { useAnnounced } from '../ui/useAnnounced';
import { SIZES } from '../theme';
import { t } from '../words';

const FactHelp = deferred(() => import('./FactHelp'));

/** The right page: the method, the current sentence, the earlier ones, and the tally. */
export function SpokenPage({ working }: { working: Working }) {
  const { step, asking, askFirst, brief } = useDesk();
  const [why, setWhy] = useState(false);
  const words = useStepWords(working, askFirst || brief || why);
  const steps = allSteps(working);
  const number = asking ? step + 1 : step;
  const now = steps[number];
  const sentence = now && (asking ? words[number]?.ask : said(now, words[number], brief));
  useAnnounced(sentence);
  const inCheck = number >= working.steps.length;
  const atEnd = step === steps.length - 1;
  return (
    <Box
      sx={{
        height: '100%',
        display: 'flex',
        flexDirection: 'column',
        // Where there is little room, the sentence comes first and the rest is scrolled to.
        overflow: { xs: 'auto', md: 'visible' },
        gap: { xs: 1, md: 1.75 },
        px: { xs: 2, md: 3.5 },
        pt: { xs: 1.5, md: 2.5 },
        pb: { xs: 0.75, md: 1.5 },
      }}
    >
      <MethodChoice working={working} brief={brief} askFirst={askFirst} />
      {now && (
        <Now
          key={`${number} ${asking}`}
          step={now}
          sentence={sentence}
          why={words[number]?.why}
          onWhy={() => setWhy(true)}
          asking={asking}
          label={t(inCheck ? 'desk.step-of-the-check' : 'desk.step-of-the-page', {
            section: now.section,
            step: number + 1,
            steps: steps.length,
          })}
          cues={inCheck ? [] : working.cues}
        />
      )}
      {atEnd && <Verdict check={working.check} />}
      <Earlier
        all={steps}
        count={Math.max(0, asking ? number : step)}
        words={brief ? words : NO_WORDS}
      />
      <CheckLine working={working} />
      <TallyLine tally={working.tally} />
    </Box>
  );
}

/** The methods of the operation, and how the steps are said. */
const MethodChoice = memo(function MethodChoice({
  working,
  brief,
  askFirst,
}: {
  working: Working;
  brief: boolean;
  askFirst: boolean;
}) {
  const { dispatch, setOut, busy } = useDeskTools();
  const chosen = working.methods.find((method) => method.id === working.sum.method);
  return (
    <Box sx={{ order: { xs: 1, md: 0 }, flexShrink: 0 }}>
      <Box
        role="group"
        aria-label={t('common.method')}
        sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}
      >
        {working.methods.map(({ id, name, about, misfit }) => (
          <Button
            key={id}
            aria-pressed={id === working.sum.method}
            title={misfit ?? about}
            disabled={busy}
            onClick={() => setOut({ ...working.sum, method: id })}
            sx={{ px: 1.5, ...(misfit && { borderStyle: 'dashed', color: 'text.secondary' }) }}
          >
            {name}
          </Button>
        ))}
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'start', gap: 1, mt: 0.75 }}>
        <Box sx={{ flex: '1 0 100%', fontSize: 'note', lineHeight: 1.3, color: 'text.secondary' }}>
          {chosen?.about}
        </Box>
        <Button
          aria-pressed={brief}
          title={t('desk.say-each-step-in-as')}
          onClick={() => dispatch({ do: 'brief', on: !brief })}
          sx={SMALL_TOGGLE}
        >
          {t('desk.brief')}
        </Button>
        <Button
          aria-pressed={askFirst}
          title={t('desk.put-each-step-as-a')}
          onClick={() => dispatch({ do: 'ask first', on: !askFirst })}
          sx={SMALL_TOGGLE}
        >
          {t('common.ask-first')}
        </Button>
        <BeatsToggle working={working} sx={SMALL_TOGGLE} />
        <LinedUpButton working={working} sx={SMALL_TOGGLE} />
      </Box>
    </Box>
  );
});

const SMALL_TOGGLE = { minHeight: 32, px: 1.25, fontSize: 'note', whiteSpace: 'nowrap' };

/** The size of a sentence: the more is said at once, the smaller, so that the steps below stay. */
const sizeOf = (sentence = '') =>
  sentence.length > 160 ? 'said' : sentence.length > 90 ? 'lead' : 'head';

function Now({
  step,
  sentence,
  why,
  onWhy,
  asking,
  label,
  cues,
}: {
  step: Step;
  sentence?: string;
  /** The reason, once it was asked for and is there. */
  why?: string;
  onWhy: () => void;
  asking: boolean;
  label: string;
  cues: Working['cues'];
}) {
  const [explained, setExplained] = useState(false);
  const [help, setHelp] = useState(false);
  return (
    <Box
      sx={{
        // A long sentence is scrolled, so that the parts below it stay in sight.
        flexShrink: { xs: 0, md: 1 },
        minHeight: { xs: 'auto', md: 140 },
        maxHeight: { xs: 'none', md: '70%' },
        overflow: 'auto',
        borderLeft: 6,
        borderColor: 'ink.nowEdge',
        borderRadius: '4px 10px 10px 4px',
        bgcolor: 'ink.now',
        px: 2.25,
        py: 1.25,
      }}
    >
      <Box sx={{ fontSize: 'note', fontWeight: 700, color: 'ink.nowText' }}>{label}</Box>
      {cues.length > 0 && (
        <Box sx={{ fontSize: 'note', lineHeight: 1.5 }}>
          <CueRow cues={cues} step={step} />
        </Box>
      )}
      <Box data-testid="sentence" sx={{ fontSize: sizeOf(sentence), lineHeight: 1.3 }}>
        {sentence}
      </Box>
      <Box sx={{ display: 'flex', alignItems: 'end', gap: 1, mt: 0.5 }}>
        <Box
          data-testid="fact"
          sx={{ flex: 1, fontSize: 'head', fontWeight: 700, lineHeight: 1.4 }}
        >
          {!asking &&
            step.facts.map((fact, index) => (
              <Box key={index} sx={{ overflowWrap: 'anywhere' }}>
                {fact.sum} = {fact.result}
              </Box>
            ))}
        </Box>
        {!asking && step.facts.length > 0 && (
          <Button aria-haspopup="dialog" onClick={() => setHelp(true)}>
            {t('desk.how')}
          </Button>
        )}
        <Button
          aria-expanded={explained}
          onClick={() => {
            onWhy();
            setExplained(!explained);
          }}
        >
          {t('desk.why')}
        </Button>
      </Box>
      {explained && (
        <Box data-testid="why" sx={{ mt: 1, fontSize: 'said' }}>
          {why}
        </Box>
      )}
      {help && <FactHelp facts={step.facts} onClose={() => setHelp(false)} />}
    </Box>
  );
}

/** Whether the second working came back. */
function Verdict({ check }: { check: Working['check'] }) {
  return (
    <Box
      role="status"
      sx={{
        flexShrink: 0,
        px: 2.25,
        py: 1,
        borderBottom: check.cameBack ? 5 : 0,
        borderColor: 'success.main',
        bgcolor: check.cameBack ? 'transparent' : 'ink.slipPage',
      }}
    >
      <Box sx={{ fontSize: 'note', color: 'text.secondary' }}>{check.about}</Box>
      <Box
        sx={{
          fontSize: 'lead',
          fontWeight: 700,
          color: check.cameBack ? 'success.main' : 'error.main',
        }}
      >
        {check.verdict}
      </Box>
      {check.strength && <Box sx={{ fontSize: 'note' }}>{check.strength}</Box>}
    </Box>
  );
}

/** The sentences so far, the latest at the foot and in sight. */
function Earlier({ all, count, words }: { all: Step[]; count: number; words: StepWords[] }) {
  const list = useRef<HTMLDivElement>(null);
  // Before it is painted, so that a step is painted once.
  useLayoutEffect(() => {
    const element = list.current;
    if (element) {
      element.scrollTop = element.scrollHeight;
    }
  }, [count]);
  return (
    <Rows ref={list} role="group" aria-label={t('desk.steps-so-far')} tabIndex={count > 0 ? 0 : -1}>
      {Array.from({ length: Math.ceil(count / TOGETHER) }, (_, part) => (
        <EarlierPart
          key={part}
          steps={all}
          words={words}
          from={part * TOGETHER}
          to={Math.min(count, (part + 1) * TOGETHER)}
        />
      ))}
    </Rows>
  );
}

/** How many earlier steps are drawn together; all but the last group stay as drawn. */
const TOGETHER = 40;

/** Some of the steps that were said. */
const EarlierPart = memo(function EarlierPart({
  steps,
  words,
  from,
  to,
}: {
  /** All steps of the page, and all their words. */
  steps: Step[];
  words: StepWords[];
  from: number;
  /** The step behind the last. */
  to: number;
}) {
  return (
    <div className="together">
      {steps.slice(from, to).map((step, index) => (
        <EarlierStep
          key={index}
          step={step}
          words={words[from + index]}
          begins={steps[from + index - 1]?.section !== step.section}
        />
      ))}
    </div>
  );
});

/** One earlier step; of hundreds only the new one is drawn. */
const EarlierStep = memo(function EarlierStep({
  step,
  words,
  begins,
}: {
  step: Step;
  words: StepWords | undefined;
  /** Whether it is the first of its section. */
  begins: boolean;
}) {
  return (
    <div className="step">
      <b>{begins && step.section}</b>
      <div>{said(step, words, true)}</div>
      <div className="facts">
        {step.facts.map((fact, n) => (
          <div key={n}>
            {fact.sum} = {fact.result}
          </div>
        ))}
      </div>
    </div>
  );
});

const Rows = styled('div')(({ theme: { palette, breakpoints } }) => ({
  flex: 1,
  minHeight: 0,
  overflow: 'auto',
  fontSize: SIZES.plain,
  '@media print': { fontSize: SIZES.note, lineHeight: 1.25 },
  [breakpoints.down('md')]: { order: 2, flex: 'none', maxHeight: 200 },
  color: palette.text.secondary,
  '& .step': {
    display: 'grid',
    gridTemplateColumns: '92px minmax(0, 1fr) auto',
    gap: 8,
    padding: '6px 4px',
    borderBottom: `1px dotted ${palette.ink.edge}`,
    '@media print': { padding: '1px 4px' },
  },
  // Rows out of sight are not laid out.
  '& .together': { contentVisibility: 'auto', containIntrinsicSize: `auto ${TOGETHER * 38}px` },
  '& b': { color: palette.text.primary },
  '& .facts': { textAlign: 'right', maxWidth: 170, overflowWrap: 'anywhere' },
}));
