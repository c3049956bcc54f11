/** Two short tones, and two short buzzes: heard and felt across a workshop, and no alarm. */
const toneHz = 660;
const tonesS = [0, 0.28];
const toneS = 0.18;
const buzzMs = [180, 120, 180];

/** Sounds and vibrates as far as the device does. */
export function ring({
  sound,
  vibration,
}: {
  readonly sound: boolean;
  readonly vibration: boolean;
}): void {
  if (vibration) navigator.vibrate?.(buzzMs);
  if (!sound) return;
  const context = new AudioContext();
  for (const at of tonesS) {
    const tone = context.createOscillator();
    const loud = context.createGain();
    tone.frequency.value = toneHz;
    loud.gain.value = 0.2;
    tone.connect(loud).connect(context.destination);
    tone.start(context.currentTime + at);
    tone.stop(context.currentTime + at + toneS);
  }
  setTimeout(() => void context.close(), 1_000);
}
