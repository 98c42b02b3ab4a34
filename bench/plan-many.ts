/**
 * Plans ten thousand pictures against a sheet of six size rules, in turn with a yardstick in the same run: parsing and
 * writing the same pictures as JSON, which is what any program that holds them would do at least once.
 */
import { planSubmission, ruleSheetSchema, type PlannedPicture, type Rule } from '@able-frame/core';

const PICTURES = 10_000;
const ROUNDS = 7;
const ALLOWED_MS = 1000;

const must = (id: string, rule: object) => ({ id, level: 'must', ...rule }) as Rule;
const sheet = ruleSheetSchema.parse({
  format: 'able-frame/rule-sheet',
  version: 2,
  id: 'bench',
  title: 'Bench',
  organiser: 'Nobody',
  summary: '',
  details: [],
  sections: [],
  deliverables: [
    {
      id: 'file',
      label: 'File',
      rules: [
        must('box', { kind: 'box', widthPx: 4000, heightPx: 3000, eitherWay: true }),
        must('long', { kind: 'side', side: 'long-edge', minPx: 1000, maxPx: 3600 }),
        must('short', { kind: 'side', side: 'short-edge', minPx: 600 }),
        must('ratio', {
          kind: 'ratio',
          ratios: [
            { width: 3, height: 2 },
            { width: 4, height: 3 },
            { width: 1, height: 1 },
          ],
          eitherWay: true,
          tolerance: 0.005,
        }),
        must('area', { kind: 'megapixels', min: 0.6, max: 8 }),
        must('way', { kind: 'orientation', allowed: ['lying', 'upright'] }),
      ],
      name: {
        parts: [{ kind: 'number', start: 1, step: 1, digits: 5, within: 'submission' }],
        spaces: 'forbidden',
        characters: 'plain',
        extension: 'jpg',
      },
    },
  ],
  declarations: [],
});

const pictures: PlannedPicture[] = Array.from({ length: PICTURES }, (_, i) => ({
  id: `p${i}`,
  title: `Picture ${i}`,
  sectionCode: undefined,
  source: { widthPx: 700 + ((i * 7919) % 8000), heightPx: 700 + ((i * 104_729) % 6000) },
}));

const median = (values: number[]) => values.sort((a, b) => a - b)[values.length >> 1] ?? NaN;
const timed = (work: () => unknown): number => {
  const start = performance.now();
  work();
  return performance.now() - start;
};

const times: { plan: number[]; json: number[] } = { plan: [], json: [] };
let states = '';
for (let round = 0; round < ROUNDS; round++) {
  times.plan.push(
    timed(() => {
      const plans = planSubmission(sheet, {}, pictures);
      const count = (state: string) => plans.filter(p => p.plan?.state === state).length;
      states = `${count('ready')} ready, ${count('needs-you')} asking, ${count('cannot')} impossible`;
    }),
  );
  times.json.push(timed(() => JSON.parse(JSON.stringify(pictures))));
}
const [plan, json] = [median(times.plan), median(times.json)];
console.log(`planning ${PICTURES} pictures against six size rules: ${states}`);
console.log(
  `median of ${ROUNDS}: ${plan.toFixed(0)} ms (at most ${ALLOWED_MS} asked); as JSON there and back ${json.toFixed(0)} ms; ratio ${(plan / json).toFixed(1)}`,
);
if (plan > ALLOWED_MS) process.exitCode = 1;
