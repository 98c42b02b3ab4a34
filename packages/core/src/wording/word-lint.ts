import type { SheetFault } from '../lint/lint-sheet.ts';
import { wordCount, wordSize } from './numbers.ts';
import { FORMAT_WORDS } from './word-format.ts';

/** A fault of a rule sheet: what was found, and what to do about it. */
export function wordSheetFault(fault: SheetFault): string {
  switch (fault.code) {
    case 'least-above-greatest':
      return `At least ${figureOf(fault.what, fault.least)} and at most ${figureOf(fault.what, fault.greatest)} ${fault.what} cannot both be met. Look at the organiser’s text for the right one.`;
    case 'sizes-contradict':
      return 'No size in pixels meets all the size rules together. Look at the organiser’s text for the one that counts.';
    case 'no-whole-pixels':
      return `No size in whole pixels has the asked ratio inside these limits.${fault.nearest ? ` The nearest is ${wordSize(fault.nearest.widthPx, fault.nearest.heightPx)}.` : ''} Ask the organiser how exact the ratio has to be.`;
    case 'ceiling-too-low':
      return `${wordCount(fault.maxBytes)} bytes are very few for ${wordSize(fault.widthPx, fault.heightPx)}: most photographs will look coarse. Ask the organiser whether the weight is right.`;
    case 'floor-too-high':
      return `A JPEG of ${wordSize(fault.widthPx, fault.heightPx)} does not reach ${wordCount(fault.minBytes)} bytes. Ask the organiser whether the weight is right.`;
    case 'extension-of-another-format':
      return `Names end in .${fault.extension}, but the files are ${fault.formats.map(f => FORMAT_WORDS[f]).join(' or ')}.`;
    case 'depth-without-format':
      return `16 bits are asked, and ${fault.formats.map(f => FORMAT_WORDS[f]).join(' or ')} holds 8. Ask the organiser which of the two is meant.`;
    case 'author-in-name':
      return `Entries are anonymous, but the file name holds the entrant’s ${fault.label.toLowerCase()}.`;
    case 'metadata-contradicts':
      return `The ${fault.field} has to be in the file and must not be in it. Look at the organiser’s text for the one that counts.`;
    case 'monochrome-in-colour-section':
      return `Files must be monochrome, but the section ${fault.label} takes colour alone.`;
    case 'section-not-there':
      return `A kind of file is asked for the section ${fault.section}, which this sheet does not have.`;
    case 'name-always-too-long':
      return `A name has at least ${fault.leastLength} characters, and at most ${fault.maxLength} are allowed. Shorten the parts of the name.`;
    case 'too-few-digits':
      return `The running number goes up to ${fault.greatestNumber} and has only ${fault.digits} ${fault.digits === 1 ? 'digit' : 'digits'}. Give it more digits.`;
    case 'names-repeat':
      return 'Every picture would get the same file name. Put a title or a running number into the name.';
    case 'section-without-code-in-name':
      return 'The running number begins anew in every section, and the name does not say which section: names will repeat. Put the section into the name.';
    case 'closed':
      return `The closing date, ${fault.at.replace('T', ' at ')}, has passed. Look for the organiser’s latest text.`;
  }
}

/** Pixels stand without a mark between their digits, as everywhere on a sheet; bytes are counted in thousands. */
const figureOf = (what: 'pixels' | 'bytes' | 'megapixels', value: number) =>
  what === 'bytes' ? wordCount(value) : String(value);

/** What a mend would do, for a button. Only for faults that can be mended. */
export function wordMend(fault: SheetFault): string {
  switch (fault.code) {
    case 'least-above-greatest':
      return 'Swap the two';
    case 'sizes-contradict':
      return 'Leave the last of them out';
    case 'no-whole-pixels':
      return fault.nearest
        ? `Allow ${wordSize(fault.nearest.widthPx, fault.nearest.heightPx)}`
        : 'Allow the nearest size';
    case 'ceiling-too-low':
    case 'depth-without-format':
      return 'Take it as advice';
    case 'floor-too-high':
      return 'Leave the least weight out';
    case 'extension-of-another-format':
      return 'Change the ending';
    case 'name-always-too-long':
      return 'Leave the greatest length out';
    case 'too-few-digits':
      return `Use ${String(fault.greatestNumber).length} digits`;
    case 'names-repeat':
      return 'Add a running number';
    case 'section-without-code-in-name':
      return 'Put the section first';
    case 'author-in-name':
      return 'Take it out of the name';
    case 'metadata-contradicts':
      return 'Leave it out of the file';
    case 'monochrome-in-colour-section':
      return 'Let the section take any picture';
    case 'section-not-there':
      return 'Forget that section';
    case 'closed':
      return 'Take the date off';
  }
}
