<!-- What a plan becomes before it is taken in: each line, what it is read as, and what else it may be. -->
<script lang="ts">
  import { counted, isSure, type BecameLine, type Reading, type UnreadLine } from '$core';
  import ListChecks from '@lucide/svelte/icons/list-checks';
  import { SvelteMap } from 'svelte/reactivity';
  import ReadingMark from './ReadingMark.svelte';
  import ReviewDialog from '$lib/ui/ReviewDialog.svelte';
  import Switch from '$lib/ui/parts/Switch.svelte';

  type Props = {
    title: string;
    lines: readonly BecameLine[];
    /** Lines that are neither said nor done: of a setting that is not understood. */
    leftOut?: readonly UnreadLine[];
    /** What the button says that takes it in. */
    take: string;
    ontake: (chosen: ReadonlyMap<number, Reading>) => void;
    oncancel: () => void;
  };
  const { title, lines, leftOut = [], take, ontake, oncancel }: Props = $props();

  const chosen = new SvelteMap<number, Reading>();
  let onlyUnsure = $state(false);

  const isUnsure = ({ read }: BecameLine) => !isSure(read);
  const unsure = $derived(lines.filter(isUnsure).length);
  const said = $derived(lines.filter(({ read }) => read.reading.kind === 'tell').length);
  const shown = $derived(
    lines.flatMap((line, at) => (!onlyUnsure || isUnsure(line) ? [{ line, at }] : [])),
  );

  function choose(at: number, reading: Reading) {
    if (reading === lines[at]!.read) chosen.delete(at);
    else chosen.set(at, reading);
  }
</script>

<ReviewDialog labelledby="plan-title" class="w-[min(56rem,94vw)] p-0" {oncancel}>
  <div class="flex max-h-[92dvh] flex-col">
    <header class="border-b border-line px-5 pt-4 pb-3">
      <h2 id="plan-title" class="text-2xl">{title}</h2>
      <p class="mt-1 text-soft">
        {counted(lines.length - said, 'line', 'lines')} to do, {said} to say{#if unsure > 0}, and
          <strong class="text-pencil">{unsure} not sure</strong>: choose what they are{/if}.
      </p>
      {#each leftOut as { line, text } (line)}
        <p class="mt-1 text-pencil">Line {line} is left out: it isn’t understood: {text}</p>
      {/each}
      {#if unsure > 0}
        <Switch checked={onlyUnsure} onchange={(on) => (onlyUnsure = on)}
          >Show only what isn’t sure</Switch
        >
      {/if}
    </header>
    <!-- svelte-ignore a11y_no_noninteractive_tabindex -->
    <ol
      class="min-h-0 flex-1 overflow-y-auto px-5 py-2"
      tabindex="0"
      aria-label="Lines of the plan"
    >
      {#each shown as { line, at } (at)}
        {@const { read, text } = line}
        {@const now = chosen.get(at) ?? read}
        <li
          class={['border-l-4 py-2 pl-3', isUnsure(line) ? 'border-pencil' : 'border-transparent']}
          data-line={line.line}
        >
          <p class="whitespace-pre-line">{text}</p>
          {#if read.others.length === 0}
            <p class="flex items-center gap-2 text-soft">
              <ReadingMark reading={read} />{read.says}
            </p>
          {:else}
            <div class="mt-1 flex flex-wrap gap-2" role="radiogroup" aria-label="What “{text}” is">
              {#each [read, ...read.others] as one (one)}
                <button
                  type="button"
                  role="radio"
                  aria-checked={one === now}
                  class={[
                    'flex items-center gap-2 rounded-full border-2 px-3 py-1 text-left',
                    one === now ? 'border-ink bg-raised font-semibold' : 'border-line text-soft',
                  ]}
                  onclick={() => choose(at, one)}
                >
                  <ReadingMark reading={one} />{one.says}
                </button>
              {/each}
            </div>
          {/if}
        </li>
      {/each}
    </ol>
    <footer class="flex flex-wrap justify-end gap-3 border-t border-line px-5 py-3">
      <button type="button" class="btn-quiet" onclick={oncancel}>Leave it</button>
      <button type="button" class="btn-lamp" onclick={() => ontake(chosen)}>
        <ListChecks size={20} aria-hidden="true" />{take}
      </button>
    </footer>
  </div>
</ReviewDialog>
