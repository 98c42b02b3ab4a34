import type { SheetFault } from '../lint/lint-sheet.ts';
import { wordCount, wordSize } from './numbers.ts';

/** A fault of a rule sheet: what was found, and what to do about it. */
export function wordSheetFault(fault: SheetFault): string {
  switch (fault.code) {
    case 'least-above-greatest':
      return `At least ${wordCount(fault.least)} and at most ${wordCount(fault.greatest)} ${fault.what} cannot both be met. Look at the organiser’s text for the right one.`;
    case 'sizes-contradict':
      return 'No size in pixels meets all the size rules together. Look at the organiser’s text for the one that counts.';
    case 'no-whole-pixels':
      return `No size in whole pixels has the asked ratio inside these limits.${fault.nearest ? ` The nearest is ${wordSize(fault.nearest.widthPx, fault.nearest.heightPx)}.` : ''} Ask the organiser how exact the ratio has to be.`;
    case 'ceiling-too-low':
      return `${wordCount(fault.maxBytes)} bytes are very few for ${wordSize(fault.widthPx, fault.heightPx)}: most photographs will look coarse. Ask the organiser whether the weight is right.`;
    case 'floor-too-high':
      return `A JPEG of ${wordSize(fault.widthPx, fault.heightPx)} does not reach ${wordCount(fault.minBytes)} bytes. Ask the organiser whether the weight is right.`;
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
