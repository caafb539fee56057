import { useEffect, useRef, useState } from 'react';
import { codeReader } from '../../workers/code';

/** A picture no wider than this has all of a label's code that is held before it. */
const WIDTH = 800;
/** Between two looks, milliseconds: as often as a hand moves. */
const PAUSE = 120;

/** What keeps a camera from being used, in words that say what would do. */
function whyNot(error: unknown): string {
  if (!window.isSecureContext) return 'A browser lends its camera to an encrypted page alone: open Lapboard by https.';
  const name = error instanceof DOMException ? error.name : '';
  if (name === 'NotAllowedError')
    return 'The camera is not allowed here: allow it in the browser, and open this again.';
  if (name === 'NotFoundError') return 'There is no camera on this device.';
  return 'The camera cannot be used just now: another program may have it.';
}

/** The camera’s picture, looked at until a code is read in it. Pictures stay on this device. */
export function Camera({ onText }: { onText: (text: string) => void }) {
  const video = useRef<HTMLVideoElement>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const told = useRef(onText);
  useEffect(() => {
    told.current = onText;
  });
  useEffect(() => {
    const shown = video.current!;
    const canvas = document.createElement('canvas');
    const { reader, stop } = codeReader();
    let stream: MediaStream | undefined;
    let isOver = false;
    async function look(): Promise<void> {
      while (!isOver) {
        if (shown.videoWidth > 0) {
          const scale = Math.min(1, WIDTH / shown.videoWidth);
          canvas.width = Math.round(shown.videoWidth * scale);
          canvas.height = Math.round(shown.videoHeight * scale);
          const context = canvas.getContext('2d', { willReadFrequently: true })!;
          context.drawImage(shown, 0, 0, canvas.width, canvas.height);
          const text = await reader.readCode(context.getImageData(0, 0, canvas.width, canvas.height));
          if (text !== null && !isOver) told.current(text);
        }
        await new Promise((done) => setTimeout(done, PAUSE));
      }
    }
    async function start(): Promise<void> {
      stream = await navigator.mediaDevices.getUserMedia({ video: { facingMode: 'environment' }, audio: false });
      if (isOver) return stream.getTracks().forEach((track) => track.stop());
      shown.srcObject = stream;
      await shown.play();
      await look();
    }
    start().catch((error: unknown) => !isOver && setProblem(whyNot(error)));
    return () => {
      isOver = true;
      stream?.getTracks().forEach((track) => track.stop());
      stop();
    };
  }, []);
  return problem ? (
    <p role="alert" className="p-4 text-base">
      {problem}
    </p>
  ) : (
    <video ref={video} muted playsInline className="block max-h-[60vh] w-full bg-black object-contain" />
  );
}
