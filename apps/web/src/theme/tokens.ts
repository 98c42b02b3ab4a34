/**
 * Every colour, type size and stroke of the interface. Contrast on paper and on sheet is at least 4.5 : 1 for
 * text and 3 : 1 for marks and control borders.
 */
export const COLOURS = {
  paper: '#f5f6f6',
  sheet: '#ffffff',
  ink: '#14191c',
  inkSoft: '#51595e',
  line: '#c3c9cc',
  hair: '#dde1e3',
  accent: '#0b5160',
  accentDeep: '#083f4b',
  accentWash: '#e3eef0',
  proven: '#1c6a3c',
  needsYou: '#8f5200',
  needsYouWash: '#fbf0dd',
  needsYouRow: '#fffdf7',
  broken: '#a1241c',
  brokenWash: '#fae6e3',
  /** About L* 50, round every picture that is judged. */
  surround: '#777777',
} as const;

export const FONTS = {
  text: "'Atkinson Hyperlegible Next Variable', system-ui, sans-serif",
  measure: "'Atkinson Hyperlegible Mono Variable', ui-monospace, monospace",
} as const;

/** Body text is never under 15 px; the second line of a dense cell is 14. */
export const SIZES = { heading: '26px', title: '18px', body: '15px', cell: '14px', measure: '14px' } as const;
