import { Box, chakra, Flex } from '@chakra-ui/react';
import { DndContext, PointerSensor, useSensor, useSensors, type DragEndEvent } from '@dnd-kit/core';
import { arrayMove, horizontalListSortingStrategy, SortableContext, useSortable } from '@dnd-kit/sortable';
import { useState } from 'react';
import { capitalised, wordNamePart, type NamePart, type NamePattern, type RuleSheet } from '@able-frame/core';
import { Button, Select } from '../../../parts/controls.tsx';
import { ChoiceField, NumberField } from '../../../parts/fields.tsx';
import { newPart, PART_WORDS, PartFields } from './PartFields.tsx';

interface Props {
  sheet: RuleSheet;
  name: NamePattern;
  onChange: (name: NamePattern) => void;
}

/** A file name built by arranging visible parts; the example above the fields follows every change. */
export function NameFields({ sheet, name, onChange }: Props) {
  const [open, setOpen] = useState<number>();
  const { parts } = name;
  const setParts = (next: NamePart[]) => next.length && onChange({ ...name, parts: next });
  const move = (from: number, to: number) => {
    if (to < 0 || to >= parts.length) return;
    setParts(arrayMove(parts, from, to));
    setOpen(to);
  };
  const part = open === undefined ? undefined : parts[open];
  return (
    <Box paddingTop="8px">
      <Parts sheet={sheet} parts={parts} open={open} onOpen={setOpen} onMove={move} />
      {part && open !== undefined && (
        <Box borderLeftWidth="2px" borderColor="accent" paddingLeft="12px" marginTop="8px">
          <PartFields
            sheet={sheet}
            part={part}
            onChange={next => setParts(parts.map((p, i) => (i === open ? next : p)))}
          />
          <Flex gap="8px" wrap="wrap" marginTop="8px">
            <Button look="quiet" disabled={open === 0} onClick={() => move(open, open - 1)}>
              Earlier
            </Button>
            <Button look="quiet" disabled={open === parts.length - 1} onClick={() => move(open, open + 1)}>
              Later
            </Button>
            <Button
              look="quiet"
              disabled={parts.length === 1}
              onClick={() => {
                setParts(parts.filter((_, i) => i !== open));
                setOpen(undefined);
              }}
            >
              Take this part out
            </Button>
          </Flex>
        </Box>
      )}
      <AddPart
        sheet={sheet}
        onAdd={added => {
          setParts([...parts, added]);
          setOpen(parts.length);
        }}
      />
      <WholeName name={name} onChange={onChange} />
    </Box>
  );
}

function Parts({
  sheet,
  parts,
  open,
  onOpen,
  onMove,
}: {
  sheet: RuleSheet;
  parts: readonly NamePart[];
  open: number | undefined;
  onOpen: (index: number | undefined) => void;
  onMove: (from: number, to: number) => void;
}) {
  const labels = Object.fromEntries(sheet.details.map(d => [d.id, d.label]));
  // A press that moves is a drag; one that does not opens the part.
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 5 } }));
  const ids = parts.map((_, i) => `part-${i}`);
  const drop = ({ active, over }: DragEndEvent) => {
    if (over && active.id !== over.id) onMove(ids.indexOf(String(active.id)), ids.indexOf(String(over.id)));
  };
  return (
    <DndContext sensors={sensors} onDragEnd={drop}>
      <SortableContext items={ids} strategy={horizontalListSortingStrategy}>
        <Flex gap="6px" wrap="wrap" role="group" aria-label="Parts of the name, in their order">
          {parts.map((part, i) => (
            <PartTile
              key={ids[i]}
              id={ids[i] ?? ''}
              label={part.kind === 'text' ? part.text : capitalised(wordNamePart(part, labels))}
              isText={part.kind === 'text'}
              isOpen={open === i}
              onOpen={() => onOpen(open === i ? undefined : i)}
            />
          ))}
        </Flex>
      </SortableContext>
    </DndContext>
  );
}

function PartTile({
  id,
  label,
  isText,
  isOpen,
  onOpen,
}: {
  id: string;
  label: string;
  isText: boolean;
  isOpen: boolean;
  onOpen: () => void;
}) {
  const { setNodeRef, listeners, transform, transition } = useSortable({ id });
  return (
    <chakra.button
      ref={setNodeRef}
      {...listeners}
      type="button"
      aria-expanded={isOpen}
      aria-label={`Part: ${label}`}
      onClick={onOpen}
      borderWidth="1.5px"
      borderColor={isOpen ? 'accent' : isText ? 'line' : 'ink'}
      background={isOpen ? 'accentWash' : 'sheet'}
      fontFamily={isText ? 'measure' : undefined}
      paddingInline="10px"
      minHeight="32px"
      minWidth="28px"
      cursor="grab"
      touchAction="none"
      style={{
        transform: transform ? `translate3d(${transform.x}px, ${transform.y}px, 0)` : undefined,
        transition,
      }}
    >
      {label}
    </chakra.button>
  );
}

function AddPart({ sheet, onAdd }: { sheet: RuleSheet; onAdd: (part: NamePart) => void }) {
  const [kind, setKind] = useState<NamePart['kind']>('title');
  const kinds = Object.entries(PART_WORDS).filter(([k]) => k !== 'detail' || sheet.details.length > 0);
  return (
    <Flex gap="8px" align="center" wrap="wrap" marginTop="10px">
      <label htmlFor="new-part">Another part:</label>
      <Select id="new-part" value={kind} onChange={event => setKind(event.target.value as NamePart['kind'])}>
        {kinds.map(([k, words]) => (
          <option key={k} value={k}>
            {words}
          </option>
        ))}
      </Select>
      <Button look="quiet" onClick={() => onAdd(newPart(kind, sheet))}>
        Add this part
      </Button>
    </Flex>
  );
}

const EXTENSIONS = { jpg: '.jpg', jpeg: '.jpeg', png: '.png', tif: '.tif', tiff: '.tiff', webp: '.webp' };

/** What holds for the name as a whole. */
function WholeName({ name, onChange }: Omit<Props, 'sheet'>) {
  return (
    <Flex gap="10px 18px" wrap="wrap" marginTop="10px">
      <ChoiceField
        label="Characters"
        hint="Which may stand in the name. Accents are dropped where they may not."
        value={name.characters}
        options={{
          plain: 'A to Z, digits, - and _',
          'letters-digits': 'A to Z and digits alone',
          any: 'any',
        }}
        onChange={characters => onChange({ ...name, characters })}
      />
      <ChoiceField
        label="Spaces"
        hint="Between the words of a part."
        value={name.spaces}
        options={{ forbidden: 'forbidden', allowed: 'allowed' }}
        onChange={spaces => onChange({ ...name, spaces })}
      />
      <ChoiceField
        label="Ending"
        hint="It has to go with the kind of file."
        value={name.extension}
        options={EXTENSIONS}
        onChange={extension => onChange({ ...name, extension })}
      />
      <NumberField
        label="Greatest length"
        hint="Of the whole name with its ending. Empty: none."
        isOptional
        value={name.maxLength}
        onChange={maxLength => {
          if (maxLength !== undefined && (maxLength < 5 || maxLength > 200)) return false;
          const { maxLength: _, ...rest } = name;
          onChange(maxLength === undefined ? rest : { ...rest, maxLength });
          return true;
        }}
      />
    </Flex>
  );
}
