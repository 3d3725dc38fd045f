import { useState } from 'react';
import { jackFit, type KitReading } from '@/core/road';
import { fromSI, parseNumber, parseQuantity, unitFor } from '@/core/base';
import { kitEntry } from '@/core/record';
import { THICKENERS, type Thickener } from '@/core/figures';
import { KIT_FIGURES, kitDef, type KitFigure, type KitId } from '@/core/rules';
import { useRecord, useSheetForm } from '@/features/forms';
import type { RigView } from '@/features/rigs';
import { usePreferences } from '@/store';
import { THICKENER_WORDS } from '@/text';
import { KIT_FIGURE_WORDS, kitSaid, needWords } from '@/text/kit-said';
import { Button, Dialog, Field, reported, Select, SheetForm } from '@/ui';
import { JackDrawing } from './jack-drawing';

/** The jack of this rig against its point, once all of it is measured. */
function Jack({ view }: { view: RigView }) {
  const { units } = usePreferences();
  const measured = jackFit(view);
  if (!measured) return null;
  const { fit, ...heights } = measured;
  return <JackDrawing {...heights} needed={fit.needed} units={units} />;
}

/** What is known of one thing of the kit: its figures, by which it serves or does not. */
export function ItemDialog({
  item,
  reading,
  view,
  onClose,
}: {
  item: KitId;
  reading: KitReading;
  view: RigView;
  onClose: () => void;
}) {
  const { units } = usePreferences();
  const record = useRecord();
  const def = kitDef(item);
  const told = view.rig.kit[item];
  const figures = def.figures ?? [];
  const [thickener, setThickener] = useState<Thickener | ''>(told?.thickener ?? '');
  const dimension = (id: KitFigure) => {
    const of = KIT_FIGURES[id];
    return of === 'count' || of === 'minutes' ? undefined : of;
  };
  const unitOf = (id: KitFigure) => {
    const of = dimension(id);
    return of ? unitFor(of, units) : KIT_FIGURES[id] === 'minutes' ? 'min' : undefined;
  };
  const typed = (id: KitFigure) => {
    const value = told?.figures[id];
    const of = dimension(id);
    if (value === undefined) return '';
    // Plain digits: what is shown can be typed again.
    return of ? String(Math.round(fromSI(value, unitFor(of, units)) * 1000) / 1000) : String(value);
  };
  const fresh = Object.fromEntries(figures.map((id) => [id, typed(id)])) as Record<string, string>;
  const form = useSheetForm('kit', `${view.rig.id} ${item}`, fresh);
  const read = (id: KitFigure): number | 'bad' | undefined => {
    const text = (form.values[id] ?? '').trim();
    if (text === '') return undefined;
    const of = dimension(id);
    const value = of ? parseQuantity(text, of, unitFor(of, form.units)) : parseNumber(text);
    return value.ok && value.value >= 0 ? value.value : 'bad';
  };
  const save = () =>
    form.submit(
      Object.fromEntries(
        figures.map((id) => [
          id,
          read(id) === 'bad' ? `A number${unitOf(id) ? `, in ${unitOf(id)}` : ''}.` : undefined,
        ]),
      ),
      async () => {
        const given = Object.fromEntries(
          figures.flatMap((id) => {
            const value = read(id);
            return typeof value === 'number' ? [[id, value] as const] : [];
          }),
        );
        await record(
          view.rig.id,
          [kitEntry({ item, aboard: true, figures: given, ...(thickener && { thickener }) })],
          'Kit saved',
          [],
          [form.key],
        );
        onClose();
      },
    );
  const notAboard = async () => {
    await record(
      view.rig.id,
      [kitEntry({ item, aboard: false })],
      `${needWords(item)}: not aboard`,
      [],
      [form.key],
    );
    onClose();
  };
  return (
    <Dialog open onClose={onClose} title={needWords(item)} description={kitSaid(reading, units)}>
      <SheetForm save={save} label="Aboard">
        {item === 'jack' && <Jack view={view} />}
        {figures.map((id) => (
          <Field
            key={id}
            label={KIT_FIGURE_WORDS[id]}
            inputMode="decimal"
            unit={unitOf(id)}
            {...form.field(id)}
          />
        ))}
        {def.thickener && (
          <Select
            label="What thickens it"
            value={thickener}
            onChange={(to) => setThickener(to as Thickener | '')}
          >
            <option value="">Not on the cartridge</option>
            {THICKENERS.map((one) => (
              <option key={one} value={one}>
                {THICKENER_WORDS[one]}
              </option>
            ))}
          </Select>
        )}
        {item === 'jack' && (
          <p className="text-soft">
            Sag: height of the axle with a sound tire, less its height with a flat. 1 in (25 mm) of air is
            wanted under the tire.
          </p>
        )}
      </SheetForm>
      <Button size="lg" className="mt-3 w-full" onClick={() => reported(notAboard())}>
        Not aboard
      </Button>
    </Dialog>
  );
}
