/** Two short notes, for when a wait is over. Silent where the browser has no sound, or nobody has pressed anything yet. */
export function chime(): void {
  try {
    const context = new AudioContext();
    const loud = context.createGain();
    loud.gain.value = 0.12;
    loud.connect(context.destination);
    [660, 880].forEach((hz, i) => {
      const note = context.createOscillator();
      note.frequency.value = hz;
      note.connect(loud);
      note.start(context.currentTime + 0.28 * i);
      note.stop(context.currentTime + 0.28 * i + 0.22);
    });
    setTimeout(() => void context.close(), 1500);
  } catch {
    // No sound here: the screen says it too.
  }
}
