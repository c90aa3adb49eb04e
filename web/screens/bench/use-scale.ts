// The weight that a scale shows: over a serial port, or from the simulated scale in a window of its own.
import { useEffect, useRef, useState } from 'react';
import {
  linesOf,
  readScaleLine,
  type ScaleFormat,
  type ScaleReading,
  usualFormat,
} from '../../../core/bench/scale-line.ts';

/** The channel on which the simulated scale sends its lines. */
export const SCALE_CHANNEL = 'noon-scale';
const FORMAT_KEY = 'noon-scale';

/** A serial port, as far as it is used here: the types of the browser do not know it yet. */
interface Port {
  open(options: { baudRate: number }): Promise<void>;
  close(): Promise<void>;
  readonly readable: ReadableStream<Uint8Array<ArrayBuffer>> | null;
}
interface Serial {
  requestPort(): Promise<Port>;
}

interface Setting extends ScaleFormat {
  readonly baudRate: number;
}
const usualSetting: Setting = { ...usualFormat, baudRate: 9600 };

interface Scale {
  readonly reading: ScaleReading | null;
  /** g shown less the tare. */
  readonly net: number | null;
  readonly canConnect: boolean;
  readonly problem: string;
  readonly setting: Setting;
  readonly change: (setting: Setting) => void;
  readonly connect: () => void;
  readonly tare: () => void;
}

export function useScale(): Scale {
  const [reading, setReading] = useState<ScaleReading | null>(null);
  const [tare, setTare] = useState(0);
  const [problem, setProblem] = useState('');
  const [setting, setSetting] = useState(storedSetting);
  const format = useRef(setting);
  const port = useRef<Port | null>(null);
  useEffect(() => void (format.current = setting), [setting]);
  useEffect(() => {
    const channel = new BroadcastChannel(SCALE_CHANNEL);
    channel.addEventListener('message', ({ data }: MessageEvent<string>) =>
      setReading(readScaleLine(data, format.current)),
    );
    return () => channel.close();
  }, []);
  useEffect(() => () => void port.current?.close().catch(() => undefined), []);
  const { serial } = navigator as unknown as { readonly serial?: Serial };
  const connect = async () => {
    if (!serial) return;
    try {
      port.current = await serial.requestPort();
      await port.current.open({ baudRate: format.current.baudRate });
      await listen(port.current, (line) => setReading(readScaleLine(line, format.current)));
    } catch (error) {
      // The maker closed the list without a choice.
      if (error instanceof DOMException && error.name === 'NotFoundError') return;
      setProblem('The scale does not answer. Check its cable and its settings.');
    }
  };
  return {
    reading,
    net: reading?.ok ? reading.grams - tare : null,
    canConnect: serial !== undefined,
    problem: problem || (reading && !reading.ok ? reading.sentence : ''),
    setting,
    change: (next) => {
      localStorage.setItem(FORMAT_KEY, JSON.stringify(next));
      setSetting(next);
    },
    connect: () => void connect(),
    tare: () => setTare(reading?.ok ? reading.grams : 0),
  };
}

async function listen({ readable }: Port, onLine: (line: string) => void): Promise<void> {
  if (!readable) return;
  const reader = readable.pipeThrough(new TextDecoderStream()).getReader();
  let rest = '';
  for (;;) {
    const { value, done } = await reader.read();
    if (done) return;
    const arrived = linesOf(rest, value);
    rest = arrived.rest;
    for (const line of arrived.lines) onLine(line);
  }
}

function storedSetting(): Setting {
  try {
    return { ...usualSetting, ...(JSON.parse(localStorage.getItem(FORMAT_KEY) ?? '{}') as Partial<Setting>) };
  } catch {
    return usualSetting;
  }
}
