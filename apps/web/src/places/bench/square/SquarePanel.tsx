import { Box, chakra, Flex } from '@chakra-ui/react';
import { wordRatio, wordUncertainty, type PixelSize, type SquareUp } from '@able-frame/core';
import { Button } from '../../../parts/controls.tsx';
import { NumberField } from '../../../parts/fields.tsx';
import type { Preview } from '../../../workers/previews.ts';
import { PulledTrue } from './PulledTrue.tsx';
import type { SquareDraft } from './use-square-draft.ts';

interface Props {
  source: PixelSize;
  preview: Preview;
  draft: SquareDraft;
  /** Whether the picture is pulled true already. */
  isSquared: boolean;
  /** Undefined: the picture stands as it was taken. */
  onDone: (square: SquareUp | undefined) => void;
  onCancel: () => void;
}

const FAULT_WORDS = {
  crossed:
    'The corners cross. Put them round the artwork once: upper left, upper right, lower right, lower left.',
  'too-small': 'The corners lie too close together. Put them on the corners of the artwork.',
} as const;

/** What the artwork truly is, and how it looks once it is pulled true. */
export function SquarePanel({ source, preview, draft, isSquared, onDone, onCancel }: Props) {
  const { corners, ratio, fault } = draft;
  return (
    <Flex as="section" aria-label="Square up" direction="column" gap="14px">
      <chakra.p color="inkSoft" fontSize="cell">
        Put the four corners on those of the artwork. It is pulled to a true rectangle, and framed after that.
      </chakra.p>
      <RatioChoice draft={draft} />
      <Box aria-live="polite">
        {fault ? (
          <chakra.p color="needsYou" fontWeight="600">
            {FAULT_WORDS[fault]}
          </chakra.p>
        ) : ratio === undefined ? (
          <chakra.p color="needsYou">Type the width and the height of the artwork.</chakra.p>
        ) : (
          <PulledTrue source={source} preview={preview} square={{ corners, ratio }} />
        )}
      </Box>
      <Flex gap="8px" wrap="wrap">
        <Button
          look="main"
          disabled={ratio === undefined}
          onClick={() => ratio !== undefined && onDone({ corners, ratio })}
        >
          Pull it true
        </Button>
        {isSquared && <Button onClick={() => onDone(undefined)}>As it was taken</Button>}
        <Button look="quiet" onClick={onCancel}>
          Change nothing
        </Button>
      </Flex>
    </Flex>
  );
}

function RatioChoice({ draft }: { draft: SquareDraft }) {
  const { estimate, ratioFrom, known, setKnown, setRatioFrom } = draft;
  return (
    <chakra.fieldset>
      <chakra.legend fontSize="cell" fontWeight="600">
        True proportions
      </chakra.legend>
      <chakra.label display="flex" gap="8px" alignItems="baseline" minHeight="28px">
        <input
          type="radio"
          name="ratio-from"
          checked={ratioFrom === 'estimate'}
          onChange={() => setRatioFrom('estimate')}
        />
        <span>
          Estimated from the perspective
          {estimate && (
            <chakra.span display="block" fontSize="cell" color="inkSoft">
              <chakra.span fontFamily="measure">{wordRatio(estimate.ratio)}</chakra.span>,{' '}
              {wordUncertainty(estimate.uncertainty)}
            </chakra.span>
          )}
        </span>
      </chakra.label>
      <chakra.label display="flex" gap="8px" alignItems="baseline" minHeight="28px">
        <input
          type="radio"
          name="ratio-from"
          checked={ratioFrom === 'known'}
          onChange={() => setRatioFrom('known')}
        />
        <span>As I know it, in any unit</span>
      </chakra.label>
      <Flex gap="8px 14px" marginLeft="24px">
        <NumberField
          label="True width"
          hint="12 in, 30 cm: the number alone."
          allowsFraction
          isOptional
          value={known.width}
          onChange={width => {
            if (width === 0) return false;
            setKnown({ ...known, width });
            return true;
          }}
        />
        <NumberField
          label="True height"
          hint="In the same unit."
          allowsFraction
          isOptional
          value={known.height}
          onChange={height => {
            if (height === 0) return false;
            setKnown({ ...known, height });
            return true;
          }}
        />
      </Flex>
    </chakra.fieldset>
  );
}
