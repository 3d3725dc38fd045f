import { brakeCost, clampLoad, FRICTION, pressureAt } from '@/core/figures';
import { fromSI, toSI, unitFor, type UnitSystem, formatNumber } from '@/core/base';
import type { DrawingProps } from './drawing';
import { Plot } from './plot';

const F = (value: number) => toSI(value, '°F');
const plain = (value: number) => formatNumber(value, 0);

/** Pressure over temperature, today marked. */
export function PressurePlot({ system, ...props }: DrawingProps & { system: UnitSystem }) {
  const read = props.n('read');
  const from = props.n('from');
  if (read === undefined || from === undefined) return null;
  const high = props.n('high');
  const there = props.n('higher') ?? high;
  const temperature = unitFor('temperature', system);
  const pressure = unitFor('pressure', system);
  return (
    <Plot
      props={props}
      along="to"
      from={F(-20)}
      to={F(120)}
      label={`Pressure over temperature: ${props.told('pressure')} at ${props.told('to')}`}
      lines={[
        {
          name: pressure,
          color: 'var(--accent)',
          of: (to) =>
            pressureAt(read, { temperature: from, altitude: high }, { temperature: to, altitude: there }),
        },
      ]}
      xText={(value) => `${plain(fromSI(value, temperature))} ${temperature}`}
      yText={(value) => plain(fromSI(value, pressure))}
    />
  );
}

/** Parts and plates over what an hour is worth. */
export function CostPlot(props: DrawingProps) {
  const given = ['parts', 'partsHours', 'plates', 'platesHours'].map((name) => props.n(name));
  const [parts, partsHours, plates, platesHours] = given;
  if (parts === undefined || partsHours === undefined || plates === undefined || platesHours === undefined)
    return null;
  const at = (rate: number) => brakeCost({ parts, partsHours, plates, platesHours, rate });
  const quote = props.n('quote');
  return (
    <Plot
      props={props}
      along="rate"
      from={0}
      to={100}
      label={`Cost over what an hour is worth: parts ${props.told('parts')}, plates ${props.told('plates')}`}
      lines={[
        { name: 'parts', color: 'var(--accent)', of: (rate) => at(rate).parts },
        { name: 'plates', color: 'var(--due)', of: (rate) => at(rate).plates },
        ...(quote === undefined ? [] : [{ name: 'shop', color: 'var(--ink)', of: () => quote }]),
      ]}
      xText={(value) => `$${plain(value)}`}
      yText={(value) => `$${plain(value)}`}
    />
  );
}

/** Clamp over torque, dry and greased. */
export function ClampPlot({ system, ...props }: DrawingProps & { system: UnitSystem }) {
  const stud = props.n('stud');
  if (stud === undefined) return null;
  const at = (friction: number) => (torque: number) => clampLoad(torque, stud, friction) / 9.80665;
  const torque = unitFor('torque', system);
  const weight = unitFor('weight', system);
  return (
    <Plot
      props={props}
      along="torque"
      from={toSI(20, 'lbf·ft')}
      to={toSI(200, 'lbf·ft')}
      label={`Clamp load over torque: dry ${props.told('dry')}, greased ${props.told('least')} to ${props.told('most')}`}
      lines={[
        { name: 'dry', color: 'var(--accent)', of: at(FRICTION.dry) },
        { name: 'greased, most', color: 'var(--due)', of: at(FRICTION.greased.min) },
        { name: 'greased, least', color: 'var(--soon)', of: at(FRICTION.greased.max) },
      ]}
      xText={(value) => `${plain(fromSI(value, torque))} ${torque}`}
      yText={(value) => plain(fromSI(value, weight))}
    />
  );
}
