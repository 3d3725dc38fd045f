import type { DrawingProps } from './drawing';

const C = 150;

/** A wheel's studs on their circle, with the distance that was measured. */
export function CircleDrawing({ t, told }: DrawingProps) {
  const studs = Number(t('studs'));
  const skip = t('between') === 'next-but-one' ? 2 : 1;
  const at = (i: number): readonly [number, number] => {
    const a = (i / studs) * 2 * Math.PI - Math.PI / 2;
    return [C + 96 * Math.cos(a), C + 96 * Math.sin(a)];
  };
  const [ax, ay] = at(0);
  const [bx, by] = at(skip);
  return (
    <svg
      viewBox="0 0 300 320"
      className="mx-auto h-auto w-full max-w-md"
      role="img"
      aria-label={`${studs} studs on a circle of ${told('circle')}`}
    >
      <circle cx={C} cy={C} r="134" className="ink-body" />
      <circle
        cx={C}
        cy={C}
        r="96"
        fill="none"
        stroke="var(--accent)"
        strokeWidth="1.6"
        strokeDasharray="6 5"
      />
      <circle cx={C} cy={C} r="34" className="ink" />
      {Array.from({ length: studs }, (_, i) => {
        const [x, y] = at(i);
        return <circle key={i} cx={x} cy={y} r="12" className="ink-body" />;
      })}
      <line x1={ax} y1={ay} x2={bx} y2={by} stroke="var(--due)" strokeWidth="3" />
      <text x={C} y="310" fontSize="17" textAnchor="middle" fill="var(--due)" className="figures">
        {told('apart')} measured
      </text>
      <text
        x={C}
        y={C + 7}
        fontSize="19"
        fontWeight="600"
        textAnchor="middle"
        fill="var(--accent)"
        className="figures"
      >
        {told('circle')}
      </text>
    </svg>
  );
}
