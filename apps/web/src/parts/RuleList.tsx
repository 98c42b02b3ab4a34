import { Box, chakra, Flex } from '@chakra-ui/react';
import {
  capitalised,
  declarationsOf,
  exampleName,
  explainRule,
  GROUP_WORDS,
  RULE_GROUPS,
  wordBytes,
  wordCount,
  wordNamePart,
  wordRule,
  wordShape,
  type Deliverable,
  type Rule,
  type RuleSheet,
} from '@able-frame/core';

/** A rule sheet as a person reads it: every rule in a few words, why it is there, and the organiser's sentence. */
export function RuleList({ sheet }: { sheet: RuleSheet }) {
  const several = sheet.deliverables.length > 1;
  return (
    <>
      {sheet.deliverables.map(deliverable => (
        <Box key={deliverable.id} marginBottom="14px">
          {several && (
            <chakra.h3 fontWeight="600" fontSize="title" marginBottom="6px">
              {deliverable.label}
              {deliverable.sections && (
                <chakra.span fontWeight="400" color="inkSoft">
                  {' '}
                  for {deliverable.sections.map(code => sectionLabel(sheet, code)).join(', ')}
                </chakra.span>
              )}
            </chakra.h3>
          )}
          <List>
            {RULE_GROUPS.map(({ group, kinds }) => {
              const own = deliverable.rules.filter(rule =>
                (kinds as readonly Rule['kind'][]).includes(rule.kind),
              );
              return own.length ? (
                <Group key={group} title={GROUP_WORDS[group]}>
                  {own.map(rule => (
                    <RuleLine key={rule.id} rule={rule} />
                  ))}
                </Group>
              ) : null;
            })}
            <Group title="Name">
              <NameLine sheet={sheet} deliverable={deliverable} />
            </Group>
          </List>
        </Box>
      ))}
      <List>
        <Group title="Entry">
          <EntryLines sheet={sheet} />
        </Group>
      </List>
    </>
  );
}

const sectionLabel = (sheet: RuleSheet, code: string) =>
  sheet.sections.find(s => s.code === code)?.label ?? code;

function List({ children }: { children: React.ReactNode }) {
  return (
    <chakra.dl
      borderWidth="1px"
      borderColor="line"
      background="sheet"
      margin="0"
      css={{ breakInside: 'avoid' }}
    >
      {children}
    </chakra.dl>
  );
}

function Group({ title, children }: { title: string; children: React.ReactNode }) {
  return (
    <Flex
      borderBottomWidth="1px"
      borderColor="hair"
      _last={{ borderBottomWidth: '0' }}
      direction={{ base: 'column', sm: 'row' }}
      className="card-group"
    >
      <chakra.dt width={{ sm: '104px' }} flex="none" padding="10px 14px 4px" fontWeight="600" color="inkSoft">
        {title}
      </chakra.dt>
      <chakra.dd flex="1" margin="0" borderLeftWidth={{ sm: '1px' }} borderColor="hair">
        {children}
      </chakra.dd>
    </Flex>
  );
}

function Line({ children }: { children: React.ReactNode }) {
  return (
    <Box
      className="card-line"
      padding="10px 14px"
      borderBottomWidth="1px"
      borderColor="hair"
      _last={{ borderBottomWidth: '0' }}
    >
      {children}
    </Box>
  );
}

function RuleLine({ rule }: { rule: Rule }) {
  return (
    <Line>
      <Flex gap="12px" justify="space-between">
        <chakra.strong fontWeight="600">
          {capitalised(wordRule(rule))}
          {rule.kind === 'bytes' && rule.written ? (
            <chakra.span fontWeight="400"> (written “{rule.written}”)</chakra.span>
          ) : null}
        </chakra.strong>
        {rule.level === 'advice' && (
          <chakra.span
            borderWidth="1px"
            borderColor="line"
            paddingInline="6px"
            color="inkSoft"
            fontSize="cell"
            height="fit-content"
          >
            advice
          </chakra.span>
        )}
      </Flex>
      <chakra.div color="inkSoft" fontSize="cell">
        {explainRule(rule.kind)}
        {rule.quote && (
          <chakra.q display="block" marginTop="2px">
            {rule.quote}
          </chakra.q>
        )}
      </chakra.div>
    </Line>
  );
}

function NameLine({ sheet, deliverable }: { sheet: RuleSheet; deliverable: Deliverable }) {
  const pattern = deliverable.name;
  const labels = Object.fromEntries(sheet.details.map(d => [d.id, d.label]));
  const example = exampleName(sheet, deliverable);
  return (
    <Line>
      <Flex gap="6px" wrap="wrap" align="center">
        {pattern.parts.map((part, i) =>
          part.kind === 'text' ? (
            <chakra.code key={i} fontFamily="measure">
              {part.text}
            </chakra.code>
          ) : (
            <chakra.span key={i} borderWidth="1.5px" borderColor="ink" paddingInline="8px" paddingBlock="1px">
              {capitalised(wordNamePart(part, labels))}
            </chakra.span>
          ),
        )}
      </Flex>
      {example && (
        <chakra.div fontFamily="measure" fontSize="measure" color="inkSoft" marginTop="4px">
          {example}
        </chakra.div>
      )}
    </Line>
  );
}

function EntryLines({ sheet }: { sheet: RuleSheet }) {
  return (
    <>
      {sheet.sections.length > 0 && (
        <Line>
          {sheet.sections.map((s, i) => (
            <span key={s.code}>
              {i > 0 && ', '}
              {s.label} ({s.code}){s.picture && `, ${s.picture}`}
              {s.limit !== undefined && <strong> up to {s.limit}</strong>}
            </span>
          ))}
        </Line>
      )}
      {sheet.maxEntries !== undefined && (
        <Line>
          Up to <strong>{sheet.maxEntries}</strong> {sheet.maxEntries === 1 ? 'picture' : 'pictures'} in all
        </Line>
      )}
      {sheet.maxFiles !== undefined && (
        <Line>
          Up to <strong>{sheet.maxFiles}</strong> files in all
        </Line>
      )}
      {sheet.maxTotal && (
        <Line>
          All files together at most{' '}
          <strong>{sheet.maxTotal.written ?? wordBytes(sheet.maxTotal.bytes)}</strong>, taken as{' '}
          {wordCount(sheet.maxTotal.bytes)} bytes
        </Line>
      )}
      {sheet.closes && (
        <Line>
          Closes {sheet.closes.at.replace('T', ', ')}
          {sheet.closes.zone && ` ${sheet.closes.zone}`}
        </Line>
      )}
      {sheet.details.length > 0 && (
        <Line>Asked of you: {sheet.details.map(d => `${d.label} (${wordShape(d.shape)})`).join(', ')}</Line>
      )}
      {declarationsOf(sheet).map(d => (
        <Line key={d.id}>Yours to declare: {d.text}</Line>
      ))}
      {sheet.checkedOn && <Line>Rules last checked on {sheet.checkedOn}</Line>}
    </>
  );
}
