import { atRate, hear, unheard } from '@/core/practice';
import type { EarAnswer, EarAsk } from './messages';

onmessage = ({ data }: MessageEvent<EarAsk>) => {
  const samples = atRate(data.samples, data.rate);
  const why = unheard(samples);
  postMessage((why ? { unheard: why } : { heard: hear(samples) }) satisfies EarAnswer);
};
