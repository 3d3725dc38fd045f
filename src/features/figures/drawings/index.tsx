import type { FigureId } from '@/core/figures';
import type { UnitSystem } from '@/core/quantity';
import { CastleNut } from '@/ui';
import { BalanceDrawing } from './balance';
import { CircleDrawing } from './circle';
import type { DrawingProps } from './drawing';
import { JackDrawing } from './jack';
import { MagnetsDrawing } from './magnets';
import { ClampPlot, CostPlot, PressurePlot } from './plots';
import { TireTapes } from './tapes';
import { WrenchDrawing } from './wrench';

export type { DrawingProps } from './drawing';

/** The nut as it stands for the slots it is turned back. */
function NutDrawing({ n, told }: DrawingProps) {
  const slots = Math.round(n('slots') ?? 6);
  return (
    <div className="mx-auto max-w-sm">
      <CastleNut
        slots={slots}
        holes={n('holes') === 2 ? 2 : 1}
        turn={(n('back') ?? 0) / slots}
        studs={6}
        label={`Castle nut from outside, ${told('back')}`}
      />
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
