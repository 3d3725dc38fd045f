/** Looks: conditions drawn by seed, as shapes whose ink the interface knows. */
export { FIELD } from './draws';
export { lookOf, PICTURED, picturedGrades, type Look, type Pictured } from './looks';
export type { Ink, Shape, Tint } from './shapes';
