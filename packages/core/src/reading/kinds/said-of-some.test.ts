import { describe, expect, it } from 'vitest';
import { segmentText } from '../common/segments.ts';
import { withDemandsOfSome } from './said-of-some.ts';

const group = (label: string | undefined, text: string) => ({ label, segments: segmentText(text) });

/** The kinds that a sentence is given to, which stands among what is said of all; "" for all of them. */
const givenTo = (sentence: string) =>
  withDemandsOfSome([
    group(undefined, sentence),
    group('icon', 'Icon: PNG'),
    group('header', 'Header: JPEG'),
    group('portrait', 'Photograph: JPEG'),
  ]).flatMap(g => (g.segments.some(s => s.text === sentence) ? [g.label ?? ''] : []));

describe('withDemandsOfSome', () => {
  it.each([
    ['No text in icon and header.', ['icon', 'header']],
    ['Headers without frames.', ['header']],
    ['The photograph should be 200 DPI.', ['portrait']],
    ['No text on the pictures.', ['']],
    ['No names in the icon, the header and the photograph.', ['']],
    ['The form must not be folded.', ['']],
  ])('%s', (sentence, kinds) => expect(givenTo(sentence)).toEqual(kinds));
});
