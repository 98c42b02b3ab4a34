import { describe, expect, it } from 'vitest';
import { organiserOf, titleOf } from './heading-of.ts';

describe('the title of a text', () => {
  it.each([
    ['the first line', 'Winter league\n\nThree pictures each.', 'Winter league'],
    ['the subject of a mail', 'From: Perpetua Quill\nSubject: Re: Fwd: Round 2\n\nDear all,', 'Round 2'],
    [
      'the subject of a quoted mail',
      '> From: P. Quill\n> Subject: Photos for round 2\n> Hello',
      'Photos for round 2',
    ],
    [
      'what follows the greeting',
      'Hi everyone!\nThe December theme is Edges.',
      'The December theme is Edges.',
    ],
    ['a greeting, where there is nothing else', 'Dear all', 'Dear all'],
    [
      'what stands under the organiser',
      'FENWATER CAMERA CLUB\nRules 2026/27 (adopted in June)\n',
      'Rules 2026/27',
    ],
    ['the organiser over a rule', 'LOWMERE CAMERA CLUB\n\nFormat | JPEG\nSize: 2 MB', 'LOWMERE CAMERA CLUB'],
    [
      'the organiser over a framed table',
      'Fenwater Camera Club\n\n| Item | Rule |\n|---|---|\n| Format | JPEG |',
      'Fenwater Camera Club',
    ],
    [
      'the organiser over a sentence',
      'LONGREACH CLUB\n\nUp to 3 images per member. Pictures must be JPEG.',
      'LONGREACH CLUB',
    ],
    ['the organiser, where nothing stands below', 'Fenwater Camera Club', 'Fenwater Camera Club'],
    ['nothing', ' \n', ''],
  ])('is %s', (_, text, title) => {
    expect(titleOf(text)).toBe(title);
  });
});

describe('the organiser', () => {
  it.each([
    ['QUILLBROOK & DISTRICT CAMERA CLUB\nCompetition Rules', 'QUILLBROOK & DISTRICT CAMERA CLUB'],
    ['THE KELBROUGH MARSHES TRUST\nWild Places 2027', 'THE KELBROUGH MARSHES TRUST'],
    ['MARLOW QUAY BIENNIAL\n\n          Web     Archive\nFormat    JPEG    TIFF', undefined],
    ['Notes for entrants\nHartwell Mere Photographic Society, autumn', 'Hartwell Mere Photographic Society'],
    ['Museum of Stones and Bones: record photographs', 'Museum of Stones and Bones'],
    ['NORTHERN JOURNAL OF PHOTOGRAPHY\nissue 7', 'NORTHERN JOURNAL OF PHOTOGRAPHY'],
    ['The club meets on Thursdays.', undefined],
    ['Please send JPEGs.', undefined],
  ])('of %j is %j', (text, organiser) => {
    expect(organiserOf(text)).toBe(organiser);
  });

  // Names parted in every way would take for ever here; a run that does not end fails by the runner's limit.
  it.each(['A', 'A-', 'A ', 'the ', 'Club of A', 'and A'])('is looked for in %j over and over', seed => {
    expect(organiserOf(`Camera Club of ${seed.repeat(1000)}-`)?.length ?? 0).toBeLessThanOrEqual(80);
  });
});
