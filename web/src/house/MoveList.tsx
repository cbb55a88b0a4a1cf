import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Setting, Style } from '../api/types';
import { KeptField } from '../ui/KeptField';
import { t } from '../words';

type Moves = NonNullable<Style['roundMoves']>;

/** The moves that a class calls, each by a word of its own, in an order of its own. */
export function MoveList({
  setting: { moves, name },
  style,
  onChange,
}: {
  setting: Setting;
  style: Style;
  onChange: (change: (style: Style) => Style) => void;
}) {
  const standard = moves.filter((each) => each.standard).map(({ move }) => move);
  const called = style.roundMoves ?? standard;
  const own = style.sentences ?? {};
  const call = (list: Moves) => onChange((now) => ({ ...now, roundMoves: list }));
  const say = (key: string, word: string, standing: string) =>
    onChange(({ sentences = {}, ...now }) => ({
      ...now,
      sentences:
        word === standing
          ? Object.fromEntries(Object.entries(sentences).filter(([each]) => each !== key))
          : { ...sentences, [key]: word },
    }));
  const known = called.flatMap((move) => moves.filter((each) => each.move === move));
  const leftOut = moves.filter(({ move }) => !called.includes(move));
  const isStandard =
    String(called) === String(standard) && moves.every(({ key }) => own[key] === undefined);
  return (
    <>
      <Box component="ol" aria-label={name} sx={{ m: 0, mt: 1, pl: 3, display: 'grid', gap: 0.5 }}>
        {known.map(({ move, key, word }, at) => {
          const said = own[key] ?? word;
          return (
            <Box component="li" key={move}>
              <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5 }}>
                <Box sx={{ display: 'flex', flex: '1 1 150px' }}>
                  <KeptField
                    key={said}
                    label={t('house.word-for', { move: word })}
                    kept={said}
                    onKeep={(typed) => say(key, typed, word)}
                  />
                </Box>
                <Button
                  aria-label={t('house.call-earlier', { move: said })}
                  title={t('house.call-earlier', { move: said })}
                  disabled={at === 0}
                  onClick={() => call(turned(called, at - 1))}
                  sx={SMALL}
                >
                  ▴
                </Button>
                <Button
                  aria-label={t('house.call-later', { move: said })}
                  title={t('house.call-later', { move: said })}
                  disabled={at === called.length - 1}
                  onClick={() => call(turned(called, at))}
                  sx={SMALL}
                >
                  ▾
                </Button>
                <Button
                  aria-label={t('house.leave-out', { move: said })}
                  title={t('house.leave-out', { move: said })}
                  onClick={() => call(called.filter((each) => each !== move))}
                  sx={SMALL}
                >
                  −
                </Button>
              </Box>
            </Box>
          );
        })}
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 1 }}>
        {leftOut.map(({ move, key, word }) => (
          <Button
            key={move}
            onClick={() => call(withMove(called, move, moves))}
            sx={{ px: 1.5, minHeight: 36 }}
          >
            {t('house.call-too', { move: own[key] ?? word })}
          </Button>
        ))}
        {!isStandard && (
          <Button
            variant="text"
            aria-label={t('house.standard-for', { name })}
            onClick={() =>
              onChange(({ sentences = {}, ...now }) => ({
                ...now,
                roundMoves: standard,
                sentences: Object.fromEntries(
                  Object.entries(sentences).filter(
                    ([each]) => !moves.some(({ key }) => key === each),
                  ),
                ),
              }))
            }
            sx={{ minHeight: 36 }}
          >
            {t('house.standard')}
          </Button>
        )}
      </Box>
    </>
  );
}

/** A list with two neighbours changed over. */
const turned = <Each,>(list: Each[], at: number) => [
  ...list.slice(0, at),
  ...list.slice(at, at + 2).toReversed(),
  ...list.slice(at + 2),
];

/** A list with a move more, where it stands in a round. */
function withMove(list: Moves, more: Moves[number], moves: Setting['moves']): Moves {
  const place = (move: Moves[number]) => moves.findIndex((each) => each.move === move);
  const behind = list.findIndex((move) => place(move) > place(more));
  return behind < 0 ? [...list, more] : list.toSpliced(behind, 0, more);
}

const SMALL = { minWidth: 36, minHeight: 36, px: 1, py: 0 };
