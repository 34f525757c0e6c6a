<script lang="ts">
  import { resolve } from '$app/paths';
  import NotebookPen from '@lucide/svelte/icons/notebook-pen';
  import LineArea from '$lib/ui/LineArea.svelte';
  import ChapterSection from './ChapterSection.svelte';
  import { clipboardFor } from './clipboard';
  import type { Desk } from './desk.svelte';
  import DeskStrip from './DeskStrip.svelte';
  import { hintFor } from './first-steps';

  const { desk }: { desk: Desk } = $props();

  const adventure = $derived(desk.adventure);
  const clipboard = $derived(clipboardFor(desk));

  function keydown(event: KeyboardEvent) {
    if (!(event.ctrlKey || event.metaKey)) return;
    const key = event.key.toLowerCase();
    if (key === 'z' && !event.shiftKey) desk.draft.undo();
    else if ((key === 'z' && event.shiftKey) || key === 'y') desk.draft.redo();
    else if (key === 's') void desk.draft.flush();
    else if (key === '.') desk.toggleLook();
    // Twice goes on to the browser's own.
    else if (key === 'f' && desk.looking.at !== 'find') desk.looking.open('find');
    else return;
    event.preventDefault();
  }
</script>

<svelte:window onkeydown={keydown} />
<svelte:document oncopy={clipboard.copy} oncut={clipboard.cut} onpaste={clipboard.paste} />

<main
  id="main"
  tabindex="-1"
  class="desk mx-auto max-w-[84rem] px-3 pb-6 sm:px-6"
  data-looking={desk.looking.at !== null || undefined}
>
  <DeskStrip {desk} />
  {#if desk.looking.at}
    {#await import('./LookPanel.svelte') then { default: LookPanel }}<LookPanel {desk} />{/await}
  {/if}

  <div class="want">
    <LineArea
      value={adventure.world.want}
      label="What the story wants"
      placeholder="What does somebody want? “The lamp has gone out, let’s carry a new flame up.”"
      class="-ml-1"
      onchange={(want) => desk.setWorld({ want }, 'want')}
      onleave={() => desk.draft.closeStep()}
    />
  </div>

  {#if desk.isEmpty}
    <p class="mt-4 flex max-w-3xl items-start gap-3 text-lg">
      <NotebookPen class="mt-1 shrink-0 text-pencil" size={22} aria-hidden="true" />
      <span>
        Write it as you would on paper, one line at a time, in any chapter below. Plain words are
        something you say, “10 frog jumps” is something they do, “drink” is a drink. The land grows
        up here as you write.
      </span>
    </p>
  {/if}

  {#each adventure.chapters as chapter (chapter.id)}
    <ChapterSection {desk} {chapter} hint={hintFor(chapter.kind, chapter.beats.length === 0)} />
  {/each}

  <p class="mt-6 text-sm text-soft">
    Keys: <b>Enter</b> puts a typed line in · <b>Ctrl+Enter</b> a line below this one ·
    <b>Alt+↑ ↓</b> moves the line · <b>Ctrl+↑ ↓</b> goes to the line before or after ·
    <b>Alt+Delete</b> takes it out · <b>Ctrl+X, C, V</b> cuts, copies and pastes a line, between
    adventures too · <b>Ctrl+.</b> what to look at · <b>Ctrl+F</b> finds · <b>Ctrl+Z</b> undoes,
    <b>Ctrl+Shift+Z</b> redoes ·
    <a href={resolve('/desk/[id]/versions', { id: adventure.id })}>Earlier versions</a> ·
    <a href={resolve('/desk/[id]/compare', { id: adventure.id })}>What a colleague made of it</a>
  </p>
</main>

<style>
  .desk {
    /* Clock, script and margin, the same for every line. */
    --gutter: 3.75rem;
    --margin: 0rem;
  }
  @media (min-width: 40rem) {
    .desk {
      --gutter: 5.25rem;
    }
  }
  @media (min-width: 64rem) {
    .desk {
      --margin: clamp(15rem, 24vw, 22rem);
    }
  }
  /* What is looked at is wider than the margin here: lines end before it. */
  @media (min-width: 64rem) and (max-width: 79.99rem) and (min-height: 35rem) {
    .desk[data-looking] {
      --margin: 20rem;
    }
  }
  .want {
    margin-inline: var(--gutter) var(--margin);
    padding-top: 0.1rem;
    font-style: italic;
    color: var(--soft);
  }
</style>
