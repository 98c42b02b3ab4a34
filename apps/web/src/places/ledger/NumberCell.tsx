import { memo, useState } from 'react';
import { useStore } from 'zustand';
import type { Row } from '../../store/rows.ts';
import { select, selectionStore } from '../../store/selection-store.ts';
import { movePicture } from '../../store/submission-actions.ts';

/** A picture's place, which can be typed or moved by key, and whether it is selected. */
export const NumberCell = memo(function NumberCell({ row, order }: { row: Row; order: readonly string[] }) {
  const { picture, place } = row;
  const name = picture.title || picture.fileName;
  const isSelected = useStore(selectionStore, s => s.selected.has(picture.id));
  return (
    <span className="number">
      <input
        type="checkbox"
        aria-label={`Select ${name}`}
        checked={isSelected}
        // A click tells about Shift, a change does not.
        onClick={event => select(picture.id, event.currentTarget.checked, order, event.shiftKey)}
        readOnly
      />
      {place === undefined ? '–' : <PlaceField key={place} id={picture.id} place={place} name={name} />}
    </span>
  );
});

function PlaceField({ id, place, name }: { id: string; place: number; name: string }) {
  const [typed, setTyped] = useState(String(place).padStart(2, '0'));
  const take = () => {
    const wanted = Number(typed);
    if (Number.isInteger(wanted) && wanted >= 1 && wanted !== place) void movePicture(id, wanted);
    else setTyped(String(place).padStart(2, '0'));
  };
  return (
    <input
      className="place"
      aria-label={`Place of ${name}`}
      title="Type another place, or move it with Alt and the arrow keys"
      inputMode="numeric"
      value={typed}
      onChange={event => setTyped(event.target.value)}
      onBlur={take}
      onKeyDown={event => {
        if (event.key === 'Enter') take();
        if (!event.altKey || (event.key !== 'ArrowUp' && event.key !== 'ArrowDown')) return;
        event.preventDefault();
        void movePicture(id, place + (event.key === 'ArrowUp' ? -1 : 1));
      }}
    />
  );
}
