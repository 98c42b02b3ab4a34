import { Box, chakra } from '@chakra-ui/react';
import type { DraftLine, Question } from '@able-frame/core';
import { markText } from './mark-text.ts';

interface Props {
  text: string;
  lines: readonly DraftLine[];
  questions: readonly Question[];
  lit: string | undefined;
  onLight: (id: string | undefined) => void;
}

/** The organiser's text with the words that became rules underlined. */
export function MarkedText({ text, lines, questions, lit, onLight }: Props) {
  return (
    <Box
      background="sheet"
      borderWidth="1px"
      borderColor="line"
      padding="18px 24px"
      whiteSpace="pre-wrap"
      overflowWrap="anywhere"
      lineHeight="1.7"
    >
      {markText(text, lines, questions).map((run, i) => {
        if (!run.lines.length)
          return (
            <chakra.span key={i} color={run.isClaimed ? 'ink' : 'inkSoft'}>
              {run.text}
            </chakra.span>
          );
        const isLit = lit !== undefined && run.lines.includes(lit);
        return (
          <chakra.mark
            key={i}
            color="ink"
            background={isLit ? 'accentWash' : 'transparent'}
            borderBottomWidth="2px"
            borderBottomStyle={run.isDoubtful ? 'dashed' : 'solid'}
            borderColor={run.isDoubtful ? 'needsYou' : 'accent'}
            onMouseEnter={() => onLight(run.lines[0])}
            onMouseLeave={() => onLight(undefined)}
          >
            {run.text}
          </chakra.mark>
        );
      })}
    </Box>
  );
}
