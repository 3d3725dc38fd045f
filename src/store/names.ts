/** The databases of a device: its owner's yard, and the demo's. */
export const YARD_NAMES = { own: 'yardline', demo: 'yardline-demo' } as const;
