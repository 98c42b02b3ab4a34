import { describe, expect, it } from 'vitest';
import { partOfWord } from './name-vocabulary.ts';
import { partsNamed } from './part-words.ts';

describe('a word of an example', () => {
  it.each([
    ['MemberNo', 'member number'],
    ['membership number', 'member number'],
    ['[Title of Image]', 'title'],
    ['MembersInitials', 'initials'],
    ['YourName', 'author'],
    ['LASTNAME', 'surname'],
    ['applicantnumber', 'entry number'],
    ['RollNo', 'student number'],
    ['ClubCode', 'club code'],
    ['number', 'sequence'],
    ['web', 'deliverable'],
  ])('%s stands for the %s', (word, part) => {
    expect(partOfWord(word)).toBe(part);
  });

  it.each(['Okoro', 'IMG', '0417', 'numberplate', ''])('%s stands for nothing', word => {
    expect(partOfWord(word)).toBeUndefined();
  });
});

describe('the parts that a sentence names', () => {
  it.each([
    ['the number of the member, the section and the title', 'member number, section code, title'],
    ['the author’s club number, a hyphen, the picture’s title', 'member number, title'],
    ['your three-letter club code, a running number and your initials', 'club code, sequence, initials'],
    ['Surname, name and number', 'surname, first name, sequence'],
    ['Name_Firstname_Title', 'surname, first name, title'],
    ['number (01 to 12), title', 'sequence, title'],
    ['species, date and the recorder’s initials', 'species, date, initials'],
    // What leads up to a name is no part of it, nor what is done with it.
    ['The file name is your surname and the title', 'surname, title'],
    ['Title each picture with its number and your surname', 'sequence, surname'],
    ['Your surname and the number on your label', 'surname'],
    // Without a part that none of the words is for, the name would be wrong.
    ['your surname, the site code and the title', ''],
    ['your name, followed by a lower-case letter', ''],
  ])('%s: %s', (text, parts) => {
    expect(
      partsNamed(text)
        .map(p => p.part)
        .join(', '),
    ).toBe(parts);
  });
});
