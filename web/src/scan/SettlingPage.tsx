import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import type { Grid } from '../api/types';
import { LEFT_PAGE } from '../ui/book';
import { Kbd } from '../ui/Kbd';
import { t } from '../words';
import { settledBy, type OnSheet } from './settling';
import { WholeSheet } from './WholeSheet';

/** One answer after another as it stands on paper, with a field to type it in. */
export function SettlingPage({
  grid,
  answers,
  place,
  settled,
  onPlace,
  onSettle,
}: {
  grid: Grid;
  answers: OnSheet[];
  /** Which of them is shown. */
  place: number;
  settled: number;
  onPlace: (place: number) => void;
  onSettle: (text: string | undefined) => void;
}) {
  const answer = answers[place];
  const sum = answer && grid.sums[answer.sum];
  const [typed, setTyped] = useState('');
  const [whole, setWhole] = useState(false);
  if (!answer || !sum) {
    return (
      <Box sx={{ ...LEFT_PAGE, alignContent: 'start', gridTemplateRows: 'auto auto' }}>
        <Box component="h2" sx={{ m: 0, fontSize: 'head' }}>
          {grid.title}
        </Box>
        <Box sx={{ fontSize: 'lead', lineHeight: 1.5, color: 'text.secondary' }}>
          {t('scan.nothing-to-settle-yet')}
        </Box>
      </Box>
    );
  }
  const { page, scan } = answer;
  /** The answer that Enter takes: the text that was read, never the right answer for its own sake. */
  const proposed = answer.text === undefined ? answer.read : undefined;
  /** On squares the answer is seen with its working. */
  const isSetOut = answer.unread !== undefined;
  const picture = (kind: 'answers' | 'squares' | 'bands') =>
    `/api/scans/${scan}/pages/${page}/${kind}/${answer.sum}`;
  const settleAs = (text: string | undefined) => {
    setTyped('');
    onSettle(text);
  };
  const go = (by: number) => {
    setTyped('');
    onPlace((place + by + answers.length) % answers.length);
  };
  const onKey = (key: string, isHeld: boolean): boolean => {
    const text = typed === '' ? settledBy(key, sum.right) : undefined;
    if (isHeld && (text !== undefined || key === 'Enter' || key === 'Delete')) {
      // A key that stays down settles one answer, not those behind it, which were not seen yet.
      return true;
    }
    if (text !== undefined) {
      settleAs(text);
    } else if (key.toLowerCase() === 's') {
      setWhole(true);
    } else if (key === 'Enter' && typed !== '') {
      settleAs(typed.trim());
    } else if (key === 'Enter' && proposed !== undefined) {
      settleAs(proposed);
    } else if (key === 'Enter') {
      go(1);
    } else if (key === 'ArrowUp' || key === 'ArrowDown') {
      go(key === 'ArrowUp' ? -1 : 1);
    } else if ((key === 'Delete' || key === 'Backspace') && typed === '') {
      settleAs(undefined);
    } else {
      return /^[a-qs-z]$/i.test(key);
    }
    return true;
  };
  return (
    <Box sx={{ ...LEFT_PAGE, gridTemplateRows: 'auto minmax(0, 1fr) auto' }}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'baseline', columnGap: 2 }}>
        <Box component="h2" sx={{ m: 0, fontSize: 'head', flex: 1 }}>
          {t('scan.sum', { number: answer.sum + 1, problem: sum.problem })}
        </Box>
        <Box role="status" sx={{ color: 'text.secondary' }}>
          {t('scan.settled-of', { settled, answers: answers.length })}
        </Box>
      </Box>
      <Box
        sx={{
          minHeight: 0,
          display: 'grid',
          gridTemplateRows: isSetOut ? '2fr 1fr' : '1fr 1fr',
          gap: 1.5,
        }}
      >
        <Picture
          key={`${page} ${answer.sum} answer`}
          src={picture(isSetOut ? 'squares' : 'answers')}
          alt={t('scan.answer-as-it-was-written')}
          upper
        />
        <Picture
          key={`${page} ${answer.sum} band`}
          src={picture('bands')}
          alt={t('scan.the-sheet-around-it')}
        />
      </Box>
      <Box sx={{ display: 'grid', gap: 1 }}>
        {answer.text === undefined && answer.why !== undefined && (
          <Box role="note" sx={{ lineHeight: 1.4 }}>
            {answer.why}
          </Box>
        )}
        <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 1 }}>
          <TextField
            autoFocus
            variant="standard"
            value={typed}
            onChange={({ target }) => setTyped(target.value)}
            onKeyDown={(event) => {
              const plain = !event.ctrlKey && !event.metaKey && !event.altKey;
              if (plain && onKey(event.key, event.repeat)) {
                event.preventDefault();
              }
            }}
            placeholder={answer.text === undefined ? '' : told(answer.text)}
            slotProps={{
              htmlInput: {
                'aria-label': t('scan.what-stands-there'),
                inputMode: 'decimal',
                maxLength: 80,
                autoComplete: 'off',
              },
            }}
            sx={{ width: 150, '& input': { fontSize: 'head' } }}
          />
          {proposed !== undefined && (
            <Button variant="outlined" onClick={() => settleAs(proposed)}>
              {t('scan.read-as', { read: told(proposed) })}
              <Kbd>⏎</Kbd>
            </Button>
          )}
          <Button onClick={() => settleAs(sum.right)}>
            {t('scan.right', { answer: sum.answer })}
            <Kbd>+</Kbd>
          </Button>
          <Button onClick={() => settleAs('')}>
            {t('scan.blank')}
            <Kbd>b</Kbd>
          </Button>
          <Button onClick={() => settleAs('x')}>
            {t('scan.unreadable')}
            <Kbd>x</Kbd>
          </Button>
        </Box>
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
          <Button onClick={() => go(-1)}>
            {t('scan.before')}
            <Kbd>↑</Kbd>
          </Button>
          <Button onClick={() => go(1)}>
            {t('common.next')}
            <Kbd>↓</Kbd>
          </Button>
          <Button aria-haspopup="dialog" onClick={() => setWhole(true)}>
            {t('scan.whole-sheet')}
            <Kbd>s</Kbd>
          </Button>
        </Box>
      </Box>
      {whole && (
        <WholeSheet
          scan={scan}
          page={page}
          grid={grid}
          answers={answers.filter((each) => each.page === page)}
          onClose={() => setWhole(false)}
        />
      )}
    </Box>
  );
}

/** An answer that was settled, in words where it is no number. */
const told = (text: string) => ({ '': t('scan.blank'), x: t('scan.unreadable') })[text] ?? text;

/** A cut-out, as large as its room lets it be. */
function Picture({ src, alt, upper }: { src: string; alt: string; upper?: boolean }) {
  return (
    <Box
      component="img"
      src={src}
      alt={alt}
      sx={{
        minHeight: 0,
        minWidth: 0,
        width: '100%',
        height: '100%',
        objectFit: 'contain',
        objectPosition: upper ? 'left bottom' : 'left top',
        borderRadius: 1,
      }}
    />
  );
}
