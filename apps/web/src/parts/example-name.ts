import { buildName, type RuleSheet } from '@able-frame/core';

/** What a file of this sheet would be called, with made-up details; undefined when no name can be built from them. */
export function exampleName(sheet: RuleSheet): string | undefined {
  const pattern = sheet.deliverables[0]?.name;
  if (!pattern) return undefined;
  const built = buildName(pattern, {
    title: 'Winter light',
    sectionCode: sheet.sections[0]?.code,
    placeInSection: 0,
    placeInSubmission: 0,
    details: Object.fromEntries(
      sheet.details.map(d => [
        d.id,
        d.shape.kind === 'digits'
          ? '0123456789'.slice(0, d.shape.count)
          : /number/i.test(d.label)
            ? '0123'
            : 'Halloway',
      ]),
    ),
  });
  return built.ok ? built.name : undefined;
}
