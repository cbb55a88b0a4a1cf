/** The longer side of a frame that is only looked at, in dots. */
const LOOKED_AT = 1920;

/** Between two frames, in milliseconds: a sheet that is held up lies still for longer. */
const BETWEEN = 150;

const TONE_HERTZ = 880;
const TONE_SECONDS = 0.12;

/** A frame of a camera, made into a picture when it is needed. */
export interface Frame {
  /** As large as is needed to see which sheet it is. */
  look: () => Promise<File>;
  /** As large as the camera makes it. */
  whole: (name: string) => Promise<File>;
}

/** The camera has gone away while it was used. */
class EndedError extends Error {
  override name = 'EndedError';
}

/**
 * Opens a camera and shows its picture.
 *
 * @param id of the camera; any where it is empty
 */
export async function openCamera(view: HTMLVideoElement, id: string, signal: AbortSignal) {
  // A page that did not come from this machine itself has no cameras.
  const devices = navigator.mediaDevices as MediaDevices | undefined;
  if (!devices) {
    throw new DOMException('', 'NotFoundError');
  }
  const stream = await devices.getUserMedia({
    audio: false,
    video: {
      width: { ideal: 3840 },
      height: { ideal: 2160 },
      ...(id === '' ? { facingMode: 'environment' } : { deviceId: { exact: id } }),
    },
  });
  const close = () => stream.getTracks().forEach((track) => track.stop());
  signal.addEventListener('abort', close);
  if (signal.aborted) {
    close();
  }
  view.srcObject = stream;
  await view.play();
  const all = await devices.enumerateDevices();
  return { stream, cameras: all.filter(({ kind }) => kind === 'videoinput') };
}

/** The frames of a camera, one after another, until it is stopped or goes away. */
export async function* framesOf(
  view: HTMLVideoElement,
  stream: MediaStream,
  signal: AbortSignal,
): AsyncGenerator<Frame> {
  while (!signal.aborted) {
    if (stream.getVideoTracks().every(({ readyState }) => readyState === 'ended')) {
      throw new EndedError();
    }
    yield {
      look: () => picture(view, LOOKED_AT, 'frame.jpg'),
      whole: (name) => picture(view, Infinity, name),
    };
    await new Promise((resolve) => setTimeout(resolve, BETWEEN));
  }
}

async function picture(view: HTMLVideoElement, longest: number, name: string): Promise<File> {
  const { videoWidth, videoHeight } = view;
  const scale = Math.min(1, longest / Math.max(videoWidth, videoHeight));
  const canvas = document.createElement('canvas');
  canvas.width = Math.round(videoWidth * scale);
  canvas.height = Math.round(videoHeight * scale);
  canvas.getContext('2d')?.drawImage(view, 0, 0, canvas.width, canvas.height);
  const blob = await new Promise<Blob | null>((resolve) =>
    canvas.toBlob(resolve, 'image/jpeg', 0.9),
  );
  if (!blob) {
    throw new EndedError();
  }
  return new File([blob], name, { type: 'image/jpeg' });
}

/** Sounds when a sheet is taken, for a teacher who looks at the sheets. */
export function tone(): void {
  const sound = new AudioContext();
  const note = sound.createOscillator();
  note.frequency.value = TONE_HERTZ;
  note.connect(sound.destination);
  note.onended = () => void sound.close();
  note.start();
  note.stop(sound.currentTime + TONE_SECONDS);
}
