import { SECONDS } from '@/core/practice';
import type { EarAnswer, EarAsk } from '@/workers/ear';

/** Why nothing was recorded. */
export type MicrophoneProblem = 'refused' | 'none' | 'processed' | 'broken';

/** Whatever makes speech clearer spoils what a bearing says. */
const RAW: MediaTrackConstraints = {
  echoCancellation: false,
  noiseSuppression: false,
  autoGainControl: false,
};

/** A thread that says nothing for so long (ms) does not run here. */
const SILENCE = 20_000;

function problemOf(error: unknown): MicrophoneProblem {
  const name = error instanceof DOMException ? error.name : '';
  if (name === 'NotAllowedError' || name === 'SecurityError') return 'refused';
  return name === 'NotFoundError' || name === 'NotReadableError' || name === 'OverconstrainedError'
    ? 'none'
    : 'broken';
}

/** True where the browser says that it works on the sound all the same. */
function worked(track: MediaStreamTrack): boolean {
  const { echoCancellation, noiseSuppression, autoGainControl } = track.getSettings();
  return [echoCancellation, noiseSuppression, autoGainControl].some(
    (one) => one === true || typeof one === 'string',
  );
}

async function recordFrom(stream: MediaStream, onSecond: (s: number) => void): Promise<EarAsk> {
  const context = new AudioContext();
  try {
    await context.resume();
    await context.audioWorklet.addModule('/ear-worklet.js');
    const ear = new AudioWorkletNode(context, 'ear', { numberOfOutputs: 0 });
    const source = context.createMediaStreamSource(stream);
    const samples = new Float32Array(Math.round(context.sampleRate * SECONDS));
    await new Promise<void>((resolve, reject) => {
      let at = 0;
      // A microphone that was pulled out sends nothing any more.
      let quiet = setTimeout(() => reject(new Error('nothing came')), SILENCE);
      ear.port.onmessage = ({ data }: MessageEvent<Float32Array>) => {
        clearTimeout(quiet);
        quiet = setTimeout(() => reject(new Error('nothing came')), SILENCE);
        samples.set(data.subarray(0, samples.length - at), at);
        at = Math.min(samples.length, at + data.length);
        onSecond(at / context.sampleRate);
        if (at === samples.length) {
          clearTimeout(quiet);
          resolve();
        }
      };
      source.connect(ear);
    });
    return { samples, rate: context.sampleRate };
  } finally {
    await context.close();
  }
}

/** Asks for the microphone, listens for five seconds and lets go of it; nothing is kept. */
export async function listen(onSecond: (s: number) => void): Promise<EarAsk | MicrophoneProblem> {
  if (!navigator.mediaDevices?.getUserMedia) return 'none';
  let stream: MediaStream;
  try {
    stream = await navigator.mediaDevices.getUserMedia({ audio: RAW });
  } catch (error) {
    return problemOf(error);
  }
  try {
    const [track] = stream.getAudioTracks();
    if (!track) return 'none';
    if (worked(track)) return 'processed';
    return await recordFrom(stream, onSecond);
  } catch {
    return 'broken';
  } finally {
    for (const track of stream.getTracks()) track.stop();
  }
}

/** Works a recording out in a thread of its own. */
export function workOut(ask: EarAsk): Promise<EarAnswer> {
  const worker = new Worker(new URL('../../workers/ear/ear.ts', import.meta.url), { type: 'module' });
  return new Promise<EarAnswer>((resolve, reject) => {
    const late = setTimeout(() => reject(new Error('It took too long to work out.')), SILENCE);
    worker.onerror = ({ message }) => reject(new Error(message || 'It could not be worked out here.'));
    worker.onmessage = ({ data }: MessageEvent<EarAnswer>) => {
      clearTimeout(late);
      resolve(data);
    };
    worker.postMessage(ask);
  }).finally(() => worker.terminate());
}
