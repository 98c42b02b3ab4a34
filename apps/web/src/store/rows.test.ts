import { describe, expect, it } from 'vitest';
import { BUILT_IN_SHEETS, cutKey, PLAIN_FRAME, noFacts, present, type Finding } from '@able-frame/core';
import type { Made, Picture, Submission } from '../database/schemas.ts';
import { ledgerSentence } from '../places/ledger/ledger-sentence.ts';
import { asksForCut, wordFrame, wordTroubles } from '../places/ledger/row-words.ts';
import { countStates, deriveRows, detailFault, type Row } from './rows.ts';

const sheet = BUILT_IN_SHEETS.find(s => s.id === 'tideline-winter-salon')!;
const at = { offset: 0, length: 1, structure: 'SOF0' };
const labels = { details: { 'member-number': 'Member number' } };

function picture(id: string, widthPx: number, heightPx: number, change: Partial<Picture> = {}): Picture {
  return {
    id,
    submissionId: 's',
    fileName: `${id}.jpg`,
    title: `Picture ${id}`,
    sectionCode: 'OC',
    sha256: id,
    facts: { ...noFacts('jpeg', 1000), widthPx: present(widthPx, at), heightPx: present(heightPx, at) },
    intake: { taken: true, remarks: [] },
    ...change,
  };
}

function rowsOf(
  pictures: Picture[],
  change: { submission?: Partial<Submission>; made?: Made[]; running?: string[] } = {},
): Row[] {
  const submission: Submission = {
    id: 's',
    sheet,
    details: { 'member-number': '0417' },
    order: pictures.map(p => p.id),
    ticked: [],
    createdAt: '',
    demo: false,
    ...change.submission,
  };
  const running = change.running?.map(id => [`${id}/screen`, 'opening'] as const);
  return deriveRows({
    submission,
    pictures: new Map(pictures.map(p => [p.id, p])),
    made: new Map((change.made ?? []).map(m => [m.id, m])),
    run: running && { total: 1, done: 0, stages: new Map(running), cancel: () => undefined },
  });
}

const finding = (verdict: Finding['verdict']): Finding => ({
  asked: { kind: 'file-is-whole', id: 'file-is-whole', level: 'must' },
  verdict,
  found: { kind: 'whole' },
  at: undefined,
});
const madeFor = (row: Row, verdict: Finding['verdict']): Made => ({
  id: row.id,
  pictureId: row.picture.id,
  deliverableId: row.deliverable.id,
  submissionId: 's',
  planKey: row.planKey,
  result: {
    kind: 'file',
    name: 'x.jpg',
    blob: new Blob(['x']),
    sha256: 'x',
    quality: 90,
    findings: [finding(verdict)],
  },
});
const first = (rows: Row[]): Row => rows[0]!;

describe('where a picture stands', () => {
  it('is ready when nothing is in its way', () => {
    expect(first(rowsOf([picture('a', 6000, 4000)])).state).toBe('ready');
  });

  it('needs the person for a visible cut, a missing section or a missing number, and says for what', () => {
    const cut = first(rowsOf([picture('a', 5200, 3900)]));
    expect(cut.state).toBe('needs-you');
    expect(asksForCut(cut)).toBe(true);
    expect(wordFrame(cut)).toEqual(['Trim', '11 % of the height']);
    expect(wordTroubles(cut, labels)[0]).toBe(
      'A cut from the middle takes off 11 % of the height, above and below alike.',
    );
    expect(wordTroubles(cut, labels, false)).toEqual([]);

    const without = picture('b', 6000, 4000);
    delete without.sectionCode;
    const section = first(rowsOf([without]));
    expect(wordTroubles(section, labels)).toEqual(['The file name needs a section. Choose one.']);

    const number = first(
      rowsOf([picture('c', 6000, 4000)], { submission: { details: { 'member-number': '41' } } }),
    );
    expect(wordTroubles(number, labels)).toEqual([
      'The file name needs your member number. Fill it in above.',
    ]);
  });

  it('accepts a cut once, and for that cut alone', () => {
    const asked = first(rowsOf([picture('a', 5200, 3900)]));
    const plan = asked.entry.plan;
    if (!plan || plan.state === 'cannot') throw new Error('expected a plan');
    const acceptedCuts = { screen: cutKey(plan.job) };
    expect(first(rowsOf([picture('a', 5200, 3900, { acceptedCuts })])).state).toBe('ready');
    expect(first(rowsOf([picture('a', 5200, 4400, { acceptedCuts })])).state).toBe('needs-you');
  });

  it('is broken when it is too small or was not taken', () => {
    const small = first(rowsOf([picture('a', 1920, 1280)]));
    expect(small.state).toBe('broken');
    expect(wordTroubles(small, labels)[0]).toMatch(/^480 pixels too narrow for 2400 × 1600/);
    const refused = first(
      rowsOf([picture('b', 1, 1, { intake: { taken: false, refusal: { code: 'empty' } } })]),
    );
    expect(refused).toMatchObject({ state: 'broken', place: undefined });
  });

  it('is proven by its own result, and ready again when anything that the result was made from changes', () => {
    const row = first(rowsOf([picture('a', 6000, 4000)]));
    const made = [madeFor(row, 'met')];
    expect(first(rowsOf([picture('a', 6000, 4000)], { made })).state).toBe('proven');
    expect(first(rowsOf([picture('a', 6000, 4000, { title: 'Another' })], { made })).state).toBe('ready');
    expect(
      first(
        rowsOf([picture('a', 6000, 4000)], { made, submission: { details: { 'member-number': '0418' } } }),
      ).state,
    ).toBe('ready');
    const moved = rowsOf([picture('z', 6000, 4000), picture('a', 6000, 4000)], { made });
    expect(moved[1]?.state).toBe('ready');
  });

  it('is never proven by a broken or unread rule', () => {
    const row = first(rowsOf([picture('a', 6000, 4000)]));
    for (const verdict of ['broken', 'unreadable'] as const)
      expect(first(rowsOf([picture('a', 6000, 4000)], { made: [madeFor(row, verdict)] })).state).toBe(
        'broken',
      );
  });

  it('is being made while the run says so', () => {
    expect(first(rowsOf([picture('a', 6000, 4000)], { running: ['a'] })).state).toBe('making');
  });
});

