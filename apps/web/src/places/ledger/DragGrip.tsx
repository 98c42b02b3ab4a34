import type { ComponentProps } from 'react';
import type { Picture } from '../../database/schemas.ts';

interface Props {
  picture: Picture;
  /** Pictures that were not taken have none, and nowhere to be dragged. */
  place: number | undefined;
  /** What makes an element the grip by which the row is dragged. */
  grip: ComponentProps<'button'>;
}

/** A dimension line by which a row is taken hold of. */
export function DragGrip({ picture, place, grip }: Props) {
  if (place === undefined) return null;
  return (
    <button
      {...grip}
      type="button"
      className="grip"
      title="Drag to another place, or into a section"
      aria-label={`Drag ${picture.title || picture.fileName}`}
    >
      <svg width="24" height="32" viewBox="0 0 24 32" aria-hidden="true">
        <path
          d="M7 5h10M7 27h10M12 5v22M8.5 9.5L12 5l3.5 4.5M8.5 22.5L12 27l3.5-4.5"
          fill="none"
          stroke="currentColor"
          strokeWidth="1.25"
        />
      </svg>
    </button>
  );
}
