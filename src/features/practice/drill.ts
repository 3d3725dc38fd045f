import type { RigModel, WheelEnd } from '@/core/rig';
import type { GradeCard, Progress } from '@/core/practice';
import type { GradeId, HouseRules, Subject } from '@/core/rules';

/** What a drill is given, and how it says that it has ended. */
export interface DrillProps {
  readonly model: RigModel;
  readonly house: HouseRules;
  readonly place: WheelEnd;
  /** A rig of the owner’s own; without one a usual trailer stands in. */
  readonly own: boolean;
  readonly seed: number;
  /** A session of the first course: it keeps to the moment it begins from. */
  readonly inCourse: boolean;
  readonly progress: Progress;
  /** What grading keeps to; everything where none is named. */
  readonly subjects: readonly Subject[] | undefined;
  readonly onGrade: (card: GradeCard, said: GradeId) => void;
  readonly onEnd: (right: boolean) => void;
}
