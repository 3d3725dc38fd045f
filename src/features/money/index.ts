export { MoneyView } from './money-view';
