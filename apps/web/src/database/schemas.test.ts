import { describe, expect, it } from 'vitest';
import { BUILT_IN_SHEETS, noFacts, RULE_SHEET_VERSION, type FileFacts } from '@able-frame/core';
import { fileId, keptTextSchema, pictureSchema, submissionSchema } from './schemas.ts';

const salon = BUILT_IN_SHEETS[0]!;

describe('what an older program kept', () => {
  it('a submission under rules of version 1 is brought up to date', () => {
    const kept = submissionSchema.parse({
      id: 's',
      sheet: {
        ...salon,
        version: 1,
        declarations: [{ id: 'no-border', text: 'No picture has a border.' }],
      },
      details: {},
      order: [],
      ticked: [],
      createdAt: '',
      demo: false,
    });
    expect(kept.sheet.version).toBe(RULE_SHEET_VERSION);
    expect(kept.sheet.deliverables[0]?.rules.at(-1)).toMatchObject({ kind: 'overlay', allowed: false });
  });

  it('a picture whose newer facts were not measured counts them as absent', () => {
    const { camera, notes, pages, ...old } = noFacts('jpeg', 1000);
    const kept = pictureSchema.parse({
      id: 'p',
      submissionId: 's',
      fileName: 'a.jpg',
      title: 'A',
      sha256: 'x',
      facts: old as FileFacts,
      intake: { taken: true, remarks: [] },
    });
    expect([kept.facts.camera.state, kept.facts.notes.state, kept.facts.pages]).toEqual([
      'absent',
      'absent',
      1,
    ]);
    expect(kept.frames).toBeUndefined();
  });

  it('junk is no submission, and no text', () => {
    for (const junk of [null, {}, { id: 's', sheet: { version: 1 } }, 'x'])
      expect(submissionSchema.safeParse(junk).success).toBe(false);
    expect(keptTextSchema.safeParse({ id: 'x', text: 5 }).success).toBe(false);
  });
});

it('names a file by its picture and its kind', () => {
  expect(fileId('p', 'small')).toBe('p/small');
});
