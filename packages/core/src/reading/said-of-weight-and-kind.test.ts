import { describe, expect, it } from 'vitest';
import { saidBy, type Said } from '../testing/said-by.ts';

/** Weights of files and of what they are sent in. What kind of file: format, colour, bits, density, scan, quality. Each sentence with all that it says and nothing more. */

describe('weights', () => {
  it.each<[string, Said]>([
    ['File size: max. 2 MB', { bytesMax: 2000000 }],
    ['The file may have at most 1.5 MB.', { bytesMax: 1500000 }],
    ['JPEGs of under 3MB', { formats: ['jpeg'], bytesMax: 3000000 }],
    ['no file over 4 MB', { bytesMax: 4000000 }],
    ['files must come in below 900 KB', { bytesMax: 900000 }],
    ['Each image has to be less than or equal to 2MB.', { bytesMax: 2000000 }],
    ['Keep the file size down to 1 MB.', { bytesMax: 1000000 }],
    ['The system will reject anything above 10 MB.', { bytesMax: 10000000 }],
    ['Uploads over 6 MB fail.', { bytesMax: 6000000 }],
    ['Anything heavier than 2MB bounces.', { bytesMax: 2000000 }],
    ['It should weigh no more than 500 kilobytes.', { bytesMax: 500000 }],
    ['each file weighing between 1 and 5 MB', { bytesMin: 1000000, bytesMax: 5000000 }],
    ['File size from 20 KB to 100 KB', { bytesMin: 20000, bytesMax: 100000 }],
    ['20-50 KB', { bytesMin: 20000, bytesMax: 50000 }],
    ['size 4kb to 12kb', { bytesMin: 4000, bytesMax: 12000 }],
    ['Minimum file size 2 MB, maximum 25 MB.', { bytesMin: 2000000, bytesMax: 25000000 }],
    ['not smaller than 3 MB', { bytesMin: 3000000 }],
    ['at least 5 MB', { bytesMin: 5000000 }],
    ['We need files of 10 MB or more.', { bytesMin: 10000000 }],
    ['file size (max): 2048 KB', { bytesMax: 2048000 }],
    ['Max. file size - 1,5 MB', { bytesMax: 1500000 }],
    ['limit 2 meg', { bytesMax: 2000000 }],
    ['2 megs tops', { bytesMax: 2000000 }],
    ['File size limit: 3.5 MB per image', { bytesMax: 3500000 }],
    ['The files must not be larger than 1 000 KB.', { bytesMax: 1000000 }],
    ['must be no more than 240 kB in size', { bytesMax: 240000 }],
    ['must be smaller than 100 KiB', { bytesMax: 102400 }],
    ['maximum 2 MiB', { bytesMax: 2097152 }],
    ['file size < 2 MB', { bytesMax: 2000000 }],
    ['file size ≤ 5 MB', { bytesMax: 5000000 }],
    ['The total size of all files must not exceed 20 MB.', { packageBytesMax: 20000000 }],
    ['Send everything in one email of no more than 15 MB.', { packageBytesMax: 15000000 }],
    ['Zip your files; the zip must not exceed 100 MB.', { packageBytesMax: 100000000 }],
    ['Emails larger than 10 MB are not delivered.', { packageBytesMax: 10000000 }],
    ['Please keep your message under 20 MB altogether.', { packageBytesMax: 20000000 }],
    ['The complete upload is limited to 50 MB.', { packageBytesMax: 50000000 }],
    ['Total upload limit 60 MB.', { packageBytesMax: 60000000 }],
    ['max 3 MB each, 12 MB for all together', { bytesMax: 3000000, packageBytesMax: 12000000 }],
    [
      'Each JPEG up to 4 MB; the whole folder no more than 30 MB.',
      { formats: ['jpeg'], bytesMax: 4000000, packageBytesMax: 30000000 },
    ],
    ['2Mb max', { bytesMax: 2000000, questions: ['bytesMax'] }],
    ['must not exceed 500Kb', { bytesMax: 500000, questions: ['bytesMax'] }],
    ['File size: 2MB or under.', { bytesMax: 2000000 }],
    ['A file of more than 2 MB cannot be shown.', { bytesMax: 2000000 }],
    ['Files exceeding 3 MB will not be judged.', { bytesMax: 3000000 }],
    ['nothing over 5 MB please', { bytesMax: 5000000 }],
    ['JPEG, and not a byte more than 250 KB', { formats: ['jpeg'], bytesMax: 250000 }],
    ['The ceiling is 2,000,000 bytes.', { bytesMax: 2000000 }],
    ['300 kilobytes at the outside', { bytesMax: 300000 }],
    ['The photograph must not weigh in at over 3 MB.', { bytesMax: 3000000 }],
    ['JPEG under the 4 MB mark', { formats: ['jpeg'], bytesMax: 4000000 }],
    ['A file may not take more than 4 MB.', { bytesMax: 4000000 }],
    ['file size between 200 kB and 1 MB', { bytesMin: 200000, bytesMax: 1000000 }],
    [
      'Files larger than 5MB or smaller than 500KB will be rejected.',
      { bytesMax: 5000000, bytesMin: 500000 },
    ],
    ['The form refuses files over 2 MB.', { bytesMax: 2000000 }],
    ['Max file size per image 8MB; total max 40MB', { bytesMax: 8000000, packageBytesMax: 40000000 }],
    ['The size of the file: minimum 1 MB and maximum 6 MB', { bytesMin: 1000000, bytesMax: 6000000 }],
    ['Less than 3 MB, please.', { bytesMax: 3000000 }],
    ['No more than 1MB in size', { bytesMax: 1000000 }],
    ['JPEG (up to 1.8 MB)', { formats: ['jpeg'], bytesMax: 1800000 }],
    ['not more than two megabytes', { bytesMax: 2000000 }],
    ['at most half a megabyte', { bytesMax: 500000 }],
    ['size: 50kb-100kb', { bytesMin: 50000, bytesMax: 100000 }],
    ['Max. 2MB (2000 KB)', { bytesMax: 2000000 }],
    ['2 MB or smaller', { bytesMax: 2000000 }],
    ['max filesize 6mb', { bytesMax: 6000000 }],
  ])('%s', (text, said) => {
    expect(saidBy(text)).toEqual(said);
  });
});

