<!-- A letter strip on paper: a box a letter, with its picture and its move, to hang up or hold up. -->
<script lang="ts">
  import { doseInWords, moveBookOf, moveIn, type Adventure, type Draw } from '$core';
  import { pictureFor } from '$lib/pictures/pictures';
  import PictureSvg from '$lib/pictures/PictureSvg.svelte';
  import type { Paper } from '$lib/store/preferences.svelte';

  type Props = { adventure: Adventure; beat: Draw; paper: Paper };
  const { adventure, beat, paper }: Props = $props();

  const book = $derived(moveBookOf(adventure));
</script>

<article class={['strip', paper]} aria-label="Letter strip">
  <h2>{adventure.title || 'Untitled adventure'}</h2>
  <ol>
    {#each beat.entries as { id, label, action } (id)}
      {@const move = moveIn(book, action.move)}
      {@const picture = pictureFor(action.guise.picture, move)}
      <li>
        <b class="sign">{label}</b>
        <span class="picture" aria-hidden="true"
          ><PictureSvg {picture} size="100%" strokeWidth={1.5} /></span
        >
        <b class="word">{action.guise.picture || action.guise.name || move.name}</b>
        <span>{move.name}, {doseInWords(action.dose)}</span>
      </li>
    {/each}
  </ol>
</article>

<style>
  @page strip-a4 {
    size: 210mm 297mm;
    margin: 13mm 14mm;
  }
  @page strip-letter {
    size: 8.5in 11in;
    margin: 0.5in 0.55in;
  }
  .strip {
    --ink: oklch(0.22 0.03 228);
    --soft: oklch(0.4 0.03 228);
    max-width: 210mm;
    margin-top: 2rem;
    padding: 13mm 14mm;
    background: white;
    color: var(--ink);
    box-shadow: 0 1px 14px oklch(0.25 0.03 228 / 0.2);
    break-before: page;
  }
  .sign {
    font-family: var(--font-heading);
    font-size: 30pt;
    font-weight: 800;
    line-height: 1;
  }
  h2 {
    font-size: 18pt;
    margin-bottom: 3mm;
  }
  ol {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(40mm, 1fr));
    gap: 3mm;
  }
  li {
    display: flex;
    flex-direction: column;
    align-items: center;
    gap: 1mm;
    border: 1.2pt solid var(--ink);
    border-radius: 2mm;
    padding: 2.5mm 1.5mm;
    text-align: center;
    font-size: 10pt;
    line-height: 1.15;
    break-inside: avoid;
  }
  .picture {
    width: 13mm;
    height: 13mm;
  }
  .word {
    font-size: 13pt;
  }
  @media (max-width: 640px) {
    .strip {
      padding: 5mm;
    }
  }
  @media print {
    .strip {
      margin: 0;
      padding: 0;
      max-width: none;
      box-shadow: none;
    }
    .strip.a4 {
      page: strip-a4;
    }
    .strip.letter {
      page: strip-letter;
    }
  }
</style>
