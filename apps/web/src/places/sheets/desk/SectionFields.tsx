import { Box, Flex } from '@chakra-ui/react';
import { freeId, type Section } from '@able-frame/core';
import { Button } from '../../../parts/controls.tsx';
import { ChoiceField, NumberField, TextField } from '../../../parts/fields.tsx';

/** The sections of a competition, one a line. */
export function SectionFields({
  sections,
  onChange,
}: {
  sections: readonly Section[];
  onChange: (sections: Section[]) => void;
}) {
  const setOne = (i: number, section: Section) => onChange(sections.map((s, k) => (k === i ? section : s)));
  const add = () => {
    const code = freeId('S', taken => sections.some(s => s.code === taken)).replace('-', '');
    onChange([...sections, { code, label: 'New section' }]);
  };
  return (
    <Box paddingTop="8px">
      {sections.map((section, i) => (
        <Flex key={i} gap="10px 14px" wrap="wrap" align="flex-start" marginBottom="8px">
          <TextField
            label="Called"
            hint="As the organiser names it."
            width="170px"
            value={section.label}
            maxLength={80}
            onChange={label => label && setOne(i, { ...section, label })}
          />
          <TextField
            label="Code"
            hint="For file names."
            width="80px"
            value={section.code}
            maxLength={20}
            onChange={code =>
              code && !sections.some((s, k) => k !== i && s.code === code) && setOne(i, { ...section, code })
            }
          />
          <NumberField
            label="Up to"
            hint="Pictures a person. Empty: any number."
            isOptional
            value={section.limit}
            onChange={limit => {
              if (limit !== undefined && limit < 1) return false;
              const { limit: _, ...rest } = section;
              setOne(i, limit === undefined ? rest : { ...rest, limit });
              return true;
            }}
          />
          <ChoiceField
            label="Pictures"
            hint="What the section takes."
            value={section.picture ?? 'any'}
            options={{ any: 'any', colour: 'colour', monochrome: 'monochrome' }}
            onChange={picture => {
              const { picture: _, ...rest } = section;
              setOne(i, picture === 'any' ? rest : { ...rest, picture });
            }}
          />
          <Box paddingTop="18px">
            <Button
              look="quiet"
              aria-label={`Leave out ${section.label}`}
              onClick={() => onChange(sections.filter((_, k) => k !== i))}
            >
              Leave out
            </Button>
          </Box>
        </Flex>
      ))}
      <Button look="quiet" onClick={add}>
        Add a section
      </Button>
    </Box>
  );
}
