import fc from 'fast-check';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { BUILT_IN_SHEETS, noFacts, PLAIN_FRAME, type Frame } from '@able-frame/core';
import * as database from '../database/database.ts';
import type { Picture } from '../database/schemas.ts';
import { redoFrame, setFrame, undoFrame } from './frame-actions.ts';
import { select, selectionStore, selectOnly } from './selection-store.ts';
import { movePicture, removePictures, setDetail, setTicked } from './submission-actions.ts';
import { resetSubmissionStore, submissionStore } from './submission-store.ts';

/** What a person does to a submission, with the browser's store standing in for itself by notes of what it was told. */

vi.mock('../database/database.ts', () => ({
  saveSubmission: vi.fn(() => Promise.resolve()),
  savePicture: vi.fn(() => Promise.resolve()),
}));

const sheet = BUILT_IN_SHEETS[0]!;

function picture(id: string, taken = true): Picture {
  return {
    id,
    submissionId: 's',
    fileName: `${id}.jpg`,
    title: id.toUpperCase(),
    sha256: id,
    facts: noFacts('jpeg', 1000),
    intake: taken ? { taken, remarks: [] } : { taken, refusal: { code: 'empty' } },
  };
}

function open(pictures: readonly Picture[]): void {
  resetSubmissionStore();
  submissionStore.setState({
    status: 'open',
    submission: {
      id: 's',
      sheet,
      details: {},
      order: pictures.map(p => p.id),
      ticked: [],
      createdAt: '',
      demo: false,
    },
    pictures: new Map(pictures.map(p => [p.id, p])),
  });
}

const order = () => submissionStore.getState().submission?.order ?? [];
const pictureNow = (id: string) => submissionStore.getState().pictures.get(id);

beforeEach(() => {
  vi.clearAllMocks();
  open(['a', 'b', 'c', 'd'].map(id => picture(id)));
});

describe('the order of pictures', () => {
  it('puts one at a place and keeps the order of all others', async () => {
    await movePicture('d', 2);
    expect(order()).toEqual(['a', 'd', 'b', 'c']);
    await movePicture('a', 99);
    expect(order()).toEqual(['d', 'b', 'c', 'a']);
    await movePicture('c', -3);
    expect(order()).toEqual(['c', 'd', 'b', 'a']);
    expect(database.saveSubmission).toHaveBeenCalledTimes(3);
  });

  it('never loses, doubles or moves what does not count, wherever a picture goes', async () => {
    const ids = fc.uniqueArray(fc.string({ minLength: 1, maxLength: 3 }), { minLength: 1, maxLength: 9 });
    await fc.assert(
      fc.asyncProperty(
        ids,
        fc.array(fc.boolean()),
        fc.nat(),
        fc.integer({ min: -2, max: 12 }),
        async (all, taken, at, place) => {
          open(all.map((id, i) => picture(id, taken[i] ?? true)));
          const before = order();
          const id = before[at % before.length] ?? '';
          await movePicture(id, place);
          expect([...order()].sort()).toEqual([...before].sort());
          const refused = (list: string[]) => list.map((x, i) => (pictureNow(x)?.intake.taken ? -1 : i));
          expect(refused(order())).toEqual(refused(before));
          const rest = (list: string[]) => list.filter(x => x !== id && pictureNow(x)?.intake.taken);
          expect(rest(order())).toEqual(rest(before));
        },
      ),
    );
  });

  it('takes pictures out and puts them back where they stood, also after another has come in', async () => {
    await removePictures(['b', 'c']);
    expect(order()).toEqual(['a', 'd']);
    expect(submissionStore.getState().notice?.text).toBe('Two pictures were taken out.');
    submissionStore.setState(s => ({
      submission: s.submission && { ...s.submission, order: ['a', 'd', 'e'] },
    }));
    submissionStore.getState().notice?.undo?.();
    expect(order()).toEqual(['a', 'b', 'c', 'd', 'e']);
    expect(submissionStore.getState().notice).toBeUndefined();
  });
});

describe('frames', () => {
  const wide: Frame = { ...PLAIN_FRAME, ratio: 2 };
  const tall: Frame = { ...PLAIN_FRAME, ratio: 0.5 };
  const now = () => pictureNow('a')?.frames?.['screen'];

  it('go back step by step to the proposal, and forward again', async () => {
    await setFrame('a', 'screen', wide);
    await setFrame('a', 'screen', tall);
    await undoFrame('a', 'screen');
    expect(now()).toEqual(wide);
    await undoFrame('a', 'screen');
    expect(now()).toBeUndefined();
    await undoFrame('a', 'screen');
    expect(now()).toBeUndefined();
    await redoFrame('a', 'screen');
    await redoFrame('a', 'screen');
    await redoFrame('a', 'screen');
    expect(now()).toEqual(tall);
  });

  it('give up what was taken back once something else is done, and never touch another file of the picture', async () => {
    await setFrame('a', 'large', wide);
    await setFrame('a', 'screen', wide);
    await undoFrame('a', 'screen');
    await setFrame('a', 'screen', tall);
    await redoFrame('a', 'screen');
    expect(now()).toEqual(tall);
    await setFrame('a', 'screen', undefined);
    expect(now()).toBeUndefined();
    expect(pictureNow('a')?.frames?.['large']).toEqual(wide);
  });

  it('of a picture that is not there change nothing', async () => {
    await setFrame('z', 'screen', wide);
    await undoFrame('z', 'screen');
    await redoFrame('z', 'screen');
    expect(database.savePicture).not.toHaveBeenCalled();
  });
});

describe('what is kept', () => {
  it('details and ticks, each tick once', async () => {
    await setDetail('member-number', '0417');
    await setTicked('recent', true);
    await setTicked('recent', true);
    await setTicked('border', true);
    await setTicked('recent', false);
    const { details, ticked } = submissionStore.getState().submission ?? {};
    expect([details, ticked]).toEqual([{ 'member-number': '0417' }, ['border']]);
  });

  it('says so where the browser has no room, and goes on with what is on the screen', async () => {
    vi.mocked(database.saveSubmission).mockRejectedValueOnce(
      new Error('The browser has no more room for pictures.'),
    );
    await setDetail('member-number', '0418');
    expect(submissionStore.getState().notice).toMatchObject({
      tone: 'trouble',
      text: 'This change could not be kept. The browser has no more room for pictures.',
    });
    expect(submissionStore.getState().submission?.details['member-number']).toBe('0418');
  });
});

describe('a selection', () => {
  const list = ['a', 'b', 'c', 'd'];
  const chosen = () => [...selectionStore.getState().selected].sort().join('');
  beforeEach(() => selectOnly([]));

  it('grows and shrinks by single clicks and by ranges, in both directions', () => {
    select('b', true, list, false);
    select('d', true, list, true);
    expect(chosen()).toBe('bcd');
    select('c', false, list, false);
    expect(chosen()).toBe('bd');
    select('a', true, list, true);
    expect(chosen()).toBe('abcd');
    selectOnly(['c']);
    expect(chosen()).toBe('c');
  });

  it('takes a range from a picture that is out of the list for a single click', () => {
    select('b', true, list, false);
    select('d', true, ['a', 'c', 'd'], true);
    expect(chosen()).toBe('bd');
  });
});
