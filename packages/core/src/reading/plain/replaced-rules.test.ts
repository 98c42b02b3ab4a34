import { describe, expect, it } from 'vitest';
import { readRules } from '../read-rules.ts';
import { replacedRules } from './replaced-rules.ts';
import { reword } from './reword.ts';

const without = (text: string) => reword(text, replacedRules(text)).text;

describe('rules as they were and as they are', () => {
  it.each([
    ['OLD: 1400 x 1050, 1 MB.\nNEW: 1920 x 1200, 2 MB.\nJPEG.', '1920 x 1200, 2 MB.\nJPEG.'],
    ['Old limit: 1 MB\nNew limit: 2 MB', 'Limit: 2 MB'],
    ['2025: 1600 px\n2026: 1920 px', '1920 px'],
    ['             Old       New\nLong side    1600 px   1920 px', 'Long side    1920 px'],
    [
      '| | Old | New |\n| - | - | - |\n| Size | 1 MB | 2 MB |\n\nJPEG.',
      '| - | - |\n| Size | 2 MB |\n\nJPEG.',
    ],
  ])('%j', (given, now) => expect(without(given)).toBe(now));

  it.each([
    'New members: 2 pictures.\nOld members: 4 pictures.',
    'Round 1: 1400 px\nRound 2: 1920 px',
    '2024: a wet year\n2026: a dry one',
    'Before: 1400 px',
  ])('leaves %j alone', text => expect(without(text)).toBe(text));

  it('leads back to the words that hold now', () => {
    const text = 'OLD: 1600 px on the long side.\nNEW: 1920 px on the long side.';
    const claim = readRules(text).claims.find(c => c.field === 'longEdge');
    expect(text.slice(claim?.start, claim?.end)).toContain('1920');
  });
});
