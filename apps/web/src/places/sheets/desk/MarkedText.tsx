import { Box, chakra } from '@chakra-ui/react';
import { useMemo, useRef } from 'react';
import { sentencesOf, type DraftLine, type Question } from '@able-frame/core';
import type { Lighting } from './LitLine.tsx';
import { markText, trimmedSpan, type Span } from './mark-text.ts';

interface Props extends Lighting {
  text: string;
  lines: readonly DraftLine[];
  questions: readonly Question[];
  /** Words that the person has marked. */
  marked: Span | undefined;
  onMark: (span: Span | undefined) => void;
}

/** The organiser's text with the words that became rules underlined. */
export function MarkedText({ text, lines, questions, lit, onLight, marked, onMark }: Props) {
  const box = useRef<HTMLDivElement>(null);
  const sentences = useMemo(() => sentencesOf(text), [text]);
  const mark = () => {
    const span = box.current && selectedSpan(box.current);
    if (span) onMark(trimmedSpan(text, span));
  };
  return (
    <Box
      ref={box}
      onMouseUp={mark}
      onTouchEnd={mark}
      onKeyUp={mark}
      background="sheet"
      borderWidth="1px"
      borderColor="line"
      padding="18px 24px"
      whiteSpace="pre-wrap"
      overflowWrap="anywhere"
      lineHeight="1.7"
    >
      {markText(text, sentences, lines, questions, marked).map(run => {
        const isLit = lit !== undefined && run.lines.includes(lit);
        const background = run.isMarked ? 'needsYouWash' : isLit ? 'accentWash' : 'transparent';
        if (!run.lines.length)
          return (
            <chakra.span
              key={run.start}
              data-from={run.start}
              color={run.isClaimed ? 'ink' : 'inkSoft'}
              background={background}
              // The second of two statements that contradict gives no rule, and is what the doubt is about.
              {...(run.isDoubtful && {
                borderBottomWidth: '2px',
                borderBottomStyle: 'dashed',
                borderColor: 'needsYou',
              })}
            >
              {run.text}
            </chakra.span>
          );
        return (
          <chakra.mark
            key={run.start}
            data-from={run.start}
            color="ink"
            background={background}
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

/** The selection inside an element, as places in the text that its runs were cut from. */
function selectedSpan(box: HTMLElement): Span | undefined {
  const selection = window.getSelection();
  if (!selection || selection.isCollapsed || selection.rangeCount === 0) return undefined;
  const range = selection.getRangeAt(0);
  const start = placeOf(box, range.startContainer, range.startOffset);
  const end = placeOf(box, range.endContainer, range.endOffset);
  return start === undefined || end === undefined || end <= start ? undefined : { start, end };
}

function placeOf(box: HTMLElement, node: Node, offset: number): number | undefined {
  const run = (node instanceof Element ? node : node.parentElement)?.closest<HTMLElement>('[data-from]');
  if (!run || !box.contains(run)) return undefined;
  return Number(run.dataset['from']) + (node.nodeType === Node.TEXT_NODE ? offset : 0);
}
