import type { Deliverable, DetailShape, RuleSheet } from '../rules/rule-sheet.ts';
import { buildName } from './build-name.ts';

/** Made-up details that have the shapes a sheet asks for. */
export function exampleDetails(sheet: Pick<RuleSheet, 'details'>): Record<string, string> {
  return Object.fromEntries(sheet.details.map(d => [d.id, exampleOf(d.shape, d.label)]));
}

/** What a file of a sheet would be called; undefined when no name can be built even from made-up details. */
export function exampleName(sheet: RuleSheet, deliverable: Deliverable): string | undefined {
  const built = buildName(deliverable.name, {
    title: 'Winter light',
    sectionCode: deliverable.sections?.[0] ?? sheet.sections[0]?.code,
    placeInSection: 0,
    placeInSubmission: 0,
    details: exampleDetails(sheet),
    deliverable: deliverable.label,
    takenOn: '2026-11-01',
    closesOn: sheet.closes?.at.slice(0, 10) ?? '2027-02-14',
  });
  return built.ok ? built.name : undefined;
}

function exampleOf(shape: DetailShape, label: string): string {
  switch (shape.kind) {
    case 'any':
      if (/number|year/i.test(label)) return '0123';
      return /\b(?:first|given) name/i.test(label) ? 'Ines' : 'Halloway';
    case 'digits':
      return '01234567890123456789'.slice(0, shape.count);
    case 'letters':
      return 'ABCDEFGHIJKLMNOPQRST'.slice(0, shape.count);
    case 'letters-digits':
      return 'ABCDEFGHIJ'.slice(0, shape.letters) + '0123456789'.slice(0, shape.digits);
    case 'one-of':
      return shape.options[0] ?? '';
  }
}
