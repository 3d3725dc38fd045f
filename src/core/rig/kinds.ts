export const KINDS = ['rv', 'boat', 'utility'] as const;
export const SUSPENSIONS = ['leaf', 'torsion'] as const;
export const BRAKES = ['none', 'electric', 'hydraulic-drum', 'hydraulic-disc'] as const;
export const ACTUATORS = ['surge', 'electric-over-hydraulic'] as const;
export const HUBS = ['plain', 'drilled', 'pressure-cap', 'oil-bath', 'sealed'] as const;
/** Caps: pressed on plain, pressed on with a plug over the fitting, filled under pressure, screwed on, or with a window on its oil. */
export const CAPS = ['plain', 'plug', 'pressure', 'screw', 'window'] as const;
export const LOCKS = ['cotter', 'keeper', 'tang'] as const;
export const STUD_COUNTS = [4, 5, 6, 8] as const;
export const MATERIALS = ['steel', 'aluminum'] as const;
export const COVERS = ['none', 'pop-off', 'slotted', 'screwed', 'capped-nuts'] as const;
export const LOAD_RANGES = ['B', 'C', 'D', 'E', 'F', 'G', 'H'] as const;
export const LIFT_POINTS = ['frame', 'maker'] as const;
export const ROADS = ['dry', 'salted'] as const;
export const WATERS = ['fresh', 'brackish', 'salt'] as const;
export const LININGS = ['bonded', 'riveted'] as const;
export const VALVES = ['snap-in', 'metal'] as const;
export const CHEMISTRIES = ['lead-acid', 'lithium'] as const;
/** Whether a maker lets anything on the threads of the studs. */
export const LUBRICANTS = ['forbidden', 'allowed'] as const;
/** Walks on which something of the owner's own can be looked at. */
export const OWN_ON = ['hitch', 'stop', 'home', 'twice', 'spring', 'layup'] as const;
export const USES = ['highway', 'off-road'] as const;

export type OwnOn = (typeof OWN_ON)[number];
export type Chemistry = (typeof CHEMISTRIES)[number];
export type RigKind = (typeof KINDS)[number];
export type Suspension = (typeof SUSPENSIONS)[number];
export type BrakeKind = (typeof BRAKES)[number];
export type HubKind = (typeof HUBS)[number];
export type CapKind = (typeof CAPS)[number];
export type LockKind = (typeof LOCKS)[number];
export type StudCount = (typeof STUD_COUNTS)[number];
export type LoadRange = (typeof LOAD_RANGES)[number];
export type Water = (typeof WATERS)[number];
