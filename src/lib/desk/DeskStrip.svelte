<!-- The slim strip over the script: title, for whom, how long, the land, and what to do next. -->
<script lang="ts">
  import { resolve } from '$app/paths';
  import NotebookPen from '@lucide/svelte/icons/notebook-pen';
  import Play from '@lucide/svelte/icons/play';
  import Printer from '@lucide/svelte/icons/printer';
  import Redo from '@lucide/svelte/icons/redo-2';
  import Undo from '@lucide/svelte/icons/undo-2';
  import Terrain from '$lib/terrain/Terrain.svelte';
  import type { Desk } from './desk.svelte';
  import ForWhom from './ForWhom.svelte';
  import LengthLine from './LengthLine.svelte';
  import SaveState from './SaveState.svelte';
  import { tip } from '$lib/ui/parts/tip';

  const { desk }: { desk: Desk } = $props();

  const adventure = $derived(desk.adventure);
  const count = $derived(desk.notes.open.length);
  const LAND_PIXELS = 40;
</script>

<div class="strip" data-strip>
  <div class="line">
    <h1 class="sr-only">{adventure.title || 'An adventure without a title yet'}</h1>
    <input
      class="title font-heading"
      aria-label="Title of the adventure"
      placeholder="What is it called?"
      maxlength="120"
      value={adventure.title}
      oninput={(event) => desk.set({ title: event.currentTarget.value }, 'title')}
      onblur={() => desk.draft.closeStep()}
    />
    <span class="save"><SaveState draft={desk.draft} /></span>
    <span class="short tabular"><LengthLine {desk} short /></span>
    <button
      type="button"
      class="btn-quiet"
      {@attach tip('Undo: Ctrl+Z')}
      disabled={!desk.draft.canUndo}
      onclick={() => desk.draft.undo()}
    >
      <Undo size={18} aria-hidden="true" /><span class="wide">Undo</span>
      <span class="narrow sr-only">Undo</span>
    </button>
    <button
      type="button"
      class="wide btn-quiet"
      {@attach tip('Redo: Ctrl+Shift+Z')}
      disabled={!desk.draft.canRedo}
      onclick={() => desk.draft.redo()}
    >
      <Redo size={18} aria-hidden="true" />Redo
    </button>
    <button
      type="button"
      class={['btn-quiet', desk.looking.at && 'bg-sunk']}
      {@attach tip('Open or close: Ctrl+.')}
      aria-expanded={desk.looking.at !== null}
      aria-controls="look"
      onclick={() => desk.toggleLook()}
    >
      <NotebookPen size={18} aria-hidden="true" />
      <span class="wide">{count === 0 ? 'Look' : count === 1 ? '1 note' : `${count} notes`}</span>
      <span class="narrow sr-only">Notes and what to look at</span>
    </button>
    <a class="wide btn-quiet" href={resolve('/prep/[id]', { id: adventure.id })}>
      <Printer size={18} aria-hidden="true" />Prep
    </a>
    {#if !desk.isEmpty}
      <a class="btn-lamp" href={resolve('/stage/[id]', { id: adventure.id })}>
        <Play size={20} aria-hidden="true" /><span>Lead<span class="wide">&nbsp;it</span></span>
      </a>
    {/if}
  </div>
  <div class="under">
    <div class="said">
      <a class="narrow float-right btn-quiet" href={resolve('/prep/[id]', { id: adventure.id })}>
        <Printer size={18} aria-hidden="true" />Prep
      </a>
      {#if !desk.isEmpty}<p class="long tabular"><LengthLine {desk} /></p>{/if}
      <ForWhom {desk} />
    </div>
    {#if !desk.isEmpty}
      <div class="land">
        <Terrain
          cues={desk.schedule.cues}
          chapters={adventure.chapters}
          slotSeconds={adventure.setting.slotSeconds}
          height={LAND_PIXELS}
          slim
          activeBeatId={desk.pointedId ?? desk.activeId}
          onpick={(id) => (desk.focusNext = id)}
          onpoint={(id) => (desk.pointedId = id)}
          pins={desk.notes.open.flatMap((finding) => finding.atSeconds ?? [])}
        />
      </div>
    {/if}
  </div>
</div>

<style>
  .strip {
    display: contents;
  }
  .line {
    position: sticky;
    top: 0;
    z-index: 20;
    display: flex;
    align-items: center;
    gap: 0.15rem;
    padding-block: 0.3rem;
    background: var(--page);
  }
  .title {
    flex: 1;
    min-width: 0;
    border: 0;
    border-bottom: 2px dotted transparent;
    background: transparent;
    padding: 0 0.2rem;
    font-size: 1.5rem;
    font-weight: 800;
    line-height: 1.5;
    text-overflow: ellipsis;
  }
  .title:hover,
  .title:focus {
    border-color: var(--water);
    box-shadow: none;
  }
  .under {
    display: grid;
    gap: 0.25rem 1.5rem;
    padding-bottom: 0.4rem;
  }
  .short {
    padding-inline: 0.4rem;
    white-space: nowrap;
    font-weight: 700;
  }
  .wide,
  .save {
    display: none;
  }
  /* Room for all of it, and it stays; else one line stays and the rest goes along with the page. */
  @media (min-width: 64rem) and (min-height: 35rem) {
    .strip {
      position: sticky;
      top: 0;
      z-index: 20;
      display: block;
      background: var(--page);
      border-bottom: 2px solid var(--line);
    }
    .line {
      position: static;
      padding-bottom: 0;
    }
    .under {
      grid-template-columns: auto minmax(16rem, 1fr);
      align-items: end;
    }
    .said {
      max-width: 38rem;
    }
    .short,
    .narrow {
      display: none;
    }
    .wide,
    .save {
      display: inline;
    }
    .save {
      padding-inline: 0.5rem;
    }
    :is(button, a).wide {
      display: inline-flex;
    }
  }
  @media (max-width: 63.99rem), (max-height: 34.99rem) {
    /* The line above has it. */
    .long :global(:is(b.font-heading, .joint)) {
      display: none;
    }
    .line :global(.btn-quiet) {
      padding-inline: 0.45rem;
    }
    .title {
      font-size: 1.2rem;
    }
    .short {
      max-width: 5.5rem;
      padding-inline: 0.2rem;
      white-space: normal;
      line-height: 1.05;
    }
    .short :global(b) {
      font-size: 0.9375rem;
    }
    .line :global(.btn-lamp) {
      padding-inline: 0.8rem;
    }
  }
</style>
