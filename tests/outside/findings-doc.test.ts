/**
 * `docs/findings.md` is written from the rules themselves, so that it tells what is true.
 * `DOCS=write npx vitest run tests/outside/findings-doc.test.ts` writes it anew.
 */
import { readFileSync, writeFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { RULE_IDS, sourceOf } from '../../src/core';
import { WORDS_TO_MIND } from '../../src/core/findings/rules/words-to-mind';
import { WHY } from '../../src/lib/findings/why';

const PAGE = 'docs/findings.md';
const cell = (text: string) => text.replace(/\|/gu, '\\|');
const rows = RULE_IDS.map((rule) => `| \`${rule}\` | ${cell(WHY[rule])} | ${sourceOf(rule)} |`);
const words = WORDS_TO_MIND.map(({ why, instead }) => `| ${cell(why)} | ${cell(instead)} |`);

const page = `# What Arrup notices

This page is written from the rules themselves. Don't change it by hand: change a rule in
\`core/findings/rules\`, its reason in \`lib/findings/why.ts\`, and write it anew as
\`tests/outside/findings-doc.test.ts\` says.

Each note stands beside its line, says what is seen and has a mend, or says what only a person can do. It
can be left with a reason. Nothing here replaces the setting's own risk assessment, its safeguarding rules
or a health professional.

| rule | why it is told | where it comes from |
| ---- | -------------- | ------------------- |
${rows.join('\n')}

## Words to mind

| why | say perhaps |
| --- | ----------- |
${words.join('\n')}
`;

it('every rule has its reason and its origin, and the page has them all', () => {
  for (const rule of RULE_IDS) expect(WHY[rule], rule).toMatch(/^[A-Z].{20,}\.$/u);
  if (process.env.DOCS === 'write') writeFileSync(PAGE, page);
  const squeezed = (text: string) => text.replace(/ +/gu, ' ').replace(/-{2,}/gu, '-');
  expect(squeezed(readFileSync(PAGE, 'utf8'))).toBe(squeezed(page));
});
