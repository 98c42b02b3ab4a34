import { chakra, Flex } from '@chakra-ui/react';
import { useState, type ComponentProps } from 'react';
import { useStore } from 'zustand';
import type { Row } from '../../store/rows.ts';
import { select, selectionStore } from '../../store/selection-store.ts';
import { movePicture } from '../../store/submission-actions.ts';

/** A picture's place, which can be typed or moved by key, and whether it is selected. */
export function NumberCell({
  row,
  order,
  grip,
}: {
  row: Row;
  order: readonly string[];
  /** What makes an element the grip by which the row is dragged. */
  grip: ComponentProps<'button'>;
}) {
  const { picture, place } = row;
  const name = picture.title || picture.fileName;
  const isSelected = useStore(selectionStore, s => s.selected.has(picture.id));
  return (
    <Flex gap="3px" align="center">
      <chakra.input
        type="checkbox"
        width="18px"
        height="18px"
        accentColor="accent"
        aria-label={`Select ${name}`}
        checked={isSelected}
        // A click tells about Shift, a change does not.
        onClick={event => select(picture.id, event.currentTarget.checked, order, event.shiftKey)}
        readOnly
      />
      {place !== undefined && (
        <chakra.button
          {...grip}
          type="button"
          title="Drag to another place, or into a section"
          aria-label={`Drag ${name}`}
          width="24px"
          height="32px"
          cursor="grab"
          touchAction="none"
          color="inkSoft"
          _hover={{ color: 'ink' }}
        >
          <svg width="24" height="32" viewBox="0 0 24 32" aria-hidden="true">
            <path
              d="M7 5h10M7 27h10M12 5v22M8.5 9.5L12 5l3.5 4.5M8.5 22.5L12 27l3.5-4.5"
              fill="none"
              stroke="currentColor"
              strokeWidth="1.25"
            />
          </svg>
        </chakra.button>
      )}
      {place === undefined ? '–' : <PlaceField key={place} id={picture.id} place={place} name={name} />}
    </Flex>
  );
}

function PlaceField({ id, place, name }: { id: string; place: number; name: string }) {
  const [typed, setTyped] = useState(String(place).padStart(2, '0'));
  const take = () => {
    const wanted = Number(typed);
    if (Number.isInteger(wanted) && wanted >= 1 && wanted !== place) void movePicture(id, wanted);
    else setTyped(String(place).padStart(2, '0'));
  };
  return (
    <chakra.input
      aria-label={`Place of ${name}`}
      title="Type another place, or move it with Alt and the arrow keys"
      width="4ch"
      minHeight="24px"
      fontFamily="measure"
      fontSize="measure"
      background="transparent"
      borderBottomWidth="1.5px"
      borderColor="transparent"
      _hover={{ borderColor: 'line' }}
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
