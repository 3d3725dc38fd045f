export { ToOrderView } from './to-order-view';
