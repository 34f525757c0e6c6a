import type { Page } from '@playwright/test';

/** Every screen that is used, and the least pixels of name and count on it. */
export const SIZES = [
  [820, 1180, 80],
  [768, 1024, 80],
  [1024, 768, 80],
  [1280, 800, 80],
  [1920, 1080, 80],
  [844, 390, 24],
  [390, 844, 36],
] as const;

/** Leafs through every cue and gathers what is wrong with any of them, all in the page. */
export const misfits = (page: Page, key: 'ArrowRight' | 'ArrowLeft', least: number) =>
  page.evaluate(
    async ({ key, least }) => {
      const found: string[] = [];
      const seen = new Set<string>();
      const wordsOf = (element: Element) => {
        const broken: string[] = [];
        const walker = document.createTreeWalker(element, NodeFilter.SHOW_TEXT);
        for (let node = walker.nextNode(); node; node = walker.nextNode()) {
          for (const match of node.textContent!.matchAll(/\S+/gu)) {
            const range = document.createRange();
            range.setStart(node, match.index);
            range.setEnd(node, match.index + match[0].length);
            const tops = [...range.getClientRects()].map(({ top }) => Math.round(top));
            // A hyphen is a fair place to go on in the next line.
            if (new Set(tops).size > 1 + (match[0].match(/-/gu)?.length ?? 0))
              broken.push(match[0]);
          }
        }
        return broken;
      };
      const overlap = (one: DOMRect, other: DOMRect) =>
        Math.min(one.right, other.right) - Math.max(one.left, other.left) > 2 &&
        Math.min(one.bottom, other.bottom) - Math.max(one.top, other.top) > 2;
      const pixels = (element: Element) => parseFloat(getComputedStyle(element).fontSize);
      for (let n = 0; n < 500; n += 1) {
        // The type is fitted when its room has been laid out: within two frames.
        for (let frame = 0; frame < 2; frame += 1) await new Promise(requestAnimationFrame);
        const scene = document.querySelector<HTMLElement>('[data-moment]');
        const main = scene?.querySelector<HTMLElement>('.main');
        if (!scene || !main) break;
        const { moment } = scene.dataset;
        const told = (what: string) => found.push(`${moment}, “${main.innerText}”: ${what}`);
        seen.add(moment!);
        const room = main.parentElement!;
        const broken = wordsOf(main);
        if (broken.length > 0) told(`broken: ${broken.join(', ')}`);
        if (main.scrollHeight > room.clientHeight + 2) told('too tall');
        if (main.scrollWidth > room.clientWidth + 2) told('too wide');
        const spoken = ['say', 'ask', 'goodbye'].includes(moment!);
        if (pixels(main) < (spoken ? 24 : least)) told(`type of ${pixels(main)} px`);
        const number = scene.querySelector('[data-count] .big');
        if (number && pixels(number) < least) told(`a number of ${pixels(number)} px`);
        const parts = [...scene.querySelectorAll('.main, .figure, .side, .count, .beside')];
        parts.forEach((part, at) => {
          const box = part.getBoundingClientRect();
          if (box.right > innerWidth + 1 || box.left < -1) told(`${part.className} is cut off`);
          for (const other of parts.slice(at + 1)) {
            if (part.contains(other) || other.contains(part)) continue;
            if (overlap(box, other.getBoundingClientRect()))
              told(`${part.className} lies over ${other.className}`);
          }
        });
        for (const element of document.querySelectorAll<HTMLElement>(
          'main p, main b, main span, main small, main button',
        )) {
          const own = [...element.childNodes].some(
            (one) => one.nodeType === 3 && one.textContent!.trim(),
          );
          const hidden =
            element.closest('svg, .sr-only, .land, [data-thing]') || !element.checkVisibility();
          if (own && !hidden && pixels(element) < 24)
            told(`“${element.innerText}” at ${pixels(element)} px`);
        }
        if (document.documentElement.scrollWidth > innerWidth) told('page too wide');
        if (document.documentElement.scrollHeight > innerHeight + 1) told('page too tall');
        const before = document.querySelector('[data-moment]')?.innerHTML;
        dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }));
        await new Promise(requestAnimationFrame);
        if (key === 'ArrowLeft' && document.querySelector('[data-moment]')?.innerHTML === before)
          break;
        if (key === 'ArrowRight' && !document.querySelector('[data-moment]')) break;
      }
      return { found: [...new Set(found)], seen: [...seen] };
    },
    { key, least },
  );
