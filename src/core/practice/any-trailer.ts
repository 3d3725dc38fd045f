import type { RigModel } from '../rig';

/** A usual single-axle utility trailer, for whoever has none set up. */
export const ANY_TRAILER: RigModel = {
  name: 'A usual trailer',
  kind: 'utility',
  miles: 'trips',
  axles: [{ brake: 'electric', hub: 'plain', lock: 'cotter', suspension: 'leaf' }],
  wheels: { studs: 5 },
  spares: 1,
};
