import type { Instrument } from './instrument';

/** The device's own position, while the screen is on and its owner lets it: never kept, only its miles are counted. */
export function devicePosition(geolocation: Geolocation | undefined): Instrument {
  return {
    id: 'position',
    named: { name: 'Position of this device' },
    reads: ['position'],
    start: (tell) => {
      if (!geolocation) {
        tell({ told: 'failed', why: 'none' });
        return () => undefined;
      }
      const id = geolocation.watchPosition(
        ({ timestamp, coords }) =>
          tell({
            told: 'fix',
            fix: {
              at: timestamp,
              lat: coords.latitude,
              lon: coords.longitude,
              accuracy: coords.accuracy,
              ...(coords.speed !== null && { speed: coords.speed }),
            },
          }),
        ({ code, PERMISSION_DENIED }) =>
          tell({ told: 'failed', why: code === PERMISSION_DENIED ? 'refused' : 'lost' }),
        { enableHighAccuracy: true, maximumAge: 0 },
      );
      return () => geolocation.clearWatch(id);
    },
  };
}
