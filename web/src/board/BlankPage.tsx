import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Area, Working } from '../api/types';
import { asPaper } from '../hand/asPaper';
import { Keys } from '../hand/Keys';
import { SquareFrame } from '../hand/SquareFrame';
import { useEditor } from '../hand/useEditor';
import { useHand } from '../hand/useHand';
import { useWritingKeys } from '../hand/useWritingKeys';
import { SquaredPage } from '../paper/SquaredPage';
import { useStable } from '../ui/useStable';
import { useTouchKeys } from '../ui/useTouchKeys';
import { useKeptStrokes } from './useKeptStrokes';
import { setOutPaper } from '../session/layers';
import { t } from '../words';

/** The room that an empty sheet has, and where its writing begins. */
const EMPTY: Area = { from: { row: 0, column: 0 }, to: { row: 8, column: 11 } };
const BEGIN = { row: 1, column: 6 };

/** An empty page on which the class tells and the teacher types. The sum on the desk is set out. */
export function BlankPage({ working }: { working: Working | null }) {
  const [strokes, addStrokes] = useKeptStrokes(working?.problem ?? '');
  const editor = useEditor(strokes, addStrokes);
  const { at, go, write, act, turn } = useHand({
    editor,
    path: [],
    begin: working?.begin ?? BEGIN,
    open: true,
  });
  useWritingKeys({ write, act, turn });
  const [keys, setKeys] = useTouchKeys();
  const onWrite = useStable(write);
  const onAct = useStable(act);
  const printed = working ? setOutPaper(working) : null;
  return (
    <>
      <SquaredPage
        room
        label={t('board.blank-page')}
        layers={[
          ...(printed ? [{ paper: printed, step: Infinity, boxless: true }] : []),
          {
            paper: asPaper(editor.marks, working?.paper.extent ?? EMPTY, printed ?? undefined),
            step: 0,
          },
        ]}
        onSquare={go}
        sightOf={at}
        overlay={<SquareFrame at={at} className="cursor" />}
      />
      <Box
        sx={{
          display: 'flex',
          flexWrap: 'wrap',
          alignItems: 'center',
          gap: 1,
          px: 3,
          py: 1,
          bgcolor: 'ink.now',
          fontSize: 'lead',
        }}
      >
        <Box sx={{ flex: 1, minWidth: 260 }}>{t('board.the-class-tells-you-type')}</Box>
        <Button aria-pressed={keys} onClick={() => setKeys(!keys)}>
          {t('common.keys-to-touch')}
        </Button>
        <Button disabled={!editor.canUndo} onClick={() => turn('undo')}>
          {t('common.undo')}
        </Button>
        <Button disabled={!editor.canRedo} onClick={() => turn('redo')}>
          {t('common.redo')}
        </Button>
        <Button disabled={editor.marks.length === 0} onClick={editor.wipe}>
          {t('board.wipe')}
        </Button>
        {keys && (
          <Box sx={{ flex: '1 0 100%', maxWidth: 640 }}>
            <Keys onWrite={onWrite} onAct={onAct} />
          </Box>
        )}
      </Box>
    </>
  );
}
