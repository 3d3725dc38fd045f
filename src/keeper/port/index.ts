/**
 * Port: where a yard lies. Six methods that any storage can serve, a contract
 * that its makers are held to, and two of them: the browser's own database,
 * where the log lies in sealed segments with an open tail, and memory.
 */
export { dexiePort } from './dexie-port';
export { memoryPort } from './memory-port';
export {
  revOf,
  type Change,
  type ChangeProblem,
  type LogRow,
  type Row,
  type Shelf,
  type YardPort,
} from './port';
