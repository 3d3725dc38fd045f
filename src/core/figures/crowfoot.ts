/** Wrench setting (N·m) for a torque (N·m) through an offset adapter: lengths in m, angle in rad off the wrench's line. */
export function crowfootSetting(torque: number, wrench: number, adapter: number, angle: number): number {
  return (torque * wrench) / (wrench + adapter * Math.cos(angle));
}
