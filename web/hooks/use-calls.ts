// Unattended work that ends calls with a sound, where that is switched on.
import { useEffect, useRef, useState } from 'react';
import { standingKey } from '../../core/bench/bench-entry.ts';
import { endedUnattended } from '../../core/plan/studio/calls.ts';
import type { PlanBlock, StudioPlan } from '../../core/plan/studio/studio-plan.ts';
import { playCall } from './play-call.ts';

const SOUND_KEY = 'noon-sound';

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
    if (fresh.length > 0 && hasSound) playCall();
  }, [keys, hasSound]);
  return {
    calls,
    hasSound,
    setSound: (on) => {
      localStorage.setItem(SOUND_KEY, on ? 'on' : 'off');
      keepSound(on);
      // The press allows the page to make sounds.
      if (on) playCall();
    },
  };
}
