const FIELDS: Readonly<Record<string, string>> = {
  bytesMax: 'Greatest weight',
  bytesMin: 'Least weight',
  width: 'Width',
  height: 'Height',
  longEdge: 'Long edge',
  shortEdge: 'Short edge',
  closes: 'Closing date',
  maxFiles: 'Number of entries',
  packageBytesMax: 'Weight of the package',
  ppi: 'Pixels per inch',
  bitDepth: 'Bits',
  colourSpace: 'Colour space',
};

/** What a doubt is about, in a person's words. */
export function wordQuestionField(field: string): string {
  return FIELDS[field] ?? 'Doubt';
}
