<!-- What to gather: how many, what for, what stands in for it; ticked off as it is found. -->
<script lang="ts">
  import { isShort, kitListOf, type Adventure, type KitLine } from '$core';
  import { Gathered } from './gathered.svelte';

  const { adventure }: { adventure: Adventure } = $props();

  const lines = $derived(kitListOf(adventure, adventure.setting));
  const gathered = $derived(new Gathered(adventure.id));
  $effect(() => {
    void gathered.load();
  });

  const plural = (thing: string, count: number) =>
    count === 1
      ? thing
      : thing === 'die'
        ? 'dice'
        : thing === 'pack of cards'
          ? 'packs of cards'
          : `${thing}s`;
  function share({ sharedBy, count }: KitLine): string {
    if (sharedBy === 'group') return count === 1 ? 'for everybody' : 'around the room';
    return sharedBy === 1 ? 'one each' : `one for ${sharedBy}`;
  }
  function there({ atHand, count }: KitLine): string {
    if (atHand === null || atHand >= count) return '';
    return atHand === 0 ? 'none at hand' : `${atHand} at hand, ${count - atHand} short`;
  }
</script>

<section aria-labelledby="kit-title">
  <h2 id="kit-title" class="text-xl">To gather</h2>
  {#if lines.length === 0}
    <p class="mt-1 text-soft">Nothing: children, and the floor.</p>
  {:else}
    <ul class="mt-2">
      {#each lines as line (line.thing)}
        <li class="border-t border-line py-2">
          <label class="flex items-baseline gap-3">
            <input
              type="checkbox"
              class="checkbox size-5 shrink-0 translate-y-0.5"
              checked={gathered.has(line.thing)}
              onchange={(event) => void gathered.tick(line.thing, event.currentTarget.checked)}
            />
            <span class={gathered.has(line.thing) ? 'text-soft line-through' : ''}>
              <b class="tabular">{line.count} {plural(line.thing, line.count)}</b>, {share(line)}
              <span class="text-soft">for {line.uses.join(', ')}</span>
            </span>
          </label>
          {#if isShort(line) && !gathered.has(line.thing)}
            <p class="pl-8 text-pencil">
              {there(line)}{line.household ? `. Instead: ${line.household}.` : '.'}
            </p>
          {/if}
        </li>
      {/each}
    </ul>
  {/if}
</section>
