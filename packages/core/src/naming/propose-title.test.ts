import { expect, it } from 'vitest';
import { proposeTitle } from './propose-title.ts';

it.each([
  ['Saltpan Evening.jpg', 'Saltpan Evening'],
  ['lantern_boats.jpg', 'Lantern boats'],
  ['TallTide-final.PNG', 'Tall Tide'],
  ['breakwater(2)..jpg', 'Breakwater'],
  ['Final curtain.jpg', 'Final curtain'],
  ['pano.jpg', 'Pano'],
  ['Tide 7.jpg', 'Tide 7'],
  ['IMG_2231 final(2).jpg', ''],
  ['DSC00412.JPG', ''],
  ['20261120_181500.jpg', ''],
])('%s → “%s”', (file, title) => {
  expect(proposeTitle(file)).toBe(title);
});

it('takes the embedded title where the name is a counter, and only there', () => {
  expect(proposeTitle('IMG_2231.jpg', ' Fog over  the bar ')).toBe('Fog over the bar');
  expect(proposeTitle('Low tide.jpg', 'Fog over the bar')).toBe('Low tide');
});
