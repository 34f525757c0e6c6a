// Gathers the words that somebody reads or hears, on screen and in print, from the code that they stand in.
import { readdirSync, readFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import { parse } from 'svelte/compiler';
import ts from 'typescript';
import { root } from './fresh.mjs';

/** Attributes that are read by somebody; any other is read where it looks like a sentence. */
const SPOKEN =
  /^(?:aria-label|aria-description|alt|label|hint|note|placeholder|summary|title|heading|text|empty)$/u;
/** Never words: classes, addresses, marks for tests and for the browser. */
const SILENT =
  /^(?:class|style|href|src|id|for|name|type|d|viewBox|points|transform|role|data-.*|key|autocomplete|inputmode|rel|target|stroke.*|fill.*)$/u;
const INLINE = new Set('a abbr b br code em i kbd small span strong time'.split(' '));

const oneLine = (text) => text.replace(/\s+/gu, ' ').trim();
const isWords = (text) => /\p{L}/u.test(text);
/** More than one word, none of them made for a machine. */
const isSentence = (text) =>
  /\p{L}[\p{L}’',;:.!?…–“”()]* \S/u.test(text) &&
  !/(?:^| )(?:[a-z]+-[a-z0-9[\]/.-]+|[a-z]+:[a-z].*)(?: |$)/u.test(text) &&
  !/^[Mm] ?-?[\d.]/u.test(text) &&
  // A pattern to be found, and nothing to be read.
  !/\(\?[:=!<]|\[\^?[\w-]+\][*+?]/u.test(text);

/** String literals of a piece of TypeScript, those that are thrown, imported or matched left out. */
function literalsOf(code) {
  const found = [];
  const file = ts.createSourceFile('x.ts', code, ts.ScriptTarget.Latest, true);
  const visit = (node) => {
    if (ts.isImportDeclaration(node) || ts.isExportDeclaration(node)) return;
    if (ts.isThrowStatement(node) || ts.isTypeNode(node) || ts.isRegularExpressionLiteral(node))
      return;
    if (ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node)) found.push(node.text);
    if (ts.isTemplateExpression(node)) {
      const text = node.templateSpans.map(
        (span) => `{${oneLine(span.expression.getText())}}${span.literal.text}`,
      );
      found.push(node.head.text + text.join(''));
    }
    ts.forEachChild(node, visit);
  };
  visit(file);
  return found.map(oneLine).filter(isSentence);
}

function wordsOfSvelte(source) {
  const { fragment, instance, module } = parse(source, { modern: true });
  const found = [];
  const codeOf = ({ start, end }) => source.slice(start, end);
  const textOf = (nodes) =>
    nodes
      .map((node) => {
        if (node.type === 'Text') return node.data;
        if (node.type === 'ExpressionTag') return `{${oneLine(codeOf(node.expression))}}`;
        if (node.type === 'RegularElement' && INLINE.has(node.name))
          return textOf(node.fragment.nodes);
        return '';
      })
      .join('');
  const read = (node, isInside) => {
    if (!node || typeof node !== 'object') return;
    if (Array.isArray(node.nodes)) {
      const says = node.nodes.some(({ type, data }) => type === 'Text' && isWords(data));
      if (says && !isInside) found.push(oneLine(textOf(node.nodes)));
      for (const one of node.nodes) {
        read(one, says && one.type === 'RegularElement' && INLINE.has(one.name));
      }
      return;
    }
    for (const attribute of node.attributes ?? []) {
      if (attribute.type !== 'Attribute' || SILENT.test(attribute.name)) continue;
      const text = oneLine(
        codeOf(attribute)
          .slice(attribute.name.length)
          .replace(/^=["{]?|["}]$/gu, ''),
      );
      const plain =
        attribute.value !== true && [attribute.value].flat().every(({ type }) => type === 'Text');
      if (plain ? SPOKEN.test(attribute.name) || isSentence(text) : false) found.push(text);
      else if (attribute.value !== true) {
        const expressions = [attribute.value].flat();
        if (expressions.length > 1) found.push(text);
        else found.push(...literalsOf(`(${codeOf(expressions[0].expression ?? expressions[0])})`));
      }
    }
    if (node.type === 'ExpressionTag' && !isInside)
      found.push(...literalsOf(`(${codeOf(node.expression)})`));
    for (const key of [
      'fragment',
      'body',
      'consequent',
      'alternate',
      'fallback',
      'pending',
      'then',
      'catch',
    ]) {
      read(node[key], isInside && key === 'fragment');
    }
  };
  read(fragment, false);
  for (const script of [module, instance])
    if (script) found.push(...literalsOf(codeOf(script.content)));
  return found;
}

/** What is read, or heard, in a file of the code: each once, in the order of the file. */
export const wordsOf = (path, source) => [
  ...new Set(path.endsWith('.svelte') ? wordsOfSvelte(source) : literalsOf(source)),
];

/** Every file that may have words for somebody, from `src` on. */
export const filesWithWords = () =>
  readdirSync(join(root, 'src'), { recursive: true, withFileTypes: true })
    .filter((one) => one.isFile())
    .map((one) => relative(root, join(one.parentPath, one.name)))
    .filter(
      (path) =>
        /\.(?:svelte|ts)$/u.test(path) &&
        !/\.test\.ts$|\.d\.ts$|core\/(?:testing|language|moves|figure)\//u.test(path),
    )
    .sort();

export const sourceOf = (path) => readFileSync(join(root, path), 'utf8');