describe('formats, colour and density', () => {
  it.each<[string, Said]>([
    ['JPEG. Pictures are shown on a 65 inch screen of 3840 x 2160 pixels.', { formats: ['jpeg'] }],
    ['JPEG. Thumbnails of 300 px are made by the system.', { formats: ['jpeg'] }],
    ['JPEG. Our camera has 4000 x 3000 pixels.', { formats: ['jpeg'] }],
    ['JPEG. Winning pictures will be printed at 40 x 60 cm.', { formats: ['jpeg'] }],
    ['JPEG. Frames of 50 x 40 cm are provided.', { formats: ['jpeg'] }],
    ['JPEG. In 2019 we still asked for 1024 x 768 pixels.', { formats: ['jpeg'] }],
    ['JPEG. The old limit of 1400 pixels no longer applies.', { formats: ['jpeg'] }],
    ['JPEG. Your CV (PDF, max 2 MB).', { formats: ['jpeg'] }],
    ['JPEG. A PDF of captions, up to 1 MB, may be added.', { formats: ['jpeg'] }],
    ['JPEG. An artist statement as a PDF not exceeding 500 KB.', { formats: ['jpeg'] }],
    ['JPEG. My inbox holds 50 MB.', { formats: ['jpeg'] }],
    ['JPEG. A 24 MB TIFF arrived last year and broke everything.', { formats: ['jpeg'] }],
    ['JPEG. Prize: a 64 GB memory card.', { formats: ['jpeg'] }],
    ['Save as JPG.', { formats: ['jpeg'] }],
    ['Only jpeg images can be entered.', { formats: ['jpeg'] }],
    ['Accepted formats: JPG, PNG, TIFF.', { formats: ['jpeg', 'png', 'tiff'] }],
    ['We take JPEG files only - no TIFFs, no RAW.', { formats: ['jpeg'] }],
    ['RAW, TIFF and PSD files are not accepted; JPEG please.', { formats: ['jpeg'] }],
    ['HEIC files cannot be opened; please convert to JPEG.', { formats: ['jpeg'] }],
    ['PNG with transparent background', { formats: ['png'] }],
    ['file type: jpeg/jpg', { formats: ['jpeg'] }],
    ['TIFF uncompressed, 8 bit', { formats: ['tiff'], bitDepth: 8 }],
    ['16 bits per channel TIFF', { formats: ['tiff'], bitDepth: 16 }],
    ['Colour mode: RGB. JPEG.', { formats: ['jpeg'] }],
    ['sRGB colour space with the profile embedded', { colourSpace: 'sRGB', profileEmbedded: true }],
    ['embed the sRGB ICC profile', { colourSpace: 'sRGB', profileEmbedded: true }],
    ['Files must carry an embedded ICC profile.', { profileEmbedded: true }],
    ['The ICC profile must be included in the file.', { profileEmbedded: true }],
    ['Profile: Adobe RGB (1998), embedded', { colourSpace: 'AdobeRGB', profileEmbedded: true }],
    ['Colour profile: sRGB IEC61966-2.1', { colourSpace: 'sRGB' }],
    ['Colour space sRGB (not Adobe RGB, not ProPhoto)', { colourSpace: 'sRGB' }],
    ['Adobe RGB will look dull on our screen, so convert to sRGB.', { colourSpace: 'sRGB' }],
    ['Images in CMYK will be refused.  Send sRGB JPEGs.', { formats: ['jpeg'], colourSpace: 'sRGB' }],
    ['CMYK TIFFs at 300 dpi', { formats: ['tiff'], colourSpace: 'CMYK', ppi: { exact: 300 } }],
    ['Convert to Display P3.', { colourSpace: 'DisplayP3' }],
    [
      'We print from ProPhoto RGB 16 bit TIFFs.',
      { colourSpace: 'ProPhoto', bitDepth: 16, formats: ['tiff'] },
    ],
    ['save in greyscale mode', { colourSpace: 'gray' }],
    ['Mode: grayscale, 8 bit', { colourSpace: 'gray', bitDepth: 8 }],
    ['300 dpi', { ppi: { exact: 300 } }],
    ['Resolution at least 300 ppi', { ppi: { min: 300 } }],
    ['200-300 dpi', { ppi: { min: 200, max: 300 } }],
    ['with 72 dots per inch', { ppi: { exact: 72 } }],
    ['The resolution (ppi) does not matter. JPEG.', { formats: ['jpeg'] }],
    ['JPEG; dpi is irrelevant for a screen', { formats: ['jpeg'] }],
    ['JPEG quality 12', { formats: ['jpeg'], quality: '12' }],
    ['JPEG with compression quality 80 %', { formats: ['jpeg'], quality: '80%' }],
    ['JPEG saved at quality 10 (out of 12)', { formats: ['jpeg'], quality: '10/12' }],
    ['quality setting of 9 or above', { quality: '9' }],
    ['JPEG at maximum quality', { formats: ['jpeg'] }],
    ['baseline ("standard") JPEG', { formats: ['jpeg'], jpegScan: 'baseline' }],
    ['Do not use progressive JPEG.', { formats: ['jpeg'], jpegScan: 'baseline' }],
    ['progressive JPEGs are fine', { formats: ['jpeg'] }],
    ['Preferably JPEG, but PNG is accepted too.', { formats: ['jpeg', 'png'] }],
    ['sRGB is preferred.', { colourSpace: 'sRGB', advice: ['colourSpace'] }],
    ['We would prefer 300 dpi. JPEG.', { formats: ['jpeg'], ppi: { exact: 300 }, advice: ['ppi'] }],
    ['Metadata may be removed. JPEG', { formats: ['jpeg'] }],
    ['Colour and monochrome are both welcome. JPEG', { formats: ['jpeg'] }],
    ['Both colour and black and white. JPEG', { formats: ['jpeg'] }],
    ['Do not number your files. JPEG', { formats: ['jpeg'] }],
    [
      'All files have to be in sRGB; files in Adobe RGB are converted by us without guarantee.',
      { colourSpace: 'sRGB' },
    ],
    ['Color space: sRGB or AdobeRGB', { colourSpace: 'sRGB', advice: ['colourSpace'] }],
    ['Colour profile sRGB (embedded)', { colourSpace: 'sRGB', profileEmbedded: true }],
    ['The sRGB profile must be attached.', { colourSpace: 'sRGB', profileEmbedded: true }],
    [
      'Please make sure the ICC profile is embedded in your JPEG.',
      { profileEmbedded: true, formats: ['jpeg'] },
    ],
    ['JPEG without embedded profile', { formats: ['jpeg'], profileEmbedded: false }],
    [
      '8 bit sRGB JPEG, 300 ppi',
      { bitDepth: 8, colourSpace: 'sRGB', formats: ['jpeg'], ppi: { exact: 300 } },
    ],
    ['TIFF, 16 bit, AdobeRGB', { formats: ['tiff'], bitDepth: 16, colourSpace: 'AdobeRGB' }],
    ['Images in RGB mode; CMYK is not accepted. JPEG.', { formats: ['jpeg'] }],
    ['JPEG compression level 10', { formats: ['jpeg'], quality: '10' }],
    ['saved as JPEG with a quality of at least 90%', { formats: ['jpeg'], quality: '90%' }],
    ['Quality: 12 (maximum). JPEG', { quality: '12', formats: ['jpeg'] }],
    ['JPEG quality of 8 or more out of 12', { formats: ['jpeg'], quality: '8/12' }],
    ['JPEG, highest quality (12)', { formats: ['jpeg'], quality: '12' }],
    ['minimum of 300dpi', { ppi: { min: 300 } }],
  ])('%s', (text, said) => {
    expect(saidBy(text)).toEqual(said);
  });
});

