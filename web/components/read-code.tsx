// Reads the code of a job sheet with the camera: by the browser's own detector, or by the one that is shipped.
import { useEffect, useRef } from 'react';

const EVERY_MS = 250;

interface Detector {
  detect(source: HTMLVideoElement): Promise<readonly { readonly rawValue: string }[]>;
}

export function ReadCode({ onRead, onUnavailable }: { onRead: (text: string) => void; onUnavailable: () => void }) {
  const video = useRef<HTMLVideoElement>(null);
  const told = useRef({ onRead, onUnavailable });
  useEffect(() => void (told.current = { onRead, onUnavailable }));
  useEffect(() => {
    let stream: MediaStream | null = null;
    let timer: ReturnType<typeof setTimeout> | undefined;
    let isOver = false;
    const start = async () => {
      stream = await navigator.mediaDevices.getUserMedia({ video: { facingMode: 'environment' } });
      const detector = await detectorHere();
      const look = async () => {
        const [found] = video.current ? await detector.detect(video.current).catch(() => []) : [];
        if (isOver) return;
        if (found) told.current.onRead(found.rawValue);
        timer = setTimeout(() => void look(), EVERY_MS);
      };
      if (!video.current || isOver) return;
      video.current.srcObject = stream;
      await video.current.play();
      await look();
    };
    start().catch(() => told.current.onUnavailable());
    return () => {
      isOver = true;
      clearTimeout(timer);
      for (const track of stream?.getTracks() ?? []) track.stop();
    };
  }, []);
  return <video ref={video} muted playsInline className="mt-3 w-full rounded bg-ink" aria-label="camera" />;
}

async function detectorHere(): Promise<Detector> {
  const { BarcodeDetector: own } = globalThis as unknown as {
    readonly BarcodeDetector?: {
      new (options: { formats: string[] }): Detector;
      getSupportedFormats(): Promise<string[]>;
    };
  };
  if (own && (await own.getSupportedFormats()).includes('qr_code')) return new own({ formats: ['qr_code'] });
  const [{ BarcodeDetector, prepareZXingModule }, { default: wasm }] = await Promise.all([
    import('barcode-detector/ponyfill'),
    import('zxing-wasm/reader/zxing_reader.wasm?url'),
  ]);
  // The package would fetch it from elsewhere.
  prepareZXingModule({
    overrides: { locateFile: (path: string, prefix: string) => (path.endsWith('.wasm') ? wasm : prefix + path) },
  });
  return new BarcodeDetector({ formats: ['qr_code'] });
}
