import type { FromDesk, ToDesk } from '@/keeper';
import { attend } from '@/keeper/attend';

/** A desk in a thread of its own. */
const { hear } = attend((message, transfer) => postMessage(message, { transfer: [...transfer] }));
addEventListener('message', ({ data }: MessageEvent<ToDesk>) => hear(data));
postMessage({ say: 'here' } satisfies FromDesk);
