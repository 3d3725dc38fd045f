/** What is kept an eye on as it runs down: grease by mass (kg), the rest by pieces. */
export const SUPPLIES_KEPT = [
  'bearing-grease',
  'chassis-grease',
  'pins',
  'brake-cleaner',
  'connectors',
  'gloves',
] as const;
export type SupplyKept = (typeof SUPPLIES_KEPT)[number];
