import type { RigView } from '@/features/rigs';
import type { Post } from './posts';
import type { PlanReady } from './use-plan';

/** A yard day as it is shown. */
export interface Shown {
  readonly plan: PlanReady;
  readonly post: Post;
  readonly view: RigView;
}
