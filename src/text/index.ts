/**
 * Text: every word the product says, in one catalogue. Core gives codes and
 * figures; here they become sentences with units, in US English.
 */
export * from './measure';
export * from './dates';
export * from './rig';
export * from './grades';
export * from './readings';
export * from './steps';
export * from './duty';
export * from './problems';
export * from './entry';
export * from './finding';
export * from './tools';
