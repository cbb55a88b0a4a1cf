import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { api } from '../api/client';
import type { Scan, WallFigure } from '../api/types';
import { useAct } from '../ui/useAct';
import { useNotice } from '../ui/useNotice';
import { t } from '../words';
import { AskDialog } from '../ui/AskDialog';
import { figureAfter, keyOf, nextFigure, unseenFigure } from './settling';

/** How many figures are seen at a time; the eye finds the odd one among them. */
const AT_A_TIME = 60;

/** The side of a square, in pixels. */
const SIDE = 54;

const FIGURES = 10;

/** All answers with one figure, side by side. Pressing an odd one has its answer asked. */
export function FigureWall({
  scan,
  onScan,
  onClose,
}: {
  scan: Scan;
  onScan: (scan: Scan) => void;
  onClose: () => void;
}) {
  const notice = useNotice();
  const [figure, setFigure] = useState(nextFigure(scan.lookedThrough));
  const [from, setFrom] = useState(0);
  /** Looked through once more from the first figure on, all of them being seen. */
  const [again] = useState(scan.lookedThrough.length === FIGURES);
  const wall = useQuery(wallOf(scan, figure));
  const onError = (trouble: Error) => notice({ text: trouble.message });
  const ask = useAct({
    again: true,
    mutationFn: ({ page, sum, text, read }: Shown) =>
      api.settleAnswers(scan.id, [{ page, sum, text: text === undefined ? read : undefined }]),
    onSuccess: onScan,
    onError,
  });
  const seen = useAct({
    mutationFn: () => api.lookThrough(scan.id, figure),
    onSuccess: (changed) => {
      onScan(changed);
      const next = again ? figureAfter(figure) : unseenFigure(changed.lookedThrough);
      if (next === undefined) {
        onClose();
      } else {
        setFigure(next);
        setFrom(0);
      }
    },
    onError,
  });
  const all = shownOn(scan, wall.data ?? []);
  const shown = all.slice(from, from + AT_A_TIME);
  const isLast = from + AT_A_TIME >= all.length;
  return (
    <AskDialog
      title={t('scan.all-read-as', { figure })}
      maxWidth="md"
      content={{ sx: { minHeight: 6 * (SIDE + 8) } }}
      more={
        <Box role="status" sx={{ flex: 1, pl: 2, color: 'text.secondary' }}>
          {all.length > 0 &&
            t('scan.so-many-of', { from: from + 1, to: from + shown.length, all: all.length })}
        </Box>
      }
      back={t('common.close')}
      does={
        isLast
          ? {
              label: t('scan.all-of-them-seen'),
              isOff: !wall.data || seen.isPending,
              run: seen.mutate,
            }
          : { label: t('scan.on-to-the-next'), run: () => setFrom(from + AT_A_TIME) }
      }
      onClose={onClose}
    >
      <Box sx={{ pb: 1.5, lineHeight: 1.4 }}>
        {wall.data && all.length === 0
          ? t('scan.none-was-read-so')
          : t('scan.press-what-is-another-figure')}
      </Box>
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: `repeat(auto-fill, ${SIDE + 4}px)`,
          gap: '4px',
        }}
      >
        {shown.map((each) => (
          <Tile
            key={`${each.page} ${each.sum} ${each.left} ${each.top}`}
            of={each}
            figure={figure}
            picture={pictureOf(scan.id, each)}
            onPress={() => ask.mutate(each)}
          />
        ))}
      </Box>
    </AskDialog>
  );
}

/** A figure with the settled text of its answer. */
type Shown = WallFigure & Pick<Scan['pages'][number]['answers'][number], 'text' | 'read'>;

/** The figures whose answers are still as they were read, or are asked. */
function shownOn({ pages }: Scan, wall: WallFigure[]): Shown[] {
  const answers = new Map(
    pages.flatMap(({ id, answers }) =>
      answers.map((answer) => [keyOf({ page: id, sum: answer.sum }), answer]),
    ),
  );
  return wall.flatMap((figure) => {
    const { text, read } = answers.get(keyOf(figure)) ?? {};
    return text === undefined || text === read ? [{ ...figure, text, read }] : [];
  });
}

/** More pages bring more figures. */
const wallOf = ({ id, pages }: Scan, figure: number) => ({
  queryKey: ['scan-wall', id, figure, pages.length],
  queryFn: () => api.figureWall(id, figure),
});

const pictureOf = (scan: number, { page, sum }: WallFigure) =>
  `/api/scans/${scan}/pages/${page}/answers/${sum}`;

/** Loads the pictures of the next figures before they are looked at. */
export function useWallAhead(scan: Scan): void {
  const { data } = useQuery({
    ...wallOf(scan, nextFigure(scan.lookedThrough)),
    enabled: scan.state !== 'READING',
  });
  const { id } = scan;
  useEffect(() => {
    const pictures = (data ?? []).slice(0, AT_A_TIME).map((each) => {
      const picture = new Image();
      picture.src = pictureOf(id, each);
      return picture;
    });
    return () => {
      // Held until now, so that the browser keeps them.
      pictures.length = 0;
    };
  }, [id, data]);
}

/** A square, cut out of its answer; one that is asked has a thick edge and a question mark. */
function Tile({
  of: { text, left, top, across, down, sum },
  figure,
  picture,
  onPress,
}: {
  of: Shown;
  figure: number;
  picture: string;
  onPress: () => void;
}) {
  const asked = text === undefined;
  return (
    <ButtonBase
      aria-pressed={asked}
      aria-label={t('scan.figure-in-sum', { figure, sum: sum + 1 })}
      onClick={onPress}
      sx={{
        width: SIDE,
        height: SIDE,
        backgroundImage: `url(${picture})`,
        backgroundSize: `${across * SIDE}px ${down * SIDE}px`,
        backgroundPosition: `${-left * SIDE}px ${-top * SIDE}px`,
        outline: asked ? '4px solid' : '1px solid',
        outlineColor: asked ? 'text.primary' : 'divider',
        alignItems: 'start',
        justifyContent: 'end',
        fontWeight: 700,
        fontSize: 'lead',
        // The cut-out is paper, also where the screen is dark.
        color: '#000',
        '&:focus-visible': { outlineWidth: 4, outlineColor: 'primary.main' },
      }}
    >
      {asked ? '?' : ''}
    </ButtonBase>
  );
}
