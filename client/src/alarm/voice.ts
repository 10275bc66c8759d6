import { Vibration } from 'react-native';
import type { Call } from './due';

/** The voice of each call: tones in Hz, one after another, and how a phone shakes with it, ms. Told apart with closed eyes. */
const VOICES: Readonly<
  Record<Call, { readonly tones: readonly number[]; readonly shakes: number[] }>
> = {
  step: { tones: [440, 440], shakes: [0, 120, 80, 120] },
  look: { tones: [660], shakes: [0, 300] },
  vessel: { tones: [880, 660], shakes: [0, 300, 120, 120] },
  pull: { tones: [660, 880, 660, 880], shakes: [0, 300, 120, 300, 120, 300] },
  past: { tones: [880, 880, 880, 880, 880, 880], shakes: [0, 600, 150, 600, 150, 600] },
};

const TONE_S = 0.22;
const GAP_S = 0.1;
const LOUD = 0.4;

let context: AudioContext | undefined;

/** A browser lets a page sound only once it has been touched: from the first touch on it may. */
export function hearTouch(): () => void {
  const touched = () => {
    context ??= new AudioContext();
    void context.resume();
  };
  document.addEventListener('pointerdown', touched, { once: true });
  document.addEventListener('keydown', touched, { once: true });
  return () => {
    document.removeEventListener('pointerdown', touched);
    document.removeEventListener('keydown', touched);
  };
}

/** Sounds and shakes for a call, as far as the device does either. */
export function ring(call: Call): void {
  const { tones, shakes } = VOICES[call];
  Vibration.vibrate(shakes);
  if (!context) return;
  const from = context.currentTime;
  for (const [index, hertz] of tones.entries()) {
    const start = from + index * (TONE_S + GAP_S);
    const tone = new OscillatorNode(context, { frequency: hertz });
    const volume = new GainNode(context, { gain: 0 });
    // Swelling and fading, or it clicks.
    volume.gain.setValueAtTime(0, start);
    volume.gain.linearRampToValueAtTime(LOUD, start + 0.02);
    volume.gain.setValueAtTime(LOUD, start + TONE_S - 0.04);
    volume.gain.linearRampToValueAtTime(0, start + TONE_S);
    tone.connect(volume).connect(context.destination);
    tone.start(start);
    tone.stop(start + TONE_S);
  }
}
