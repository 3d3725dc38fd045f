import type { WorkToPlan } from '@/core/plan';
import { jobsTitle } from '@/text';

/** Work by the name of what is done. */
export const workTitle = ({ jobs }: Pick<WorkToPlan, 'jobs'>): string => jobsTitle(jobs);
