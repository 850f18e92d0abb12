import jsQR from 'jsqr';
import { useEffect, useEffectEvent, useRef, useState } from 'react';

/** Between two looks, ms; as wide as they are looked at, px. */
const EVERY_MS = 160;
const WIDTH = 640;

/** The camera, looking for codes; each is told once until another comes. */
export default function CodeReader({ onCode }: { onCode: (text: string) => void }) {
  const video = useRef<HTMLVideoElement>(null);
  const [problem, setProblem] = useState('');
  const tell = useEffectEvent(onCode);
  useEffect(() => {
    let stream: MediaStream | undefined;
    let timer: ReturnType<typeof setTimeout> | undefined;
    let over = false;
    let last = '';
    const pen = document.createElement('canvas').getContext('2d', { willReadFrequently: true });
    const look = (): void => {
      const picture = video.current;
      if (over || !picture || !pen) return;
      if (picture.videoWidth > 0) {
        const [width, height] = [WIDTH, Math.round((WIDTH * picture.videoHeight) / picture.videoWidth)];
        Object.assign(pen.canvas, { width, height });
        pen.drawImage(picture, 0, 0, width, height);
        const found = jsQR(pen.getImageData(0, 0, width, height).data, width, height, {
          inversionAttempts: 'dontInvert',
        });
        if (found && found.data !== '' && found.data !== last) {
          last = found.data;
          tell(last);
        }
      }
      timer = setTimeout(look, EVERY_MS);
    };
    navigator.mediaDevices
      .getUserMedia({ video: { facingMode: 'environment' }, audio: false })
      .then(async each => {
        stream = each;
        if (over || !video.current) return stream.getTracks().forEach(track => track.stop());
        video.current.srcObject = stream;
        await video.current.play();
        look();
      })
      .catch(() => {
        if (!over)
          setProblem('The camera cannot be used: it was refused, or there is none. Type the code instead.');
      });
    return () => {
      over = true;
      clearTimeout(timer);
      stream?.getTracks().forEach(track => track.stop());
    };
  }, []);
  return problem ? (
    <p role="alert" className="text-risk py-2">
      {problem}
    </p>
  ) : (
    <video
      ref={video}
      muted
      playsInline
      aria-label="What the camera sees"
      className="w-full max-h-[36vh] bg-sunk"
    />
  );
}
