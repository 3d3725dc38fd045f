import { placesOf, type Place, type RigModel } from '@/core/rig';
import { placeName, placeWords } from '@/text';
import { Select } from '@/ui';

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
    <div className="min-w-0 flex-1">
      <Select
        label={label}
        hidden
        value={value}
        onChange={(to) => onChange(to === '' ? undefined : (to as Place))}
      >
        <option value="">{first}</option>
        {among.map((place) => (
          <option key={place} value={place}>
            {placeName(place)}
            {placeName(place) === place ? `, ${placeWords(place, model)}` : ''}
          </option>
        ))}
      </Select>
    </div>
  );
}
