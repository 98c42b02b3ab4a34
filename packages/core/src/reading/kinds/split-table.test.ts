import { describe, expect, it } from 'vitest';
import { readTable } from './split-table.ts';

const tableIn = (text: string) => {
  const table = readTable(text);
  return table && Object.fromEntries(table.groups.map(g => [g.label ?? '', g.segments.map(s => s.text)]));
};

describe('readTable', () => {
  it('reads kinds of file over the columns, each cell with the name of its row', () => {
    expect(
      tableIn(
        '            Selection file   Print file\nFormat      JPEG             TIFF\nBits        8                16',
      ),
    ).toEqual({ screen: ['Format: JPEG', 'Bits: 8'], print: ['Format: TIFF', 'Bits: 16'] });
  });

  it('reads kinds of file before the rows, and leaves papers out', () => {
    expect(
      tableIn(
        'Document | Format | Size\n---|---|---\nPhotograph | JPG | 160 x 200 px\nSignature | JPG | 160 x 60 px\nCertificate | PDF | -',
      ),
    ).toEqual({
      portrait: ['Format: JPG', 'Size: 160 x 200 px'],
      signature: ['Format: JPG', 'Size: 160 x 60 px'],
    });
  });

  it('takes columns that no known kind heads where the rows are properties of files', () => {
    const rows = 'Format     JPEG       TIFF\nLong edge  1800 px    6000 px\nWeight     2 MB       90 MB';
    expect(Object.keys(tableIn(`           At first    At last\n${rows}`) ?? {})).toEqual([
      'at first',
      'at last',
    ]);
    expect(
      tableIn('Class      Subject    Entries\n1          Open       4\n2          Nature     4'),
    ).toBeUndefined();
  });

  it('reads bounds over the columns as those of one kind of file', () => {
    expect(
      tableIn(
        '            Minimum     Maximum\nLong side   1500 px     3000 px\nFormat      JPEG        JPEG',
      ),
    ).toEqual({
      '': ['Long side: at least 1500 px', 'Long side: at most 3000 px', 'Format: JPEG', 'Format: JPEG'],
    });
    expect(
      tableIn(
        '            Required           Ideal\nLong side   at least 1500 px   3000 px\nColour      RGB                sRGB',
      ),
    ).toEqual({
      '': [
        'Long side: at least 1500 px',
        'Long side: ideally 3000 px',
        'Colour: RGB',
        'Colour: ideally sRGB',
      ],
    });
  });

  it('joins what goes on below to the name and the values of its row', () => {
    expect(
      tableIn(
        [
          '            Web          Archive',
          'Type        JPEG         TIFF',
          'Size        1200 px      min. 5000 px',
          '            long side    long side',
          'Bits per    8            16',
          'channel',
          'Name on     no           no',
          'the picture',
        ].join('\n'),
      ),
    ).toEqual({
      web: ['Type: JPEG', 'Size: 1200 px long side', 'Bits per: 8', 'Name on the picture: no'],
      archive: ['Type: TIFF', 'Size: min. 5000 px long side', 'Bits per: 16', 'Name on the picture: no'],
    });
  });

  it('tells properties over the columns from kinds of file, whatever they are called', () => {
    expect(
      tableIn('Version | Format | Weight | Signature\nDraft | JPEG | 2 MB | no\nMaster | TIFF | 90 MB | yes'),
    ).toEqual({
      draft: ['Format: JPEG', 'Weight: 2 MB', 'Signature: no'],
      master: ['Format: TIFF', 'Weight: 90 MB', 'Signature: yes'],
    });
  });

  it('reads lines that give a property of every kind, which is named before or behind its value', () => {
    const files = {
      jury: ['Format: JPEG', 'Long side: 1600 px'],
      wall: ['Format: TIFF', 'Long side: 6000 px'],
    };
    expect(tableIn('Format: jury JPEG / wall TIFF\nLong side: jury 1600 px / wall 6000 px')).toEqual(files);
    expect(tableIn('Format: JPEG (jury), TIFF (wall)\nLong side: 1600 px (jury), 6000 px (wall)')).toEqual(
      files,
    );
    expect(tableIn('Format: JPEG / TIFF\nLong side: max 1600 px / max 6000 px')).toBeUndefined();
    expect(
      tableIn('Size: landscape 1600 px / upright 1200 px\nWeight: landscape 2 MB / upright 2 MB'),
    ).toBeUndefined();
  });

  it('leaves empty cells out and ties every cell to its place in the text', () => {
    const text =
      '         Preview image   Print file\nFormat   JPEG            TIFF\nProfile  -               embedded';
    const table = readTable(text);
    expect(table?.groups.map(g => g.segments.length)).toEqual([1, 2]);
    for (const segment of table?.groups.flatMap(g => g.segments) ?? []) {
      const cell = segment.text.replace(/^[^:]*: /, '');
      expect(text.slice(segment.start, segment.start + segment.text.length)).toContain(cell);
    }
  });
});
