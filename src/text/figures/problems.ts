import type { CalcCode } from '@/core/figures';

/** Why a figure cannot be worked out, said at its input; `by` is how much, where that can be told. */
export const CALC_PROBLEMS: Readonly<Record<CalcCode, (by: string | undefined) => string>> = {
  'out-of-range': () => 'Out of range here. Check the figure and its unit.',
  'no-choice': () => 'Choose one.',
  'longer-than-wrench': () => 'An adapter longer than the wrench: check both lengths.',
  'window-reversed': () => 'The window ends before it begins.',
  'no-time': () => 'No time lies between the two readings.',
  'over-target': () => 'That is more than it is set to: nothing to fill.',
  'more-than-all': () => 'More dead than there are.',
  'no-assembly': () =>
    'No usual brake has these measures. Measure again: inside of the drum, width of the lining.',
  'no-wire': () => 'No usual wire does: allow more loss, or run two.',
  'not-a-size': () => 'This is not written like a tire size, such as ST225/75R15.',
  'capacity-unknown': () => 'Not in our table: read it off the wall.',
  'over-most': () => 'More than this load range takes cold.',
  'not-worn': () => 'No wear yet: nothing to work it out from.',
  'axle-not-behind': () => 'The axle has to stand behind the coupler.',
  'nothing-loaded': () => 'Nothing weighs anything yet.',
  'weight-negative': () => 'A weight cannot be negative.',
  'hitched-below-alone': (by) =>
    `Hitched, it weighs ${by ?? ''} less than alone: the second ticket or the first is wrong.`,
  'whole-below-hitched': (by) =>
    `With the trailer on, it weighs ${by ?? ''} less: the third ticket or the second is wrong.`,
  'tongue-over-axles': (by) =>
    `The tongue would carry ${by ?? ''} more than the axles: were the trailer’s axles off the scale on the second ticket?`,
  'scale-inside': () => 'The scale stands beyond the tongue, seen from the pipe.',
  'behind-frame': () => 'That is behind the frame.',
  'before-frame': () => 'The front hanger would be in front of the frame.',
  'too-wide': () => 'Wider than the diagonals allow: check all three.',
  'under-bolt': () => 'A bore is wider than its bolt.',
  'across-on-four': () => 'On four studs the next but one is straight across: measure the circle itself.',
  'not-over-closed': () => 'It is no higher up than closed.',
};
