/*
 * Small faults planted in core one at a time, each with the unit tests that read the file: how many are
 * noticed. `npm run bench:mutants` for all; `-- findings,fit 40` for forty in each of two; a third word is the seed.
 * What is noticed by nobody is printed with its line: write the test that would have.
 */
import { fork } from 'node:child_process';
import { once } from 'node:events';
import {
  cpSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  symlinkSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import ts from 'typescript';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import { uniformInt } from 'pure-rand/distribution/uniformInt';
import { coreFolders, root } from './built.mjs';

/** Folders of data and of what only passes on: a number more there is another picture, not a fault. */
const LEFT_OUT = ['figure', 'testing'];
const core = join(root, 'src/core');
const [, , named = 'all', count = '10', seed = '1'] = process.argv;
const folders = named === 'all' ? coreFolders(...LEFT_OUT) : named.split(',');
const generator = xoroshiro128plus(Number(seed));
const one = (list) => list[uniformInt(generator, 0, list.length - 1)];

const SWAPS = {
  '<': '<=',
  '<=': '<',
  '>': '>=',
  '>=': '>',
  '+': '-',
  '-': '+',
  '*': '/',
  '/': '*',
  '===': '!==',
  '!==': '===',
  '&&': '||',
  '||': '&&',
  '??': '&&',
};

/** Every small fault that can be planted in a file: from, to, in place of what. */
function faultsOf(text) {
  const source = ts.createSourceFile('x.ts', text, ts.ScriptTarget.Latest, true);
  const faults = [];
  const note = (node, now) =>
    faults.push({ from: node.getStart(source), to: node.getEnd(), now, was: node.getText(source) });
  const visit = (node) => {
    if (ts.isTypeNode(node) || ts.isImportDeclaration(node)) return;
    if (ts.isBinaryExpression(node)) {
      const swapped = SWAPS[node.operatorToken.getText(source)];
      const joins = [node.left, node.right].some((side) => ts.isStringLiteralLike(side));
      if (swapped && !joins) note(node.operatorToken, swapped);
    }
    if (ts.isNumericLiteral(node)) note(node, String(Number(node.text) + 1));
    if (node.kind === ts.SyntaxKind.TrueKeyword) note(node, 'false');
    if (node.kind === ts.SyntaxKind.FalseKeyword) note(node, 'true');
    if (ts.isPrefixUnaryExpression(node) && node.operator === ts.SyntaxKind.ExclamationToken)
      note(node, node.operand.getText(source));
    if (ts.isConditionalExpression(node))
      note(node.condition, `!(${node.condition.getText(source)})`);
    ts.forEachChild(node, visit);
  };
  visit(source);
  return faults;
}

const filesOf = (name) =>
  readdirSync(join(core, name), { recursive: true })
    .filter(
      (file) => file.endsWith('.ts') && !/\.test\.ts$|index\.ts$|(?:^|\/)catalogue\//u.test(file),
    )
    .map((file) => join('src/core', name, file));

// A copy is changed, never what somebody works on.
const copy = mkdtempSync(join(tmpdir(), 'arrup-mutants-'));
// What the tests put aside goes with the copy.
const aside = join(copy, 'aside');
mkdirSync(aside);
for (const part of ['src', 'tests', 'types', 'docs', 'static', 'bench', 'scripts'])
  cpSync(join(root, part), join(copy, part), { recursive: true });
for (const file of readdirSync(root).filter((name) => /\.(?:json|[tj]s|cjs)$/u.test(name)))
  cpSync(join(root, file), join(copy, file));
symlinkSync(join(root, 'node_modules'), join(copy, 'node_modules'));

/** A child process that keeps the tests warm: one that hangs in a loop is ended with all it started. */
async function startTests() {
  const child = fork(join(root, 'bench/mutant-tests.mjs'), [copy], {
    cwd: copy,
    detached: true,
    silent: true,
    env: { ...process.env, TMPDIR: aside },
  });
  const [{ failing }] = await once(child, 'message');
  if (failing.length > 0) console.log(`fail already, and are left out: ${failing.join(', ')}`);
  return child;
}
const end = (child) => process.kill(-child.pid, 'SIGKILL');

let tests = await startTests();
/** Longer than all tests take on a busy machine. */
const LOOP_MS = 600_000;
/**
 * The test that notices what stands in a file now: its name, "a loop without end", or null. The file is put
 * right by `mend` before tests are begun anew, for what fails then is left out.
 */
async function noticedBy(file, mend) {
  tests.send(file);
  const answer = await Promise.race([
    once(tests, 'message').then(([said]) => said),
    new Promise((resolve) => {
      setTimeout(resolve, LOOP_MS, { by: 'a loop without end' }).unref();
    }),
  ]);
  if (answer.by === 'a loop without end') {
    end(tests);
    mend();
    tests = await startTests();
  }
  return answer.by;
}

const faultsIn = (folder) =>
  filesOf(folder).flatMap((file) => {
    const text = readFileSync(join(root, file), 'utf8');
    return faultsOf(text).map((fault) => ({ file, text, ...fault }));
  });
const planted = folders.flatMap((folder) => {
  const faults = faultsIn(folder);
  const some = Array.from({ length: faults.length === 0 ? 0 : Number(count) }, () => one(faults));
  return some.map((fault) => ({ folder, ...fault }));
});
const noticed = [];
for (const [n, { folder, file, text, from, to, now, was }] of planted.entries()) {
  writeFileSync(join(copy, file), text.slice(0, from) + now + text.slice(to));
  const mend = () => writeFileSync(join(copy, file), text);
  const by = await noticedBy(join(copy, file), mend);
  mend();
  if (by) noticed.push(folder);
  else {
    const before = text.slice(0, from).split('\n');
    console.log(`not noticed: ${file}:${before.length}: ${was} -> ${now}`);
  }
  // A long run may be broken off: how far it has come is told on the way.
  if ((n + 1) % 5 === 0) console.log(`${noticed.length} of ${n + 1} noticed`);
}
end(tests);
rmSync(copy, { recursive: true });
const told = (name, some, of) =>
  console.log(`${name}: ${some} of ${of} noticed, ${Math.round((some / of) * 100)} %`);
for (const folder of folders) {
  const of = planted.filter((fault) => fault.folder === folder).length;
  if (of > 0) told(folder, noticed.filter((name) => name === folder).length, of);
}
told('all', noticed.length, planted.length);
