let context: AudioContext | null = null;

/** A short tick: low for a turn, higher when it is time to slow down, long for a stop. */
export function tick(kind: 'turn' | 'slow' | 'stop'): void {
  try {
    context ??= new AudioContext();
    const from = context.currentTime;
    const [pitch, length] = { turn: [520, 0.05], slow: [780, 0.07], stop: [980, 0.6] }[kind] as [number, number];
    const tone = context.createOscillator();
    const loud = context.createGain();
    tone.frequency.value = pitch;
    loud.gain.setValueAtTime(0.2, from);
    loud.gain.exponentialRampToValueAtTime(0.001, from + length);
    tone.connect(loud).connect(context.destination);
    tone.start(from);
    tone.stop(from + length);
  } catch {
    // a browser without sound counts in silence
  }
}
