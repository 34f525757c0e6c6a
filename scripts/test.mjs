// One command on a fresh machine: install what is missing, then every check. The last line reads
// "N passed, N failed", counting unit tests, browser tests and the checks before them.
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { installPackages, run, runAside } from './fresh.mjs';

// Chromium drives the browser tests, the one without windows where it can be had; poppler reads the
// printed pages back; ffmpeg decodes films; espeak-ng says something for the tests of recordings. What is there
// already will do where nothing can be installed.
const HEADLESS = '/usr/bin/chromium-headless-shell';
const hasAll = () =>
  [HEADLESS, '/usr/bin/chromium'].some(existsSync) &&
  ['/usr/bin/pdftoppm', '/usr/bin/espeak-ng', '/usr/bin/ffmpeg'].every(existsSync);

async function apt(...args) {
  const as = process.getuid?.() === 0 ? [] : ['sudo'];
  const [command, ...rest] = [...as, 'apt-get', ...args];
  return (await runAside(command, rest, { shown: true })).status === 0;
}
const installWith = (browser) =>
  apt('install', '-y', '--no-install-recommends', browser, 'poppler-utils', 'espeak-ng', 'ffmpeg');

async function installPrograms() {
  if (existsSync(HEADLESS) && hasAll()) return;
  console.log('\n> Installing Chromium, poppler, espeak-ng and ffmpeg from Debian packages');
  await apt('update');
  const installed =
    (await installWith('chromium-headless-shell')) || hasAll() || (await installWith('chromium'));
  if (installed) return;
  console.error(
    'They could not be installed. Install the Debian packages chromium, poppler-utils, espeak-ng and ffmpeg by hand.',
  );
  process.exit(1);
}
await Promise.all([installPackages(), installPrograms()]);

// What the checks put aside goes with them: pages, films and browsers leave hundreds of megabytes.
const reports = mkdtempSync(join(tmpdir(), 'arrup-test-'));
process.env.TMPDIR = reports;
process.on('exit', () => rmSync(reports, { recursive: true, force: true }));
let passed = 0;
let failed = 0;

const npm = (script, args = [], options = {}) =>
  runAside('npm', ['run', '--silent', script, '--', ...args], options);

function count(ok) {
  if (ok) passed += 1;
  else failed += 1;
  return ok;
}

/** A runner that died without a report counts as one failure, never as none. */
function countReport(file, ok, read) {
  const totals = existsSync(file)
    ? read(JSON.parse(readFileSync(file, 'utf8')))
    : { passed: 0, failed: 0 };
  passed += totals.passed;
  failed += totals.failed;
  if (!ok && totals.failed === 0) failed += 1;
  if (ok && totals.passed === 0) failed += 1;
}

/** The titles of the browser tests that ended with this status, in their files. */
function titlesOf(suites, status) {
  return suites.flatMap((suite) => [
    ...suite.specs
      .filter((spec) => spec.tests.some((test) => test.status === status))
      .map((spec) => `${spec.file}: ${spec.title}`),
    ...titlesOf(suite.suites ?? [], status),
  ]);
}

/** Tells of a check that ran beside others; whether it passed. */
async function tell(name, running) {
  const { status, output } = await running;
  console.log(`\n> ${name}\n${output}`);
  return count(status === 0);
}

// Side by side: each keeps one core busy for a while. What is built writes into a place of its own; the types
// of the pages, which the build reads too, are there before.
run('npx', ['svelte-kit', 'sync']);
const BESIDE = { ARRUP_HERE_ONLY: '1', ARRUP_BUILD_BY: '.svelte-kit/build' };
const build = npm('build', [], { env: BESIDE });
const aside = ['types', 'lint', 'rules'].map((script) => npm(script));
for (const [n, name] of ['Types', 'Lint', 'Dependency rules'].entries()) await tell(name, aside[n]);
const isBuilt = await tell('Build', build);

const unitFile = join(reports, 'unit.json');
console.log('\n> Unit tests');
const unit = await npm(
  'unit',
  ['--reporter=default', '--reporter=json', `--outputFile.json=${unitFile}`],
  { shown: true },
);
countReport(unitFile, unit.status === 0, (r) => ({
  passed: r.numPassedTests,
  failed: r.numFailedTests,
}));

if (isBuilt) {
  const browserFile = join(reports, 'browser.json');
  console.log('\n> Browser tests');
  const browser = await npm('browser', ['--reporter=list,json'], {
    shown: true,
    env: { PLAYWRIGHT_JSON_OUTPUT_NAME: browserFile },
  });
  countReport(browserFile, browser.status === 0, (r) => {
    for (const title of titlesOf(r.suites, 'flaky'))
      console.log(`Passed at the second try: ${title}`);
    return { passed: r.stats.expected + r.stats.flaky, failed: r.stats.unexpected };
  });
}

console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
