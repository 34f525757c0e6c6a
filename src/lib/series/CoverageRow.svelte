<!-- One skill over the weeks. Seconds come as text, so that a line in which nothing changed is left alone. -->
<script lang="ts">
  import { lengthInWords } from '$core';
  import { tip } from '$lib/ui/parts/tip';

  type Props = {
    name: string;
    words: string;
    /** Seconds of each session, one after another: what was led, and what is planned. */
    led: string;
    planned: string;
    /** So many seconds are as large as a dot gets. */
    mostSeconds: number;
  };
  const { name, words, led, planned, mostSeconds }: Props = $props();

  const MOST_PX = 22;
  const LEAST_PX = 5;
  const ledSeconds = $derived(led.split(' '));
  /** A text a cell, "12 led": of a text that stays as it was nothing is drawn again. */
  const cells = $derived(
    planned.split(' ').map((seconds, n) => {
      const real = ledSeconds[n]!;
      return real === '0' ? seconds : `${real} led`;
    }),
  );
  const sizeOf = (seconds: number) =>
    Math.max(LEAST_PX, Math.min(MOST_PX, MOST_PX * Math.sqrt(seconds / mostSeconds)));
  const isMissing = $derived(words.startsWith('not'));
</script>

<tr class="border-t border-line">
  <th scope="row" class="sticky left-0 bg-page py-1 pr-3 text-left font-normal sm:whitespace-nowrap"
    >{name}{#if words}<span
        class={['block text-sm sm:hidden', isMissing ? 'text-pencil' : 'text-soft']}>{words}</span
      >{/if}</th
  >
  {#each cells as cell, n (n)}
    {@const seconds = parseInt(cell)}
    <td class="size-9 p-0 text-center align-middle">
      {#if seconds > 0}
        <span
          class={[
            'inline-block rounded-full border-2 border-water align-middle',
            cell.endsWith('led') && 'bg-water',
          ]}
          style:width="{sizeOf(seconds)}px"
          style:height="{sizeOf(seconds)}px"
          {@attach tip(`${name}: ${lengthInWords(seconds)}`)}
        ></span><span class="sr-only">{lengthInWords(seconds)}</span>
      {:else}<span class="text-line" aria-hidden="true">·</span>{/if}
    </td>
  {/each}
  <td
    class={['hidden pl-4 whitespace-nowrap sm:table-cell', isMissing ? 'text-pencil' : 'text-soft']}
    >{words}</td
  >
</tr>
