import { writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { strToU8, zipSync } from 'fflate';
import { expect, it } from 'vitest';
import { SOON_MS, field, pageErrors, press, seeText } from './browser.ts';
import { useStage } from './stage.ts';

/** Rules come as files as well: a page, a letter, a printed prospectus. */

const stage = useStage();
const SENTENCE = 'Send JPEG files, exactly 1600 x 1200 pixels, not more than 3 MB.';

/** A document of a word processor: a zip with one page of XML in it. */
function docxOf(lines: string[]): Uint8Array {
  const schemas = 'http://schemas.openxmlformats.org';
  const office = 'application/vnd.openxmlformats-officedocument.wordprocessingml.document.main+xml';
  const paragraphs = lines.map(line => `<w:p><w:r><w:t>${line}</w:t></w:r></w:p>`).join('');
  const files = {
    '[Content_Types].xml': `<Types xmlns="${schemas}/package/2006/content-types"><Default Extension="rels" ContentType="application/vnd.openxmlformats-package.relationships+xml"/><Default Extension="xml" ContentType="application/xml"/><Override PartName="/word/document.xml" ContentType="${office}"/></Types>`,
    '_rels/.rels': `<Relationships xmlns="${schemas}/package/2006/relationships"><Relationship Id="r1" Type="${schemas}/officeDocument/2006/relationships/officeDocument" Target="word/document.xml"/></Relationships>`,
    'word/document.xml': `<w:document xmlns:w="${schemas}/wordprocessingml/2006/main"><w:body>${paragraphs}</w:body></w:document>`,
  };
  const parts = Object.entries(files).map(([name, xml]) => [name, strToU8(`<?xml version="1.0"?>${xml}`)]);
  return zipSync(Object.fromEntries(parts) as Record<string, Uint8Array>);
}

/** The shortest PDF with a line of text, its cross-reference table counted here. */
function pdfOf(lines: string[]): Buffer {
  const content = `BT /F1 12 Tf 14 TL 72 700 Td ${lines.map(l => `(${l}) Tj T*`).join(' ')} ET`;
  const objects = [
    '<< /Type /Catalog /Pages 2 0 R >>',
    '<< /Type /Pages /Kids [3 0 R] /Count 1 >>',
    '<< /Type /Page /Parent 2 0 R /MediaBox [0 0 612 792] /Contents 4 0 R /Resources << /Font << /F1 5 0 R >> >> >>',
    `<< /Length ${content.length} >>\nstream\n${content}\nendstream`,
    '<< /Type /Font /Subtype /Type1 /BaseFont /Helvetica >>',
  ];
  let body = '%PDF-1.4\n';
  const offsets = objects.map((object, i) => {
    const at = body.length;
    body += `${i + 1} 0 obj\n${object}\nendobj\n`;
    return at;
  });
  const table = offsets.map(at => `${String(at).padStart(10, '0')} 00000 n \n`).join('');
  const start = body.length;
  return Buffer.from(
    `${body}xref\n0 ${objects.length + 1}\n0000000000 65535 f \n${table}trailer\n<< /Size ${objects.length + 1} /Root 1 0 R >>\nstartxref\n${start}\n%%EOF\n`,
  );
}

it.each(['rules.txt', 'rules.html', 'rules.docx', 'rules.pdf'])('reads %s', async name => {
  const { driver } = stage.browser;
  const path = join(stage.folder, name);
  if (name.endsWith('.txt')) await writeFile(path, `Plain round\r\n${SENTENCE}\r\n`);
  if (name.endsWith('.html'))
    await writeFile(
      path,
      `<html><head><title>x</title><script>throw new Error('run')</script></head><body><h1>Page round</h1><p>${SENTENCE}</p></body></html>`,
    );
  if (name.endsWith('.docx')) await writeFile(path, docxOf(['Letter round', SENTENCE]));
  if (name.endsWith('.pdf')) await writeFile(path, pdfOf(['Printed round', SENTENCE]));
  await driver.get(`${stage.address}/sheets/read`);
  await (await field(driver, 'File with the organiser’s text')).sendKeys(path);
  await driver.wait(
    async () =>
      /1600 x 1200/.test((await (await field(driver, 'The organiser’s text')).getAttribute('value')) ?? ''),
    SOON_MS,
    'the text never came',
  );
  await press(driver, 'Read the rules');
  await seeText(driver, 'Exactly 1600 × 1200');
  await seeText(driver, 'At most 3,000,000 bytes');
  expect(await pageErrors(driver)).toEqual([]);
});

it('says what to do with a file that holds no text', async () => {
  const { driver } = stage.browser;
  for (const [name, content, sentence] of [
    ['broken.pdf', 'no pdf at all', 'broken.pdf could not be opened as PDF'],
    ['sheet.xls', 'x', 'sheet.xls is no kind of text that can be opened here'],
    ['empty.txt', '  ', 'No text was found in empty.txt'],
  ] as const) {
    await driver.get(`${stage.address}/sheets/read`);
    await writeFile(join(stage.folder, name), content);
    await (await field(driver, 'File with the organiser’s text')).sendKeys(join(stage.folder, name));
    await seeText(driver, sentence);
  }
});
