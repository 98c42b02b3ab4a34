import { Box, chakra } from '@chakra-ui/react';
import {
  capitalised,
  explainRule,
  wordNamePattern,
  wordRule,
  type RuleSheet,
  type SheetDraft,
} from '@able-frame/core';
import { exampleName } from '../../parts/example-name.ts';

interface Props {
  draft: SheetDraft;
  lit: string | undefined;
  onLight: (id: string | undefined) => void;
}

/** What a text became, line by line; a line can be pointed at or reached by key. */
export function DraftList({ draft, lit, onLight }: Props) {
  const { sheet } = draft;
  const rules = sheet.deliverables[0]?.rules ?? [];
  return (
    <>
      <chakra.ul listStyleType="none" background="sheet" borderWidth="1px" borderColor="line">
        {draft.lines.map(({ id }) => {
          const rule = rules.find(r => r.id === id);
          const [title, below] = rule
            ? [capitalised(wordRule(rule)), explainRule(rule.kind)]
            : sheetLine(sheet, id);
          return (
            <chakra.li
              key={id}
              tabIndex={0}
              padding="9px 14px"
              borderBottomWidth="1px"
              borderColor="hair"
              borderLeftWidth="3px"
              borderLeftColor={lit === id ? 'accent' : 'transparent'}
              background={lit === id ? 'accentWash' : undefined}
              onMouseEnter={() => onLight(id)}
              onMouseLeave={() => onLight(undefined)}
              onFocus={() => onLight(id)}
              onBlur={() => onLight(undefined)}
            >
              <strong>{title}</strong>
              {rule?.level === 'advice' && <chakra.span color="inkSoft"> (advice)</chakra.span>}
              <chakra.div color="inkSoft" fontSize="cell">
                {below}
              </chakra.div>
            </chakra.li>
          );
        })}
      </chakra.ul>
      {draft.notHeld.length > 0 && (
        <Box marginTop="12px">
          <chakra.h3 fontWeight="600" color="inkSoft">
            Yours to look after: this program does not do it
          </chakra.h3>
          <chakra.ul paddingLeft="20px" listStyleType="square">
            {draft.notHeld.map(item => (
              <li key={item.text}>{item.text}</li>
            ))}
          </chakra.ul>
        </Box>
      )}
    </>
  );
}

/** Lines that concern the whole sheet. */
function sheetLine(sheet: RuleSheet, id: string): [string, string] {
  switch (id) {
    case 'sections':
      return [
        sheet.sections.map(s => `${s.label}${s.limit === undefined ? '' : `: ${s.limit}`}`).join(', '),
        'The sections, with how many pictures each takes.',
      ];
    case 'entries':
      return [`Up to ${sheet.maxEntries} in all`, 'The number of pictures.'];
    case 'closes':
      return [
        sheet.closes
          ? `Closes ${sheet.closes.at.replace('T', ', ')}${sheet.closes.zone ? ` ${sheet.closes.zone}` : ''}`
          : 'Closing date not clear',
        'Where no time is given, the end of the day is taken.',
      ];
    case 'name':
      return [nameLine(sheet), 'The file name, with an example.'];
    default:
      return [sheet.declarations.map(d => d.text).join(' '), 'Yours to declare when you hand in.'];
  }
}

function nameLine(sheet: RuleSheet): string {
  const pattern = sheet.deliverables[0]?.name;
  if (!pattern) return 'Name';
  const labels = Object.fromEntries(sheet.details.map(d => [d.id, d.label]));
  const example = exampleName(sheet);
  return `${capitalised(wordNamePattern(pattern, labels))}${example ? `: ${example}` : ''}`;
}
