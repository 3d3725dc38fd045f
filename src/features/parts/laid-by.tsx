import { SHELF_GRADES, SHELVES, type Shelf, type ShelfGrade } from '@/core/rig';
import { GRADE_WORDS, SHELF_WORDS } from '@/text';
import { Choice } from '@/ui';

/** How good a part is that is not fitted, and where it lies. */
export function LaidBy({
  label = 'It is',
  grade,
  onGrade,
  shelf,
  onShelf,
}: {
  label?: string;
  grade: ShelfGrade;
  onGrade: (grade: ShelfGrade) => void;
  shelf?: Shelf;
  onShelf?: (shelf: Shelf) => void;
}) {
  return (
    <>
      <Choice
        label={label}
        columns="grid-cols-2"
        options={SHELF_GRADES.map((value) => ({ value, label: GRADE_WORDS[value] }))}
        value={grade}
        onChange={onGrade}
      />
      {shelf && onShelf && (
        <Choice
          label="Where"
          columns="grid-cols-3"
          options={SHELVES.map((value) => ({ value, label: SHELF_WORDS[value] }))}
          value={shelf}
          onChange={onShelf}
        />
      )}
    </>
  );
}
