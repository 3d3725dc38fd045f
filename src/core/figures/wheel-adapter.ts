/** What a wheel adapter changes: lengths in m. */
export interface AdapterChange {
  /** Track, both sides together. */
  readonly track: number;
  /** What is left between tire and fender; below nothing it rubs. */
  readonly fender: number;
  /** Studs of the hub stand beyond the face of the adapter by this; at or below nothing the wheel lies flat. */
  readonly proud: number;
}

/** An adapter of a thickness against fender clearance and how far the hub's studs stand out (m). */
export function adapterChange(thickness: number, clearance: number, studs: number): AdapterChange {
  return { track: 2 * thickness, fender: clearance - thickness, proud: studs - thickness };
}
