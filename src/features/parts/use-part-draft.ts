'use client';

import { useState } from 'react';
import { msOf, type UnitSystem } from '@/core/base';
import type { Conflict } from '@/core/judge';
import type { PartState } from '@/core/log';
import type { PartFacts, PartKind, Source, Specified } from '@/core/rig';
import type { RigView } from '@/features/rigs';
import { usePreferences } from '@/store';
import { partDraft, readPartFacts, type PartDraft } from './part-form';
import { wouldContradict } from './would-contradict';

type Errors = Readonly<Record<string, string>>;

/** A part being told: what is typed, what is wrong with it, and what it would contradict. */
export interface PartTelling {
  readonly units: UnitSystem;
  readonly errors: Errors;
  readonly conflicts: readonly Conflict[];
  /** What the button says: insisted on, or plainly kept. */
  readonly label: (plain: string) => string;
  readonly fields: {
    readonly kind: PartKind;
    readonly draft: PartDraft;
    readonly errors: Errors;
    readonly units: UnitSystem;
    readonly source: Source;
    readonly onChange: (draft: PartDraft) => void;
    readonly onSource: (source: Source) => void;
  };
  /** The facts, once nothing is wrong and what they contradict has been seen; `more` is wrong elsewhere in the form. */
  readonly read: (more: Errors) => Readonly<Record<string, Specified<string | number>>> | undefined;
}

/** Holds a part while it is told: one that comes in, or one that is on record (`was`) and read further. */
export function usePartDraft(
  view: RigView,
  part: { readonly kind: PartKind; readonly at: PartState['at']; readonly id?: string },
  was: PartFacts,
): PartTelling {
  // The units the form was opened in hold until it is closed.
  const { units: preferred } = usePreferences();
  const [units] = useState(preferred);
  const { kind, at, id } = part;
  const [draft, setDraft] = useState<PartDraft>(() => partDraft(kind, was, units));
  const [source, setSource] = useState<Source>('marking');
  const [errors, setErrors] = useState<Errors>({});
  const [insisted, setInsisted] = useState(false);
  const [conflicts, setConflicts] = useState<readonly Conflict[]>([]);
  return {
    units,
    errors,
    conflicts,
    label: (plain) => (conflicts.length > 0 ? 'Save it anyway' : insisted ? 'Save it as typed' : plain),
    fields: {
      kind,
      draft,
      errors,
      units,
      source,
      onChange: (next) => {
        setDraft(next);
        setErrors({});
        setInsisted(false);
        setConflicts([]);
      },
      onSource: setSource,
    },
    read: (more) => {
      const read = readPartFacts(kind, draft, source, was, units, msOf(view.now), insisted);
      const found = { ...(!read.ok && read.error.fields), ...more };
      setErrors(found);
      if (!read.ok) setInsisted(read.error.ask);
      if (!read.ok || Object.keys(found).length > 0) return undefined;
      const fresh = wouldContradict(view, { kind, at, facts: read.value }, id);
      if (fresh.some((one) => !conflicts.some((seen) => seen.id === one.id))) {
        setConflicts(fresh);
        return undefined;
      }
      return read.value;
    },
  };
}
