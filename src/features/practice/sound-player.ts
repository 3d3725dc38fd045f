import { RATE } from '@/core/practice';

let context: AudioContext | undefined;
let playing: AudioBufferSourceNode | undefined;

/** As loud as a speaker makes a soft sound heard; what is louder than full is held there. */
const GAIN = 3;

/** Plays samples, ending what played before; false where this device makes no sound: the trace says the same. */
export function play(samples: Float32Array): boolean {
  try {
    context ??= new AudioContext();
    if (context.state === 'suspended') context.resume().catch(() => undefined);
    const buffer = context.createBuffer(1, samples.length, RATE);
    buffer.copyToChannel(
      samples.map((x) => Math.max(-1, Math.min(1, x * GAIN))),
      0,
    );
    playing?.stop();
    playing = context.createBufferSource();
    playing.buffer = buffer;
    playing.connect(context.destination);
    playing.start();
    return true;
  } catch {
    return false;
  }
}

/** Ends what plays. */
export function quiet(): void {
  try {
    playing?.stop();
  } catch {
    // It had ended already.
  }
}
