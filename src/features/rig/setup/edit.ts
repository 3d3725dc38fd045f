import type { UseFormRegisterReturn } from 'react-hook-form';
import type { UnitSystem } from '@/core/base';
import type { SetupErrors, SetupForm } from './setup-form';

/** What a section of the form works with. */
export interface SetupEdit {
  readonly values: SetupForm;
  readonly errors: SetupErrors;
  readonly units: UnitSystem;
  /** Sets a field that is chosen. */
  readonly set: <K extends keyof SetupForm>(field: K, value: SetupForm[K]) => void;
  /** Binds a field that is typed. */
  readonly text: (field: keyof SetupForm) => UseFormRegisterReturn & { readonly error: string | undefined };
}
