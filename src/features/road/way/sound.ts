let context: AudioContext | undefined;

/** Three tones that nobody mistakes for the road, and a vibration where the device has one; a device that refuses stays silent, the words stand there all the same. */
export function sound(): void {
  try {
    context ??= new AudioContext();
    const start = context.currentTime;
    for (let i = 0; i < 3; i++) {
      const tone = context.createOscillator();
      const gain = context.createGain();
      tone.type = 'square';
      tone.frequency.value = i % 2 === 0 ? 880 : 660;
      gain.gain.setValueAtTime(0.25, start + i * 0.3);
      gain.gain.exponentialRampToValueAtTime(0.001, start + i * 0.3 + 0.25);
      tone.connect(gain).connect(context.destination);
      tone.start(start + i * 0.3);
      tone.stop(start + i * 0.3 + 0.26);
    }
    navigator.vibrate?.([400, 150, 400, 150, 400]);
  } catch {
    // What cannot sound is read.
  }
}
