import { answer } from './answer';
import type { PlannerAnswer, PlannerAsk } from './messages';

let newest = 0;
const say = (told: PlannerAnswer) => postMessage(told);

addEventListener('message', ({ data }: MessageEvent<PlannerAsk>) => {
  newest = data.n;
  answer(data, say, () => newest === data.n).catch((error: unknown) =>
    say({ say: 'failed', n: data.n, reason: error instanceof Error ? error.message : String(error) }),
  );
});
say({ say: 'here' });
