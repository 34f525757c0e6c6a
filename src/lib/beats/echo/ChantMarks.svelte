<!-- A line of a rhyme on its beats: a lamp under each syllable that has one; and what it rhymes with. -->
<script lang="ts">
  import { layOnBeats, linesRhyme, rhymesFor, type ChantLine, type SoundBook } from '$core';
  import { tip } from '$lib/ui/parts/tip';

  type Props = {
    text: string;
    beats: number;
    /** The line before it, which it may rhyme with; null for the first of two. */
    before: string | null;
    /** The story's own words, and the dictionary of sounds. */
    words: readonly string[];
    sounds: SoundBook;
  };
  const { text, beats, before, words, sounds }: Props = $props();

  const PROPOSED = 6;
  const laid = $derived(layOnBeats(text, beats, sounds));
  const rhymes = $derived(before === null ? null : linesRhyme(before, text, sounds));
  const proposed = $derived(
    before !== null && rhymes === false ? rhymesFor(before, words, sounds, PROPOSED) : [],
  );
  const TROUBLE: Readonly<
    Record<NonNullable<ChantLine['trouble']>['code'], (word: string) => string>
  > = {
    'too-long': (word) => `Too much for ${beats} beats: there’s none left for “${word}”.`,
    'too-short': () => `Too short for ${beats} beats.`,
    'weak-beat': (word) => `A beat falls on “${word}”, where nobody would clap.`,
    'lost-stress': (word) => `It stumbles before “${word}”.`,
  };
</script>

{#if laid.words.length > 0}
  <p
    class="flex flex-wrap items-start gap-x-2 pt-1.5 pl-1"
    data-chant={laid.scans ? 'scans' : 'stumbles'}
  >
    <span class="sr-only">{laid.scans ? 'It lies on the beat.' : ''}</span>
    {#each laid.words as word, n (n)}
      <span class="inline-flex flex-col items-center leading-tight" aria-hidden="true">
        <span class="text-[0.9375rem] text-soft">{word.text}</span>
        <span class="flex h-3 items-center gap-1">
          {#each word.syllables as { onBeat }, at (at)}
            <span class={onBeat ? 'beat' : 'off'}></span>
          {/each}
        </span>
      </span>
    {/each}
    {#each { length: laid.rests }, n (n)}
      <span class="self-end pb-0.5 text-soft" {@attach tip('A beat without a word')}>·</span>
    {/each}
    {#if laid.trouble}
      <span class="self-center text-pencil">{TROUBLE[laid.trouble.code](laid.trouble.word)}</span>
    {/if}
    {#if rhymes}<span class="self-center text-soft">It rhymes.</span>{/if}
    {#if proposed.length > 0}
      <span class="self-center text-soft">To rhyme with it: {proposed.join(', ')}.</span>
    {/if}
  </p>
{/if}

<style>
  .beat,
  .off {
    display: inline-block;
    border-radius: 50%;
  }
  .beat {
    width: 0.7rem;
    height: 0.7rem;
    background: var(--lamp);
    border: 1.5px solid var(--ink);
  }
  .off {
    width: 0.3rem;
    height: 0.3rem;
    background: var(--line);
  }
</style>
