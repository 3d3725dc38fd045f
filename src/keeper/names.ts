/** The databases of a device: its owner's yard, and the demo's. */
export const YARD_NAMES = { own: 'yardline', demo: 'yardline-demo' } as const;
export type YardName = keyof typeof YARD_NAMES;

/** The moment at which the demo stands. */
export const DEMO_NOW = '2026-05-16T14:00:00.000Z';
