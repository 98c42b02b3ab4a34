/** Fails when an import arrow runs backwards, or when the check itself saw nothing. */
import { cruise } from 'dependency-cruiser';
import { createRequire } from 'node:module';

const config = createRequire(import.meta.url)('../.dependency-cruiser.cjs');
const roots = ['packages/core/src', 'packages/imaging/src', 'apps/web/src', 'apps/desk/src'];
const { output } = await cruise(
  roots,
  { ruleSet: { forbidden: config.forbidden }, ...config.options, validate: true },
  undefined,
  {},
);
const faults = output.summary.violations;
for (const fault of faults) console.error(`${fault.rule.name}: ${fault.from} → ${fault.to}`);
// With the wrong compiler the check reads no TypeScript at all and finds, naturally, no fault.
const LEAST_MODULES = 60;
if (output.summary.totalCruised < LEAST_MODULES) {
  console.error(`Only ${output.summary.totalCruised} modules were seen: the check does not work.`);
  process.exit(1);
}
console.log(`${output.summary.totalCruised} modules, ${faults.length} arrows run backwards`);
process.exit(faults.length ? 1 : 0);
