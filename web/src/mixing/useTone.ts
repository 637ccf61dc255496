import { useEffect, useRef } from 'react';

/** From a low hum where the hand slows down to a clear note on the line, Hz. */
const LOW_HZ = 220;
const HIGH_HZ = 880;
const LOUD = 0.06;

/** A tone that rises as the amount comes near its line; silent away from it, or when it is switched off. */
export function useTone(near: number, on: boolean): void {
  const sound = useRef<{ context: AudioContext; pitch: OscillatorNode; loud: GainNode } | null>(null);
  useEffect(() => {
    if (!on) {
      return;
    }
    const context = new AudioContext();
    const pitch = context.createOscillator();
    const loud = context.createGain();
    loud.gain.value = 0;
    pitch.connect(loud).connect(context.destination);
    pitch.start();
    sound.current = { context, pitch, loud };
    return () => {
      sound.current = null;
      void context.close();
    };
  }, [on]);
  useEffect(() => {
    const now = sound.current;
    if (now === null) {
      return;
    }
    const at = now.context.currentTime;
    now.loud.gain.setTargetAtTime(near > 0 ? LOUD : 0, at, 0.03);
    now.pitch.frequency.setTargetAtTime(LOW_HZ * (HIGH_HZ / LOW_HZ) ** near, at, 0.03);
  }, [near]);
}