describe('the sentence over the ledger', () => {
  const ready = picture('a', 6000, 4000);
  const cut = picture('b', 5200, 3900);
  const small = picture('c', 1920, 1280);

  it.each<[string, Row[]]>([
    ['No pictures yet.', []],
    ['One is ready.', rowsOf([ready])],
    ['Of three pictures, one is ready, one needs you, and one cannot be made.', rowsOf([ready, cut, small])],
    ['Of two pictures, one needs you and one cannot be made.', rowsOf([cut, small])],
  ])('%s', (sentence, rows) => {
    expect(ledgerSentence(rows)).toBe(sentence);
  });

  it('says when all is proven', () => {
    const made = rowsOf([ready]).map(row => madeFor(row, 'met'));
    expect(ledgerSentence(rowsOf([ready], { made }))).toBe('The file is proven.');
    expect(countStates(rowsOf([ready], { made })).proven).toBe(1);
  });
});

describe('a sheet that asks for several files', () => {
  const panoramas = BUILT_IN_SHEETS.find(s => s.id === 'long-shore-panoramas')!;
  const rowsFor = (change: Partial<Picture> = {}, made: Made[] = []) =>
    rowsOf([picture('a', 9000, 3000, change), picture('b', 9000, 3000)], {
      submission: { sheet: panoramas, details: {} },
      made,
    });

  it('has a row for each of them, with one place for the picture', () => {
    const rows = rowsFor();
    expect(rows.map(r => [r.id, r.isFirst, r.place])).toEqual([
      ['a/large', true, 1],
      ['a/small', false, 1],
      ['b/large', true, 2],
      ['b/small', false, 2],
    ]);
    expect(ledgerSentence(rows)).toMatch(/^Of four files, /);
  });

  it('keeps the result of one file with a frame of its own when the frame of the other changes', () => {
    const large = { ...PLAIN_FRAME, size: 0.95 };
    const made = rowsFor({ frames: { large } }).map(row => madeFor(row, 'met'));
    const changed = rowsFor({ frames: { large, small: { ...PLAIN_FRAME, size: 0.9 } } }, made);
    expect(changed.map(r => r.state)).toEqual(['proven', 'ready', 'proven', 'proven']);
  });

  it('has both files follow one frame where their shapes agree', () => {
    const made = rowsFor().map(row => madeFor(row, 'met'));
    const changed = rowsFor({ frames: { large: { ...PLAIN_FRAME, size: 0.9 } } }, made);
    expect(changed.map(r => r.state)).toEqual(['ready', 'ready', 'proven', 'proven']);
    expect(changed.map(r => r.entry.frame?.follows)).toEqual([undefined, 'large', undefined, undefined]);
    expect(changed.map(r => r.entry.frame?.frame.size)).toEqual([0.9, 0.9, undefined, undefined]);
  });
});

it('waits for a yes before a colour picture is made neutral', () => {
  const colour = { sectionCode: 'MO', hue: 90 };
  const asked = first(rowsOf([picture('a', 6000, 4000, colour)]));
  expect(asked.state).toBe('needs-you');
  expect(wordTroubles(asked, labels)[0]).toMatch(/^Monochrome is asked/);
  expect(first(rowsOf([picture('a', 6000, 4000, { ...colour, mayBeMadeNeutral: true })])).state).toBe(
    'ready',
  );
  expect(first(rowsOf([picture('a', 6000, 4000, { sectionCode: 'MO', hue: 2 })])).state).toBe('ready');
});

it.each([
  ['', 'The organiser asks for it.'],
  ['41', 'Four digits are asked.'],
  ['04a7', 'Four digits are asked.'],
  ['0417', undefined],
])('a member number “%s”: %s', (value, fault) => {
  expect(detailFault(sheet, 'member-number', value)).toBe(fault);
});
