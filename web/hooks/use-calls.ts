// Unattended work that ends calls with a sound, where that is switched on.
import { useEffect, useRef, useState } from 'react';
import { standingKey } from '../../core/bench/bench-entry.ts';
import { endedUnattended } from '../../core/plan/studio/calls.ts';
import type { PlanBlock, StudioPlan } from '../../core/plan/studio/studio-plan.ts';

const SOUND_KEY = 'noon-sound';
/** Two tones, Hz and s. */
const TONES = [660, 880] as const;
const TONE_SECONDS = 0.25;

interface Calls {
  readonly calls: readonly PlanBlock[];
  readonly hasSound: boolean;
  readonly setSound: (on: boolean) => void;
}

export function useCalls(plan: StudioPlan): Calls {
  const [hasSound, keepSound] = useState(() => localStorage.getItem(SOUND_KEY) === 'on');
  const calls = endedUnattended(plan);
  const heard = useRef(new Set<string>());
  const keys = calls.map(({ batch, step }) => standingKey(batch, step.key)).join('\n');
  useEffect(() => {
    const fresh = keys.split('\n').filter((key) => key && !heard.current.has(key));
    for (const key of fresh) heard.current.add(key);
    if (fresh.length > 0 && hasSound) ring();
  }, [keys, hasSound]);
  return {
    calls,
    hasSound,
    setSound: (on) => {
      localStorage.setItem(SOUND_KEY, on ? 'on' : 'off');
      keepSound(on);
      // The press allows the page to make sounds.
      if (on) ring();
    },
  };
}

function ring(): void {
  try {
    const context = new AudioContext();
    TONES.forEach((hertz, at) => {
      const tone = context.createOscillator();
      const volume = context.createGain();
      volume.gain.value = 0.2;
      tone.frequency.value = hertz;
      tone.connect(volume).connect(context.destination);
      tone.start(context.currentTime + at * TONE_SECONDS);
      tone.stop(context.currentTime + (at + 1) * TONE_SECONDS);
    });
    setTimeout(() => void context.close(), 2 * 1000 * TONE_SECONDS * TONES.length);
  } catch {
    // A browser without sound still shows the title.
  }
}
