import { describe, expect, it } from 'vitest';
import { saidBy, type Said } from '../testing/said-by.ts';

/** What is hidden in the file, and pictures that must be monochrome. Each sentence with all that it says and nothing more. */

it.each<[string, Said]>([
  ['black and white pictures only', { monochrome: true }],
  ['Both colour and monochrome are welcome.', {}],
  ['Leave the EXIF in place.', { strip: false }],
  ['Please do not remove the metadata.', { strip: false }],
  ['The original EXIF information has to be preserved.', { strip: false }],
  ['Strip all EXIF before uploading.', { strip: true }],
  ['Export without metadata.', { strip: true }],
  ['The image must carry no metadata whatsoever.', { strip: true }],
  ['Remove location data.', { location: 'remove' }],
  ['Switch off geotagging or strip the coordinates afterwards.', { location: 'remove' }],
  ['The location (GPS) must be included in the file.', { location: 'keep' }],
  ['Please complete the IPTC fields for creator and copyright.', { author: 'required' }],
  ['Author name must be embedded in the metadata.', { author: 'required' }],
  ['The metadata must not contain your name.', { author: 'forbidden' }],
  ['Leave the author field empty.', { author: 'forbidden' }],
  ['Copyright and contact details must be present in the IPTC.', { author: 'required' }],
  ['Make sure your name is not in the metadata.', { author: 'forbidden' }],
  ['Names in the metadata will lead to exclusion.', { author: 'forbidden' }],
  ['EXIF data should show the date on which it was taken.', { strip: false }],
  [
    'Smaller images may be placed on a black background to reach 1920 x 1080.',
    { width: { exact: 1920 }, height: { exact: 1080 }, canvas: { allowed: true, colour: '#000000' } },
  ],
  ['Monochrome work only.', { monochrome: true }],
  ['All entries must be black-and-white.', { monochrome: true }],
  ['In this round only monochrome images are accepted.', { monochrome: true }],
  ['No colour pictures this time: everything has to be in black and white.', { monochrome: true }],
  ['EXIF: keep', { strip: false }],
  ['Keep all EXIF data.', { strip: false }],
  ['We check the EXIF, so do not strip it.', { strip: false }],
  ['Files without EXIF data are refused.', { strip: false }],
  ['Camera data must stay in the file.', { strip: false }],
  ['Metadata: none', { strip: true }],
  ['Please clear all metadata from your files.', { strip: true }],
  ['Files must be free of metadata.', { strip: true }],
  ['GPS data off', { location: 'remove' }],
  ['Files may not contain GPS coordinates.', { location: 'remove' }],
  ['Delete the geotags.', { location: 'remove' }],
  ['Make sure the location is removed from the metadata.', { location: 'remove' }],
  ['Fill in author and copyright in the file info.', { author: 'required' }],
  ['Your name and the copyright notice must be in the metadata.', { author: 'required' }],
  ['IPTC: creator, copyright and title are mandatory', { author: 'required' }],
  ['The author must be named in the IPTC data.', { author: 'required' }],
  ['The name of the author must not be found in the metadata.', { author: 'forbidden' }],
  ['No names in the metadata either.', { author: 'forbidden' }],
  ['EXIF fields that name you (artist, copyright) must be emptied.', { author: 'forbidden' }],
  ['Metadata may be kept or removed as you wish.', {}],
  ['Black-and-white only: colour pictures will be sent back.', { monochrome: true }],
  ['This exhibition shows monochrome photographs exclusively.', { monochrome: true }],
  ['Colour or black and white, as you wish.', {}],
  ['The theme is "Shadows"; black and white is especially welcome.', {}],
  ['Monochrome section: pictures must be black and white or toned in one colour.', {}],
  ['Toned pictures count as monochrome.', {}],
  [
    'The images are shown at 1920 x 1080, anything else gets black bars.',
    { width: { exact: 1920 }, height: { exact: 1080 } },
  ],
  ['The EXIF data shall not be deleted.', { strip: false }],
  ['All original EXIF must be included.', { strip: false }],
  ['Images have to contain their EXIF metadata.', { strip: false }],
  ['The exposure data in the file must not be altered.', { strip: false }],
  ['Do not use "save for web", it throws the EXIF away and we need it.', { strip: false }],
  ['Please make sure that metadata are removed.', { strip: true }],
  ['For reasons of privacy strip the file of all metadata.', { strip: true }],
  ['Metadata should be stripped.', { strip: true }],
  ['Files are to be delivered without metadata.', { strip: true }],
  ['Position data (GPS) are to be removed.', { location: 'remove' }],
  ['No GPS data in the files.', { location: 'remove' }],
  ['Please deactivate GPS before exporting.', { location: 'remove' }],
  ['Geotags must be kept.', { location: 'keep' }],
  ['Coordinates must be in the EXIF.', { location: 'keep' }],
  ['Photographer and copyright must be entered in the IPTC header.', { author: 'required' }],
  ['Your files must carry your name in the metadata.', { author: 'required' }],
  ['The creator field has to be filled in.', { author: 'required' }],
  ['Author information in the file must be deleted.', { author: 'forbidden' }],
  ['The IPTC author field must be left blank.', { author: 'forbidden' }],
  ['Remove your name from the metadata (artist, copyright).', { author: 'forbidden' }],
  ['Metadata must not give away who you are.', { author: 'forbidden' }],
  ['We want black-and-white photographs.', { monochrome: true }],
  ['Only black and white photographs will be considered.', { monochrome: true }],
  ['This is a monochrome competition.', { monochrome: true }],
  ['The set subject is monochrome: no colour at all, please.', { monochrome: true }],
  ['EXIF must not be removed.', { strip: false }],
  ['Shooting data (EXIF) are part of the record and have to be there.', { strip: false }],
  ['Camera information in the file has to be intact.', { strip: false }],
  ['The file must include its EXIF data (we read the date from it).', { strip: false }],
  ['Do not edit or delete the EXIF data.', { strip: false }],
  ['Please delete all EXIF data.', { strip: true }],
  ['Remove metadata before sending.', { strip: true }],
  ['Images with metadata will be refused by the upload.', { strip: true }],
  ['All EXIF, IPTC and XMP data are to be stripped.', { strip: true }],
  ['No metadata of any kind.', { strip: true }],
  [
    'GPS information in the file must be removed; other EXIF should stay.',
    { location: 'remove', strip: false },
  ],
  [
    'Please turn off location services before taking the photo or remove the location later.',
    { location: 'remove' },
  ],
  ['Include the GPS coordinates.', { location: 'keep' }],
  ['Pictures need to be geotagged.', { location: 'keep' }],
  ['the IPTC "Creator" field should contain your name', { author: 'required' }],
  ['Copyright field: your name', { author: 'required' }],
  ['Write your name in the Artist field.', { author: 'required' }],
  ['Metadata (author, title) should be filled in.', { author: 'required' }],
  ['Images without copyright information in the metadata will not be published.', { author: 'required' }],
  ['The author and copyright metadata fields must be empty.', { author: 'forbidden' }],
  ['Please wipe the artist and copyright fields.', { author: 'forbidden' }],
  ['No author data in the EXIF.', { author: 'forbidden' }],
  ['black and white only please', { monochrome: true }],
  ['The photographs have to be in black and white.', { monochrome: true }],
  ['We accept monochrome images only.', { monochrome: true }],
  ['Colour photographs are not eligible.', { monochrome: true }],
  ['Images may be in colour or monochrome.', {}],
  ['One of the four pictures must be black and white.', {}],
])('%s', (text, said) => {
  expect(saidBy(text)).toEqual(said);
});

describe('notes that come with a file', () => {
  it.each<[string, Said]>([
    [
      'The original file from the camera, uncropped (JPEG; no raw files), with its EXIF data.',
      { formats: ['jpeg'], strip: false },
    ],
  ])('%s', (text, said) => {
    expect(saidBy(text)).toEqual(said);
  });
});

describe('a name that must not be there', () => {
  it.each<[string, Said]>([
    [
      'Keep the exposure data in the file. Your name must not be there, and neither must the place (GPS).',
      { location: 'remove', author: 'forbidden', strip: false },
    ],
  ])('%s', (text, said) => {
    expect(saidBy(text)).toEqual(said);
  });
});
