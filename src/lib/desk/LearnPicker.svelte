<!-- What rides along, ready for each device: a line to look at, to change and to put in. -->
<script lang="ts">
  import { allLearnLines, type LearnDevice } from '$core';

  const { online }: { online: (line: string) => void } = $props();

  const ON: Readonly<Record<LearnDevice, string>> = {
    die: 'on dice',
    cards: 'on cards',
    wheel: 'on a wheel',
    calls: 'as calls',
    strip: 'one after another',
  };
  const sets = allLearnLines();
  /** Sets of their own names within a group are told by them. */
  const wordFor = (group: string, name: string, device: LearnDevice) =>
    group === name ? ON[device] : name;
</script>

<dl class="mt-3 grid gap-x-4 gap-y-1 sm:grid-cols-[auto_minmax(0,1fr)]" data-learn>
  {#each sets as { name: group, lines } (group)}
    <dt class="pt-1 font-semibold">{group}</dt>
    <dd class="flex flex-wrap gap-1.5 pb-1">
      {#each lines as { name, device, line } (line)}
        <button
          type="button"
          class="btn-quiet border! border-line! py-0.5!"
          aria-label="{group}: {wordFor(group, name, device)}"
          onclick={() => online(line)}>{wordFor(group, name, device)}</button
        >
      {/each}
    </dd>
  {/each}
</dl>
