import { describe, expect, it } from 'vitest';
import { fillExample } from './fill-example.ts';

const fill = (example: string, described: string[], others: string[] = [], own: string[] = []) =>
  fillExample(example, { described, others, isOwnWord: word => own.includes(word) })?.join(' ');

describe('fillExample', () => {
  it('gives each piece the part that it names, or the next one described', () => {
    expect(fill('Puffin_20270514_KLM.jpg', ['species', 'date', 'initials'])).toBe(
      'species text:_ date text:_ initials',
    );
    expect(fill('Surname_number.tif', [])).toBe('surname text:_ sequence');
  });

  it('takes a word in which alone the examples differ for what tells the files apart', () => {
    const others = ['Okoro_Night Quay_WALL.tif', 'Okoro_Night Quay_WEB.jpg'];
    expect(fill('Okoro_Night Quay_WALL.tif', ['surname', 'title'], others)).toBe(
      'surname text:_ title text:_ deliverable',
    );
    expect(fill('1187P.jpg', ['student number'], ['1187P.jpg', '1187S.jpg'])).toBe(
      'student number deliverable',
    );
  });

  it('keeps the organiser’s own word, and what a pattern shares with its example', () => {
    expect(fill('Outbound_Surname_01.jpg', [], [], ['Outbound'])).toBe(
      'text:Outbound_ surname text:_ sequence',
    );
    expect(fill('Journal27_Surname_number.tif', [], ['Journal27_Aske_3.tif'])).toBe(
      'text:Journal27_ surname text:_ sequence',
    );
  });

  it('gives nothing where a piece or a described part remains, or one would stand twice', () => {
    expect(fill('Puffin_20270514_KLM.jpg', ['species', 'date'])).toBeUndefined();
    expect(fill('Okoro_01.jpg', ['surname', 'title', 'sequence'])).toBeUndefined();
    expect(fill('0417_1.jpg', ['sequence'])).toBeUndefined();
    expect(fill('DUNLI_0412.jpg', [], [], ['DUNLI'])).toBeUndefined();
  });

  it('tries no name without an end', () => {
    expect(fill(`${'A_'.repeat(40)}1.jpg`, ['title'])).toBeUndefined();
  });
});
