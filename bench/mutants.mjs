/*
 * Small faults planted in core one at a time, each with the unit tests that read the file: how many are
 * noticed. `npm run bench:mutants`, or `-- findings 40` for forty of one folder, `-- all 200 7` with a seed.
 * What is noticed by nobody is printed with its line: write the test that would have.
 */
import { spawnSync } from 'node:child_process';
import {
  cpSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  symlinkSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import ts from 'typescript';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import { uniformInt } from 'pure-rand/distribution/uniformInt';
import { root } from './built.mjs';

/** Where a child's safety and the sums lie. */
const WEIGHTY = [
  'findings',
  'schedule',
  'fit',
  'print',
  'stage',
  'room',
  'prep',
  'chance',
  'beats',
];
const [, , folder = 'all', count = '60', seed = '1'] = process.argv;
const folders = folder === 'all' ? WEIGHTY : [folder];
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
  readdirSync(join(root, 'src/core', name), { recursive: true })
    .filter((file) => file.endsWith('.ts') && !/\.test\.ts$|index\.ts$|\/catalogue\//u.test(file))
    .map((file) => join('src/core', name, file));

// A copy is changed, never what somebody works on.
const copy = mkdtempSync(join(tmpdir(), 'arrup-mutants-'));
for (const part of ['src', 'tests', 'types', 'docs', 'static', 'bench', 'scripts'])
  cpSync(join(root, part), join(copy, part), { recursive: true });
for (const file of readdirSync(root).filter((name) => /\.(?:json|[tj]s|cjs)$/u.test(name)))
  cpSync(join(root, file), join(copy, file));
symlinkSync(join(root, 'node_modules'), join(copy, 'node_modules'));

const files = folders
  .flatMap(filesOf)
  .map((file) => ({ file, text: readFileSync(join(root, file), 'utf8') }));
const faults = files.flatMap(({ file, text }) =>
  faultsOf(text).map((fault) => ({ file, text, ...fault })),
);
const tally = new Map();
for (let n = 0; n < Number(count); n += 1) {
  const { file, text, from, to, now, was } = one(faults);
  writeFileSync(join(copy, file), text.slice(0, from) + now + text.slice(to));
  const name = file.split('/')[2];
  // The tests beside it first, then every test that reads it.
  const asked = [
    ['run', `src/core/${name}/`],
    ['related', file, '--run'],
  ];
  const noticedBy = asked.find(
    (args) =>
      spawnSync('npx', ['vitest', ...args, '--bail', '1', '--reporter', 'dot'], {
        cwd: copy,
        stdio: 'ignore',
        timeout: 180_000,
      }).status !== 0,
  );
  writeFileSync(join(copy, file), text);
  const sums = tally.get(name) ?? { planted: 0, noticed: 0 };
  tally.set(name, { planted: sums.planted + 1, noticed: sums.noticed + (noticedBy ? 1 : 0) });
  if (!noticedBy) {
    const line = text.slice(0, from).split('\n').length;
    console.log(`not noticed: ${file}:${line}: ${was} -> ${now}`);
  }
}
let [planted, noticed] = [0, 0];
for (const [name, sums] of tally) {
  planted += sums.planted;
  noticed += sums.noticed;
  console.log(`${name}: ${sums.noticed} of ${sums.planted} noticed`);
}
console.log(`all: ${noticed} of ${planted} noticed, ${Math.round((noticed / planted) * 100)} %`);
