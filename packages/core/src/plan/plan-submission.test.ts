import { describe, expect, it } from 'vitest';
import { exact, makeDeliverable, makeSheet } from '../testing/make-sheet.ts';
import { cutKey } from './plan-file.ts';
import { planSubmission, type PlannedPicture } from './plan-submission.ts';

const picture = (id: string, change: Partial<PlannedPicture> = {}): PlannedPicture => ({
  id,
  title: `Picture ${id}`,
  sectionCode: 'OC',
  source: { widthPx: 6000, heightPx: 4000 },
  acceptedCut: undefined,
  ...change,
});
const numbered = makeSheet({
  sections: [
    { code: 'OC', label: 'Open', limit: 2 },
    { code: 'MO', label: 'Mono' },
  ],
  deliverables: [
    makeDeliverable([exact(2400, 1600)], {
      parts: [
        { kind: 'section-code', form: 'as-typed' },
        { kind: 'number', start: 1, step: 1, digits: 2, within: 'section' },
      ],
    }),
  ],
});

describe('planSubmission', () => {
  it('numbers each section for itself and leaves unreadable pictures out of the count', () => {
    const plans = planSubmission(numbered, {}, [
      picture('a'),
      picture('b', { source: undefined }),
      picture('c', { sectionCode: 'MO' }),
      picture('d'),
    ]);
    expect(plans.map(p => p.plan?.name)).toEqual(['OC01.jpg', undefined, 'MO01.jpg', 'OC02.jpg']);
  });

  it('finds entries beyond the limit of a section', () => {
    const plans = planSubmission(
      numbered,
      {},
      ['a', 'b', 'c'].map(id => picture(id)),
    );
    expect(plans[2]?.faults).toEqual([{ code: 'too-many-in-section', place: 3, limit: 2, section: 'Open' }]);
  });

  it('finds two pictures that would get one name, also when only capitals differ', () => {
    const plans = planSubmission(makeSheet(), {}, [
      picture('a', { title: 'Low Tide' }),
      picture('b', { title: 'low tide' }),
    ]);
    expect(plans.map(p => p.faults.length)).toEqual([0, 1]);
    expect(plans[1]?.faults[0]).toMatchObject({ code: 'same-name', otherTitle: 'Low Tide' });
  });

  it('asks before a visible cut, believes the answer for that cut, and asks again for another', () => {
    const source = { widthPx: 5200, heightPx: 3900 };
    const [asked] = planSubmission(numbered, {}, [picture('a', { source })]);
    expect(asked?.plan).toMatchObject({ state: 'needs-you', questions: [{ code: 'accept-cut' }] });
    const acceptedCut = asked?.plan && asked.plan.state !== 'cannot' ? cutKey(asked.plan.job) : undefined;
    expect(
      planSubmission(numbered, {}, [picture('a', { source, acceptedCuts: { screen: acceptedCut ?? '' } })])[0]
        ?.plan?.state,
    ).toBe('ready');
    const other = { widthPx: 5200, heightPx: 4500 };
    expect(planSubmission(numbered, {}, [picture('a', { source: other, acceptedCut })])[0]?.plan?.state).toBe(
      'needs-you',
    );
  });

  it('does not bother anybody with a cut below one part in a hundred', () => {
    const [entry] = planSubmission(numbered, {}, [
      picture('a', { source: { widthPx: 6016, heightPx: 4016 } }),
    ]);
    expect(entry?.plan).toMatchObject({ state: 'ready', method: 'trim' });
  });
});
