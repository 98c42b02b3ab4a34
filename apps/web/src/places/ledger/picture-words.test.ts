import { expect, it } from 'vitest';
import { BUILT_IN_SHEETS, noFacts, type Deliverable, type FileFacts } from '@able-frame/core';
import type { Picture } from '../../database/schemas.ts';
import { wordPicture } from './picture-words.ts';

const at = { offset: 0, length: 1, structure: 'test' };
const present = <T>(value: T) => ({ state: 'present' as const, value, at });
const picture = (facts: Partial<FileFacts>): Picture => ({
  id: 'p',
  submissionId: 's',
  fileName: 'a.jpg',
  title: 'A',
  sha256: 'x',
  facts: { ...noFacts('jpeg', 1000), widthPx: present(6000), heightPx: present(4000), ...facts },
  intake: { taken: true, remarks: [] },
});
const deliverable = (id: string): Deliverable => {
  const found = BUILT_IN_SHEETS.find(sheet => sheet.id === id)?.deliverables[0];
  if (!found) throw new Error(`no sheet ${id}`);
  return found;
};

it('says what a picture is beside its pixels, and its size on paper where the sheet asks for one', () => {
  const plain = deliverable('lantern-house-salon');
  expect(wordPicture(picture({}), plain)).toMatch(/^24 megapixels/);
  const turned = picture({
    orientation: present(6),
    bitDepth: present(16),
    dateTaken: present('2026:08:14 19:20:00'),
  });
  expect(wordPicture(turned, plain)).toContain('16 bits · turned upright');
  expect(wordPicture(turned, plain)).toContain('taken 2026-08-14');
  // 6000 pixels at 300 ppi are 20 inches, 508 mm.
  expect(wordPicture(picture({}), deliverable('pilot-boat-prints'))).toMatch(/508 × 339 mm|50\.8 × 33\.9 cm/);
  expect(wordPicture(picture({}), deliverable('quay-street-open-call'))).toBe('24 megapixels');
});

it('says nothing of a picture that was not taken', () => {
  const refused = { ...picture({}), intake: { taken: false as const, refusal: { code: 'empty' as const } } };
  expect(wordPicture(refused, deliverable('quay-street-open-call'))).toBe('');
});
