/** The papers that are made of a rig. */
export const PAPERS = ['tongue', 'record', 'order', 'card'] as const;
export type PaperId = (typeof PAPERS)[number];
