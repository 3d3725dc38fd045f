/** Walk: are we fit to go? Walkarounds in walking order, one tap an item, ended with go or no-go. */
export { Walks } from './walk-view';
export { barredLugs } from './barred-lugs';
export { ItemTile } from './item-tile';
export { ItemFields } from './item-fields';
export { allClear, answered, beginWalk, goesOn, WALK_DRAFT, type WalkDraft } from './walk-draft';
