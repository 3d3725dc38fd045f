/**
 * Ui: tokens, primitives, marks, the tape and the drawings. Knows words and
 * core types, nothing of the store or of any feature.
 */
export { Button, LinkButton } from './primitives/button';
export { CopyButton } from './copy-button';
export { Dialog } from './primitives/dialog';
export { Veil } from './primitives/veil';
export { Choice, type Option } from './primitives/choice';
export { FieldError } from './primitives/field-error';
export { Field, TextArea } from './primitives/field';
export { Padded } from './pad';
export { usePadded } from './pad/pad-context';
export { Select } from './primitives/select';
export { Settled } from './primitives/settled';
export { SAME_TAP, useOnce } from './primitives/use-once';
export { SheetForm } from './primitives/sheet-form';
export { Stepper } from './primitives/stepper';
export { Mark, markColor } from './mark';
export { Lines } from './lines';
export { Tape } from './tape';
export { cx } from './cx';
export { Toasts } from './toasts';
export { saveFile } from './save-file';
export { say } from './toast-queue';
export {
  Brake,
  CastleNut,
  Condition,
  Corner,
  isDrawn,
  HubStack,
  RigPlan,
  Star,
  Suspension,
  WalkPlan,
  type Along,
  type BrakePart,
  type CornerPart,
  type HubPart,
  type PlaceLabel,
  type SuspensionPart,
  type TargetProps,
} from './drawings';
export { hush, readOut, useVoice } from './voices';
export { useRootMark } from './use-root-mark';
export { useSame } from './use-same';
export { useWide } from './use-wide';
export { reported, sayUnstored } from './reported';
export { guarded } from './guarded';
export { FileButton } from './file-button';
