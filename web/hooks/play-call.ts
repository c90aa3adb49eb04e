// Two tones, made by the browser, that call across the room.

/** Hz and s. */
const TONES = [660, 880] as const;
const TONE_SECONDS = 0.25;

/** Rings once; a browser that makes no sound still shows the call. */
export function playCall(): void {
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