describe('weights of all files, and files that somebody else makes', () => {
  it.each<[string, Said]>([
    [
      "The club's images are to be sent together as one zip archive of no more than 50 MB, named with the name of the club.",
      { packageBytesMax: 50000000 },
    ],
    ['Yes: 12 MB for each file and 60 MB for the lot.', { bytesMax: 12000000, packageBytesMax: 60000000 }],
    [
      'Individual files must stay under 4 MB and the whole portfolio under 50 MB.',
      { bytesMax: 4000000, packageBytesMax: 50000000 },
    ],
    [
      'Send them by a file transfer service, because our mail rejects anything above 20 MB.',
      { packageBytesMax: 20000000 },
    ],
    ['RGB please, our printer does the conversion to CMYK.', {}],
    ['Greyscale photographs should be 8 bit, TIFF.', { formats: ['tiff'] }],
    ['JPEG, 300 dpi is not necessary.', { formats: ['jpeg'] }],
    ['jpg at 85% or better', { formats: ['jpeg'], quality: '85%' }],
  ])('%s', (text, said) => {
    expect(saidBy(text)).toEqual(said);
  });
});

describe('a choice of two colour modes', () => {
  it.each<[string, Said]>([
    [
      'For the printed guide: CMYK or greyscale, TIFF.',
      { formats: ['tiff'], colourSpace: 'CMYK', advice: ['colourSpace'] },
    ],
  ])('%s', (text, said) => {
    expect(saidBy(text)).toEqual(said);
  });
});
