import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useEffect, useEffectEvent, useRef, useState } from 'react';
import { api } from '../api/client';
import type { FrameView } from '../api/types';
import { t } from '../words';
import { framesOf, openCamera, tone } from './camera';
import { AskDialog } from '../ui/AskDialog';
import { NOTHING_YET, watched } from './watching';

/** Sheets are held before a camera one after another; each is taken once it lies still. */
export function UnderCamera({
  onClose,
  ...watching
}: {
  handout: number;
  onTaken: () => void;
  onClose: () => void;
}) {
  return (
    <AskDialog
      title={t('scan.under-the-camera')}
      maxWidth="md"
      content={{
        sx: { display: 'grid', gap: 2, gridTemplateColumns: { md: '3fr 2fr' }, minHeight: 260 },
      }}
      back={t('scan.that-is-all-of-them')}
      onClose={onClose}
    >
      <Watching {...watching} />
    </AskDialog>
  );
}

/** The camera's picture, and the number of the sheet that was taken last. */
function Watching({ handout, onTaken }: { handout: number; onTaken: () => void }) {
  const video = useRef<HTMLVideoElement>(null);
  const [cameras, setCameras] = useState<MediaDeviceInfo[]>([]);
  const [camera, setCamera] = useState('');
  const [trouble, setTrouble] = useState<string | null>(null);
  const [seen, setSeen] = useState<FrameView | null>(null);
  /** The numbers of the sheets that were taken, the last one first. */
  const [numbers, setNumbers] = useState<(number | undefined)[]>([]);
  const onSheet = useEffectEvent((number: number | undefined) => {
    setNumbers((before) => [number, ...before]);
    tone();
    onTaken();
  });
  useEffect(() => {
    const ended = new AbortController();
    const watch = async () => {
      const view = video.current;
      if (!view) {
        return;
      }
      const open = await openCamera(view, camera, ended.signal);
      setCameras(open.cameras);
      setTrouble(null);
      let known = NOTHING_YET;
      for await (const { look, whole } of framesOf(view, open.stream, ended.signal)) {
        try {
          const frame = await api.lookAtFrame(handout, await look());
          const next = watched(known, frame);
          setSeen(frame);
          if (next.take) {
            await api.bringSheets(handout, await whole(t('scan.camera')), true);
            onSheet(frame.number);
          }
          // A sheet that did not arrive is taken from the next frame.
          known = next.watch;
          setTrouble(null);
        } catch (error) {
          setTrouble(said(error));
        }
      }
    };
    watch().catch((error: unknown) => {
      if (!ended.signal.aborted) {
        setTrouble(said(error));
      }
    });
    return () => ended.abort();
  }, [handout, camera]);
  const [last] = numbers;
  return (
    <>
      <Box
        component="video"
        ref={video}
        muted
        playsInline
        aria-label={t('scan.what-the-camera-sees')}
        sx={{ width: '100%', maxHeight: '52vh', borderRadius: 1, bgcolor: '#000' }}
      />
      <Box sx={{ display: 'grid', alignContent: 'start', gap: 1.5 }}>
        <Box role={trouble === null ? undefined : 'alert'} sx={{ lineHeight: 1.4 }}>
          {trouble ?? guidance(seen)}
        </Box>
        <Box role="status" sx={{ display: 'grid', gap: 0.5 }}>
          {numbers.length > 0 && (
            <>
              <Box sx={{ fontSize: 'great', lineHeight: 1, fontWeight: 700 }}>{last ?? '–'}</Box>
              <Box>{t('scan.sheets-were-taken', { sheets: numbers.length })}</Box>
            </>
          )}
        </Box>
        <Box sx={{ color: 'text.secondary', fontSize: 'note', lineHeight: 1.4 }}>
          {t('scan.show-it-again')}
        </Box>
        {cameras.length > 1 && (
          <TextField
            select
            variant="standard"
            label={t('scan.which-camera')}
            value={camera}
            onChange={({ target }) => setCamera(target.value)}
          >
            <MenuItem value="">{t('scan.any-camera')}</MenuItem>
            {cameras.map(({ deviceId, label }) => (
              <MenuItem key={deviceId} value={deviceId}>
                {label}
              </MenuItem>
            ))}
          </TextField>
        )}
      </Box>
    </>
  );
}

function guidance(seen: FrameView | null): string {
  switch (seen?.seen) {
    case 'OTHER':
      return t('scan.sheet-of-another-handout');
    case 'PART':
      return t('scan.show-the-whole-sheet');
    case 'WHOLE':
      return t('scan.hold-it-still');
    default:
      return t('scan.hold-a-sheet-before-it');
  }
}

/** Why there is no camera, in a sentence. */
function said(error: unknown): string {
  const name = error instanceof Error ? error.name : '';
  switch (name) {
    case 'NotAllowedError':
      return t('scan.camera-was-refused');
    case 'NotFoundError':
    case 'OverconstrainedError':
      return t('scan.no-camera');
    case 'NotReadableError':
      return t('scan.camera-is-taken');
    case 'EndedError':
      return t('scan.camera-went-away');
    default:
      return error instanceof Error ? error.message : String(error);
  }
}
