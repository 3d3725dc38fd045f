import type { FigureId } from '@/core/figures';
import type { UnitSystem } from '@/core/base';
import { CastleNut } from '@/ui';
import { BalanceDrawing } from './balance';
import { CircleDrawing } from './circle';
import { handleOf, type DrawingProps } from './drawing';
import { Handle } from './handle';
import { JackDrawing } from './jack';
import { MagnetsDrawing } from './magnets';
import { ClampPlot, CostPlot, PressurePlot } from './plots';
import { TireTapes } from './tapes';
import { WrenchDrawing } from './wrench';

export type { DrawingProps } from './drawing';

/** The nut as it stands for the slots it is turned back, the window as an arc; its mark is dragged around. */
function NutDrawing(props: DrawingProps) {
  const { n, told } = props;
  const slots = Math.round(n('slots') ?? 6);
  const back = n('back') ?? 0;
  const pitch = n('pitch');
  const least = n('least');
  const most = n('most');
  const window =
    pitch === undefined || least === undefined || most === undefined
      ? undefined
      : { from: least / pitch, to: most / pitch };
  // The nut's mark runs counterclockwise from the hole on the right, as backing off does.
  const turn = (2 * Math.PI * back) / slots;
  const mark = { x: 170 + 112 * Math.cos(turn), y: 170 - 112 * Math.sin(turn) };
  return (
    <div className="relative mx-auto w-full max-w-sm">
      <CastleNut
        slots={slots}
        holes={n('holes') === 2 ? 2 : 1}
        turn={back / slots}
        studs={6}
        label={`Castle nut from outside, ${told('back')}`}
        window={window}
      />
      <svg
        viewBox="0 0 340 340"
        className="absolute inset-0 h-full w-full"
        role="group"
        aria-label="Turn the nut"
      >
        <Handle
          {...handleOf(props, 'back')}
          onDrag={({ x, y }) => {
            const angle = Math.atan2(170 - y, x - 170);
            props.set(
              'back',
              ((angle < -0.2 ? angle + 2 * Math.PI : Math.max(0, angle)) / (2 * Math.PI)) * slots,
            );
          }}
        >
          <circle cx={mark.x} cy={mark.y} r="30" fill="transparent" />
          <circle
            className="grip"
            cx={mark.x}
            cy={mark.y}
            r="15"
            fill="var(--accent)"
            stroke="var(--paper)"
            strokeWidth="2"
          />
        </Handle>
      </svg>
    </div>
  );
}

/** The drawing of a figure; the others are a plain number with its working. */
export function FigureDrawing({ id, system, ...props }: DrawingProps & { id: FigureId; system: UnitSystem }) {
  switch (id) {
    case 'balance':
      return <BalanceDrawing {...props} />;
    case 'adapter':
      return <WrenchDrawing {...props} />;
    case 'nut':
      return <NutDrawing {...props} />;
    case 'pressure':
      return <PressurePlot {...props} system={system} />;
    case 'circle':
      return <CircleDrawing {...props} />;
    case 'jack':
      return <JackDrawing {...props} />;
    case 'tire':
      return <TireTapes {...props} />;
    case 'magnets':
      return <MagnetsDrawing {...props} />;
    case 'brakes':
      return <CostPlot {...props} />;
    case 'clamp':
      return <ClampPlot {...props} system={system} />;
    default:
      return null;
  }
}
