import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { expect, type Page } from '@playwright/test';
import type axe from 'axe-core';

const LEVELS = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'];
const AXE = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');

export const MODES: readonly ('light' | 'dark')[] = ['light', 'dark'];

/** What axe finds wrong in a part of the page. It is read once by each page, not once for each look at it. */
async function wrongOn(
  page: Page,
  within: string | undefined,
  runOnly: string[] | axe.RunOnly,
): Promise<axe.Result[]> {
  if (await page.evaluate(() => !('axe' in globalThis))) await page.evaluate(AXE);
  return page.evaluate(
    async ([part, only]) => {
      const { run } = (globalThis as unknown as { axe: typeof axe }).axe;
      // Only what is wrong is told: to name every node that is right takes most of the time.
      const { violations } = await run(part ?? document, {
        resultTypes: ['violations'],
        runOnly: only,
      });
      return violations;
    },
    [within, runOnly] as const,
  );
}

/**
 * Nothing is wrong; where the page is looked at in the light and in the dark, only the colours are looked at
 * again, for nothing else differs. It begins as it's shown: a long page takes a second to be painted anew.
 */
export async function check(page: Page, place: string, within?: string, modes = MODES) {
  // What has not been opened yet has no heading.
  await expect(page.locator('h1').first()).toBeAttached();
  // Colours that are still on their way to others are no colours to judge: with less motion none is.
  await page.emulateMedia({ reducedMotion: 'reduce' });
  // Lines out of sight are not laid out until they are scrolled to: what they hold then is measured.
  await page.evaluate((part) => {
    for (const one of document.querySelectorAll<HTMLElement>(`${part} .line, ${part}.line`))
      one.style.contentVisibility = 'visible';
    // Nothing lies half under what stays in sight.
    scrollTo(0, 0);
  }, within ?? '');
  await page.waitForFunction(() => scrollY === 0);
  const shown = await page.evaluate(() => document.documentElement.dataset.mode);
  const first = modes.find((mode) => mode === shown) ?? modes[0]!;
  for (const mode of [first, ...modes.filter((one) => one !== first)]) {
    await page.evaluate((one) => (document.documentElement.dataset.mode = one), mode);
    const colours = { type: 'rule' as const, values: ['color-contrast'] };
    const violations = await wrongOn(page, within, mode === first ? LEVELS : colours);
    const found = violations.map(
      (v) =>
        `${place}, ${mode}: ${v.id} at ${v.nodes.map((n) => `${n.target} (${n.any[0]?.message ?? v.help})`).join(' | ')}`,
    );
    expect(found).toEqual([]);
  }
}
