import { formatNumber, fromSI, toSI, type Unit, type UnitSystem } from '@/core/base';

/** How the US units of a sentence are told in metric: the unit, and to what step its figures are rounded. */
const METRIC: Readonly<Record<string, { readonly from: Unit; readonly to: Unit; readonly step: number }>> = {
  in: { from: 'in', to: 'mm', step: 0.1 },
  mi: { from: 'mi', to: 'km', step: 1 },
  psi: { from: 'psi', to: 'bar', step: 0.1 },
  '°F': { from: '°F', to: '°C', step: 1 },
};

/** A figure as people write it: `1/8`, `12,000`, `0.5`. */
const FIGURE = /(?:\d{1,3}(?:,\d{3})+|\d+)(?:\.\d+)?(?:\/\d+)?/g;

function converted(figure: string, from: Unit, to: Unit, step: number): string {
  const [over = '', under = '1'] = figure.replaceAll(',', '').split('/');
  const value = fromSI(toSI(Number(over) / Number(under), from), to);
  // Long distances are told roughly, as the sentence tells them; play is told in hundredths of a millimeter.
  const rough = value >= 1000 ? 10 : step < 1 && value < 1 ? 0.01 : step;
  return formatNumber(Math.round(value / rough) * rough, rough >= 1 ? 0 : rough === 0.01 ? 2 : 1);
}

/** A sentence in the owner's units; its figures stand in braces with their US unit last: `over {4/32 in}`, `{10, 25 and 50 mi}`. */
export function inUnits(text: string, system: UnitSystem): string {
  return text.replace(/\{([^}]*)\}/g, (_, inside: string) => {
    const [, figures = '', unit = ''] = /^(.*) (\S+)$/.exec(inside) ?? [];
    const metric = METRIC[unit];
    if (system === 'us' || !metric) return inside;
    const told = figures.replace(FIGURE, (one) => converted(one, metric.from, metric.to, metric.step));
    return `${told} ${metric.to}`;
  });
}
