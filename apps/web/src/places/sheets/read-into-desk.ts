import { NOT_NAMED, organiserOf, readRules, sheetFromReading, titleOf } from '@able-frame/core';
import { layOut, type DeskSheet } from '../../store/sheet-desk-store.ts';

/**
 * Reads an organiser's text and lays the sheet it gives on the desk.
 * @throws Error with a sentence when the text is too long or asks for no file
 */
export function readIntoDesk(text: string, today: string): void {
  layOut(readText(text, today));
}

/** @throws Error with a sentence, as readIntoDesk */
export function readText(text: string, today: string): DeskSheet {
  const reading = readRules(text);
  const title = titleOf(text);
  const draft = sheetFromReading(reading, text, {
    id: idFrom(title),
    title: title || 'Untitled',
    organiser: organiserOf(text) ?? NOT_NAMED,
    today,
  });
  if (!draft)
    throw new Error(
      'No file is asked for in this text, as far as it was understood. Paste the part about the files, or begin without a text.',
    );
  return {
    sheet: draft.sheet,
    text,
    lines: draft.lines,
    questions: reading.questions,
    notHeld: draft.notHeld.map(item => item.text),
    replaces: undefined,
  };
}

/** A sheet's id from its title: what may stand in a file name and an address. */
export function idFrom(title: string): string {
  const plain = title
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 60);
  return plain || 'rule-sheet';
}
