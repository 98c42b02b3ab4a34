/** What organisers call a section, and several of them, as pattern text. */
export const SECTION =
  '(?:(?:subject )?sections?|class(?:es)?|categor(?:y|ies)|themes?|topics?|divisions?|age groups?|groups?(?<=\\b(?:per|each|any|every) groups?)|groups(?=:))';
export const SECTIONS = '(?:(?:subject )?sections|classes|categories|themes|topics|divisions|age groups)';
