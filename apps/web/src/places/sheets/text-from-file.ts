/** Text of a file in which an organiser sent the rules. Each library is fetched when such a file is first opened. */

const MAX_BYTES = 20_000_000;

/**
 * @throws Error with a sentence that says what was found and what to do
 */
export async function textFromFile(file: File): Promise<string> {
  if (file.size > MAX_BYTES)
    throw new Error(
      `${file.name} has ${Math.round(file.size / 1e6)} MB; up to 20 MB are opened. Copy the part about the files and paste it.`,
    );
  const text = (await read(file))
    .replace(/\r\n?/g, '\n')
    .replace(/\n{3,}/g, '\n\n')
    .trim();
  if (!text)
    throw new Error(
      `No text was found in ${file.name}; it may be a picture of a page. Type or paste what it says about the files.`,
    );
  return text;
}

async function read(file: File): Promise<string> {
  const kind = /\.([^.]+)$/.exec(file.name)?.[1]?.toLowerCase() ?? '';
  try {
    if (kind === 'pdf') return await textFromPdf(file);
    if (kind === 'docx') return await textFromDocx(file);
    if (kind === 'html' || kind === 'htm') return textFromHtml(await file.text());
  } catch {
    throw new Error(
      `${file.name} could not be opened as ${kind.toUpperCase()}; it may be damaged or locked. Open it in its own program, copy the text and paste it.`,
    );
  }
  const text = await file.text();
  // A text holds no null characters; other files are full of them.
  if (!['txt', 'md', 'text', 'eml', ''].includes(kind) || text.includes('\0'))
    throw new Error(
      `${file.name} is no kind of text that can be opened here (.txt, .html, .docx, .pdf). Copy the text and paste it.`,
    );
  return text;
}

async function textFromPdf(file: File): Promise<string> {
  const { extractText } = await import('unpdf');
  const { text } = await extractText(new Uint8Array(await file.arrayBuffer()), { mergePages: false });
  return text.join('\n\n');
}

async function textFromDocx(file: File): Promise<string> {
  const { default: mammoth } = await import('mammoth');
  // Rich and then plain, because in plain text the cells of a table would run into one another.
  const { value } = await mammoth.convertToHtml({ arrayBuffer: await file.arrayBuffer() });
  return textFromHtml(value);
}

/** Elements that begin a line of their own. */
const BLOCKS = 'p,div,section,article,li,tr,h1,h2,h3,h4,h5,h6,br,dt,dd,blockquote,pre,table,ul,ol';

/** The readable text of a page: nothing of it is run or fetched, since it never becomes part of this one. */
export function textFromHtml(html: string): string {
  const page = new DOMParser().parseFromString(html, 'text/html');
  for (const hidden of page.querySelectorAll('script,style,noscript,template,nav,head')) hidden.remove();
  for (const cell of page.querySelectorAll('td,th')) cell.after('\t');
  for (const block of page.querySelectorAll(BLOCKS)) block.after('\n');
  for (const item of page.querySelectorAll('li')) item.before('- ');
  const text = page.body.textContent ?? '';
  return text
    .split('\n')
    .map(line =>
      line
        .replace(/[ \u00a0]+/g, ' ')
        .replace(/ ?\t ?/g, '\t')
        .trim(),
    )
    .join('\n');
}
