import { placesOf, type Place, type RigModel } from '@/core/rig';
import { placeName, placeWords } from '@/text';

/** The places of a rig as a list: what the drawing offers, for keys, screen readers and cold thumbs. */
export function PlacePicker({
  model,
  value,
  first,
  label,
  onChange,
  among = placesOf(model),
}: {
  model: RigModel;
  value: Place | '';
  /** What stands in the list for no place. */
  first: string;
  label: string;
  onChange: (place: Place | undefined) => void;
  among?: readonly Place[];
}) {
  return (
    <label className="min-w-0 flex-1">
      <span className="sr-only">{label}</span>
      <select
        value={value}
        onChange={(event) => onChange(event.target.value === '' ? undefined : (event.target.value as Place))}
        className="border-soft bg-sheet min-h-11 w-full rounded-sheet border-[1.5px] px-3 text-base"
      >
        <option value="">{first}</option>
        {among.map((place) => (
          <option key={place} value={place}>
            {placeName(place)}
            {placeName(place) === place ? `, ${placeWords(place, model)}` : ''}
          </option>
        ))}
      </select>
    </label>
  );
}
