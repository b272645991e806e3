// npm test: installs what is missing, then format, lint, types, unit and end-to-end tests.
// The last line is `N passed, N failed`; a check that fails counts as one failed.
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { bin, ensurePackages, run } from './run.mjs';

ensurePackages();
const { ensureChromium } = await import('./chromium.mjs');
const { prepare } = await import('./prepare.mjs');
ensureChromium();
prepare();

let passed = 0;
let failed = 0;
/** What failed, by name: said again at the end, where whoever reads only the last lines sees it. */
const failures = [];
const folder = mkdtempSync(join(tmpdir(), 'wordane-test-'));

function check(name, program, args) {
  console.log(`\n— ${name}`);
  const [node, path] = bin(program);
  if (run(node, [path, ...args], { tolerate: true }) === 0) passed += 1;
  else fail(name);
}

function fail(what) {
  failed += 1;
  failures.push(what);
}

/** Runs a vitest suite through `command` and adds its counts from the JSON report. */
function suite(name, command, args) {
  console.log(`\n— ${name}`);
  const report = join(folder, `${name}.json`);
  const status = run(
    command,
    [...args, '--reporter=default', '--reporter=json', `--outputFile.json=${report}`],
    {
      tolerate: true,
    },
  );
  try {
    const { numPassedTests, success, testResults } = JSON.parse(readFileSync(report, 'utf8'));
    passed += numPassedTests;
    const named = failures.length;
    for (const file of testResults) {
      for (const test of file.assertionResults) {
        if (test.status === 'failed')
          fail(
            `${file.name}: ${test.fullName}\n    ${(test.failureMessages[0] ?? '').slice(0, 400)}`,
          );
      }
    }
    // A file that cannot be loaded fails the run without a failed test.
    if ((!success || status !== 0) && failures.length === named)
      fail(
        `${name}: ${testResults.find((file) => file.status === 'failed')?.message ?? `ended with ${status}`}`,
      );
  } catch {
    fail(`${name}: no report`);
  }
}

check('format', 'prettier/bin/prettier.cjs', ['--check', '--log-level', 'warn', '.']);
check('lint', 'eslint/bin/eslint.js', ['.', '--max-warnings', '0']);
check('route types', '@react-router/dev/bin.js', ['typegen']);
check('types', 'typescript/bin/tsc', ['--noEmit']);
const [node, vitest] = bin('vitest/vitest.mjs');
suite('unit', node, [vitest, 'run']);
suite('end-to-end', process.execPath, ['scripts/e2e.mjs']);

rmSync(folder, { recursive: true, force: true });
for (const what of failures) console.log(`\nfailed — ${what}`);
console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
