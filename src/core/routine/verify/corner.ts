import { playHub } from './hub';
import { playRaise } from './raise';
import type { CardStep } from '../card';
import { playBrake } from './brake';
import { can, is, type Corner, type Played, type Scene } from './scene';

/** What must hold before a step at a corner, and what the step then changes. */
export function play(step: CardStep, c: Corner, scene: Scene): Played {
  return (
    playRaise(step, c, scene) ??
    playHub(step, c, scene) ??
    playBrake(step, c, scene) ??
    is([can(false, 'this step belongs to no corner')], {})
  );
}
