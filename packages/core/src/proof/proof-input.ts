import type { FileFacts } from '../inspect/facts.ts';
import type { NameContext } from '../naming/match-name.ts';
import type { PixelSize } from '../plan/pixel-size.ts';
import type { RuleOf } from '../rules/rule.ts';
import type { Deliverable } from '../rules/rule-sheet.ts';

/** Result of a full decode by a decoder that is not the one that made the file. */
export type SecondDecode =
  | {
      outcome: 'decoded';
      widthPx: number;
      heightPx: number;
      /** Greatest difference between the channels of any pixel, 0 to 255, where it was measured. */
      hue?: number | undefined;
    }
  | { outcome: 'failed'; why: string };

export interface ProofInput {
  deliverable: Deliverable;
  /** From inspectFile on the finished bytes. */
  facts: FileFacts;
  fileName: string;
  /** The name the plan gave; undefined for a file made elsewhere, which is held against the pattern. */
  expectedName: string | undefined;
  /** Sections and details that the name pattern draws on. */
  sheet: NameContext;
  decode: SecondDecode;
  /** Output pixels per source pixel, where the original is known. */
  scale: number | undefined;
  /** Upright size of the original, where it is known. */
  source?: PixelSize | undefined;
  /** Whether this program made the file, and so knows that it added nothing to the picture. */
  isOurs: boolean;
  /** Texts that were to be written into the file. */
  expectedTexts?: Partial<Record<RuleOf<'metadata'>['field'], string | undefined>> | undefined;
  /** Whether the picture's section takes monochrome alone. */
  inMonochromeSection?: boolean | undefined;
}
