import { useEffect } from 'react';
import { inBackground } from '@/trouble';

/** Keeps the screen awake while a sitting is open, where the browser can. */
export function useAwake(): void {
  useEffect(() => {
    let lock: WakeLockSentinel | undefined;
    let gone = false;
    const ask = () => {
      if (document.visibilityState !== 'visible') return;
      navigator.wakeLock?.request('screen').then(
        (granted) => {
          if (gone) inBackground('screen awake', granted.release());
          else lock = granted;
        },
        () => undefined, // Refused on low battery: the sitting goes on without it.
      );
    };
    ask();
    document.addEventListener('visibilitychange', ask);
    return () => {
      gone = true;
      document.removeEventListener('visibilitychange', ask);
      inBackground('screen awake', lock?.release());
    };
  }, []);
}

/** A short tone and a buzz: the pen is still. Silent where the phone forbids it. */
export function callAttention(): void {
  navigator.vibrate?.([120, 60, 120]);
  try {
    const audio = new AudioContext();
    const tone = audio.createOscillator();
    const loudness = audio.createGain();
    loudness.gain.value = 0.15;
    tone.frequency.value = 880;
    tone.connect(loudness).connect(audio.destination);
    tone.start();
    tone.stop(audio.currentTime + 0.25);
    tone.onended = () => inBackground('tone', audio.close());
  } catch {
    // No sound device: the words and the buzz remain.
  }
}
