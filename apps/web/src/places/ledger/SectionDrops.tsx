import { useDroppable } from '@dnd-kit/core';
import { chakra, Flex } from '@chakra-ui/react';
import type { RuleSheet } from '@able-frame/core';

type Section = RuleSheet['sections'][number];

const PREFIX = 'section ';

/** The section that a place to drop stands for; undefined for every other place. */
export function sectionOfDrop(id: string): string | undefined {
  return id.startsWith(PREFIX) ? id.slice(PREFIX.length) : undefined;
}

/** The section on which files were let go. */
export function sectionUnder(target: EventTarget | null): string | undefined {
  const element = target instanceof Element ? target.closest('[data-section]') : null;
  return element?.getAttribute('data-section') ?? undefined;
}

/** The sheet's sections at the foot of the page while something is being dragged, to let it go on one of them. */
export function SectionDrops({ sheet, what }: { sheet: RuleSheet; what: string }) {
  if (!sheet.sections.length) return null;
  return (
    <Flex
      role="group"
      aria-label={`Sections for ${what}`}
      position="fixed"
      insetInline="0"
      bottom="0"
      zIndex="10"
      gap="12px"
      padding="12px 24px"
      background="paper"
      borderTopWidth="1.5px"
      borderColor="ink"
      align="center"
    >
      <chakra.span color="inkSoft">Put {what} into</chakra.span>
      {sheet.sections.map(section => (
        <SectionDrop key={section.code} section={section} />
      ))}
    </Flex>
  );
}

function SectionDrop({ section }: { section: Section }) {
  const { setNodeRef, isOver } = useDroppable({ id: `${PREFIX}${section.code}` });
  return (
    <chakra.div
      ref={setNodeRef}
      data-section={section.code}
      flex="1"
      minHeight="64px"
      display="flex"
      alignItems="center"
      justifyContent="center"
      fontWeight="600"
      borderWidth="1.5px"
      borderStyle="dashed"
      borderColor="accent"
      background={isOver ? 'accentWash' : 'sheet'}
    >
      {section.label}
    </chakra.div>
  );
}
