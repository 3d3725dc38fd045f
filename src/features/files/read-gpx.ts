import { gpx } from '@tmcw/togeojson';
import type { TrackPoint } from '@/core/road';

/** The tracks of a GPX file, each with its name and its points in order; undefined for what is no GPX. */
export function readGpx(
  text: string,
): readonly { readonly name: string; readonly points: readonly TrackPoint[] }[] | undefined {
  const xml = new DOMParser().parseFromString(text, 'text/xml');
  if (xml.querySelector('parsererror') || xml.documentElement.nodeName !== 'gpx') return undefined;
  return gpx(xml).features.flatMap(({ geometry, properties }) => {
    if (!geometry || (geometry.type !== 'LineString' && geometry.type !== 'MultiLineString')) return [];
    const lines = geometry.type === 'LineString' ? [geometry.coordinates] : geometry.coordinates;
    const told = (properties as { coordinateProperties?: { times?: unknown } } | null)?.coordinateProperties
      ?.times;
    const times = (
      geometry.type === 'LineString' ? [told] : Array.isArray(told) ? told : []
    ) as readonly unknown[];
    const points = lines.flatMap((line, l) => {
      const own = times[l];
      return line.map(([lon = NaN, lat = NaN, height], i): TrackPoint => {
        const at = Array.isArray(own) ? Date.parse(String(own[i])) : NaN;
        return { lat, lon, height, at: Number.isNaN(at) ? undefined : new Date(at).toISOString() };
      });
    });
    const { name } = (properties ?? {}) as { name?: unknown };
    return [{ name: typeof name === 'string' ? name : '', points }];
  });
}
