<!-- One page of a PDF as a picture, drawn when it comes into sight; its words for those who listen. -->
<script lang="ts">
  import type { PDFDocumentProxy } from 'pdfjs-dist';

  type Props = { pdf: PDFDocumentProxy; n: number; title: string };
  const { pdf, n, title }: Props = $props();

  /** Pixels of a picture for each of the page's points: sharp on a dense screen. */
  const SHARPNESS = 1.6;

  const page = $derived(pdf.getPage(n));
  let canvas: HTMLCanvasElement | undefined = $state();
  let words = $state('');
  let ratio = $state(1 / Math.SQRT2);

  // Words are there for those who listen, whether the picture is in sight or not.
  $effect(() => {
    let gone = false;
    void page
      .then((one) => one.getTextContent())
      .then(({ items }) => {
        const said = items.map((item) => ('str' in item ? item.str : '')).join(' ');
        if (!gone) words = said.replace(/\s+/gu, ' ');
      })
      .catch(() => {});
    return () => {
      gone = true;
    };
  });

  $effect(() => {
    const [target, source] = [canvas, page];
    if (!target) return;
    let gone = false;
    const draw = async () => {
      const one = await source;
      const viewport = one.getViewport({ scale: SHARPNESS });
      if (gone) return;
      ratio = viewport.width / viewport.height;
      target.width = viewport.width;
      target.height = viewport.height;
      await one.render({ canvas: target, viewport }).promise;
    };
    const sight = new IntersectionObserver(
      (seen) => {
        if (!seen.some(({ isIntersecting }) => isIntersecting)) return;
        sight.disconnect();
        // A document that is closed while its page is drawn is replaced by a newer one.
        draw().catch(() => {});
      },
      { rootMargin: '400px' },
    );
    sight.observe(target);
    return () => {
      gone = true;
      sight.disconnect();
    };
  });
</script>

<figure data-page={n}>
  <canvas
    bind:this={canvas}
    style:aspect-ratio={ratio}
    aria-hidden="true"
    class="w-full border border-line bg-white shadow-sm"
  ></canvas>
  <figcaption class="sr-only">{title}, page {n}: {words}</figcaption>
</figure>
