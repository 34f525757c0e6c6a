import AxeBuilder from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';

const LEVELS = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'];

export const MODES: readonly ('light' | 'dark')[] = ['light', 'dark'];

/** Nothing is wrong in the light; in the dark the colours are looked at again, for nothing else differs. */
export async function check(page: Page, place: string, within?: string, modes = MODES) {
  // Colours that are still on their way to others are no colours to judge.
  await page.emulateMedia({ reducedMotion: 'reduce' });
  // Lines out of sight are not laid out until they are scrolled to: what they hold then is measured.
  await page.evaluate((part) => {
    for (const one of document.querySelectorAll<HTMLElement>(`${part} .line, ${part}.line`))
      one.style.contentVisibility = 'visible';
    // Nothing lies half under what stays in sight.
    scrollTo(0, 0);
  }, within ?? '');
  await page.waitForFunction(() => scrollY === 0);
  for (const mode of modes) {
    await page.evaluate((shown) => (document.documentElement.dataset.mode = shown), mode);
    // Colours arrive with a frame, on a slow machine with a late one.
    await page.evaluate(
      () => new Promise((done) => setTimeout(() => requestAnimationFrame(done), 200)),
    );
    // Only what is wrong is told: to name every node that is right takes most of the time. There is
    // one frame, so what is found needn't be put together on a page of its own.
    const all = new AxeBuilder({ page }).setLegacyMode().options({
      resultTypes: ['violations'],
      runOnly: mode === 'light' ? LEVELS : { type: 'rule', values: ['color-contrast'] },
    });
    const { violations } = await (within ? all.include(within) : all).analyze();
    const found = violations.map(
      (v) =>
        `${place}, ${mode}: ${v.id} at ${v.nodes.map((n) => `${n.target} (${n.any[0]?.message ?? v.help})`).join(' | ')}`,
    );
    expect(found).toEqual([]);
  }
}
