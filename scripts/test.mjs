// One command on a fresh machine: install what is missing, then every check. The last line reads
// "N passed, N failed", counting unit tests, browser tests and the checks before them.
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { installPackages, run, runAside } from './fresh.mjs';

installPackages();
// Chromium drives the browser tests, the one without windows where it can be had; poppler reads the
// printed pages back; ffmpeg decodes films; espeak-ng says something for the tests of recordings. What is there
// already will do where nothing can be installed.
const HEADLESS = '/usr/bin/chromium-headless-shell';
const hasAll = () =>
  [HEADLESS, '/usr/bin/chromium'].some(existsSync) &&
  ['/usr/bin/pdftoppm', '/usr/bin/espeak-ng', '/usr/bin/ffmpeg'].every(existsSync);
if (!existsSync(HEADLESS) || !hasAll()) {
  console.log('\n> Installing Chromium, poppler, espeak-ng and ffmpeg from Debian packages');
  const apt = (...args) =>
    process.getuid?.() === 0 ? run('apt-get', args) : run('sudo', ['apt-get', ...args]);
  const install = (browser) =>
    apt(
      'install',
      '-y',
      '--no-install-recommends',
      browser,
      'poppler-utils',
      'espeak-ng',
      'ffmpeg',
    ) === 0;
  apt('update');
  if (!install('chromium-headless-shell') && !hasAll() && !install('chromium')) {
    console.error(
      'They could not be installed. Install the Debian packages chromium, poppler-utils, espeak-ng and ffmpeg by hand.',
    );
    process.exit(1);
  }
}

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

// Side by side: each keeps one core busy for a while.
const aside = ['types', 'lint', 'rules'].map((script) => npm(script));
for (const [n, name] of ['Types', 'Lint', 'Dependency rules'].entries()) await tell(name, aside[n]);

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

// Not beside the unit tests: both write into .svelte-kit, and what is built then doesn't start.
if (await tell('Build', npm('build', [], { env: { ARRUP_HERE_ONLY: '1' } }))) {
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
