/** Walk: are we fit to go? Walkarounds in walking order, one tap an item, ended with go or no-go. */
export { WalkView } from './walk-view';
