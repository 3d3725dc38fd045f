/** In step: the same record on more than one device, by a folder they share or by files handed over. */
export { KeepsInStep } from './keeps-in-step';
export { OtherDevices } from './other-devices';
