/**
 * Kit: what is carried along, whether it serves this rig and by which figure,
 * which troubles it can finish on the spot, and what few things bought would
 * bring most within reach. What nobody has said counts as not there.
 */
export { KIT_PARTS, type KitAbout, type KitBecause, type KitPart, type KitReading, type Need } from './about';
export { jackFit, kitFor, readKit, readKitItem } from './serves';
export { bestPurchase, finishes, type Finish, type Purchase } from './finish';
export { roadRules } from './road';
