<!-- One thing at a time, huge, in the shape of its kind: for the leader and for the children alike. -->
<script lang="ts">
  import type { Draw, MoveBook } from '$core';
  import type { Snippet } from 'svelte';
  import type { Shown } from '../companions';
  import Pips from '../Pips.svelte';
  import { partsOfScene } from './scene-parts';
  import SceneDoing from './SceneDoing.svelte';
  import SceneDraw from './SceneDraw.svelte';
  import SceneSum from './SceneSum.svelte';
  import SceneWords from './SceneWords.svelte';

  type Props = {
    shown: Shown;
    book: MoveBook;
    /** The draws of the adventure, by id. */
    draws: ReadonlyMap<string, Draw>;
    elapsed: () => number | null;
    /** Draws fall with a little theatre. */
    theatre: boolean;
    /** A word over the scene, and what stands under it: for the leader. */
    over?: string;
    /** It is called out just now. */
    called?: boolean;
    remark?: string;
    /** "12 squats": under what was drawn. */
    dose?: string;
    ontap?: (() => void) | undefined;
    forChildren?: boolean;
    under?: Snippet;
  };
  const {
    shown,
    book,
    draws,
    elapsed,
    theatre,
    over = '',
    called = false,
    remark = '',
    dose = '',
    ontap,
    forChildren = false,
    under,
  }: Props = $props();

  const { moment } = $derived(shown);
  const { beat, things, sum, moves } = $derived(partsOfScene(shown, book, draws));
  const paused = $derived(shown.status === 'paused');
</script>

<div
  class={['scene', forChildren && 'children']}
  data-cue={shown.kind}
  data-moment={moment}
  data-paused={paused || null}
>
  <div class="row">
    {#if paused}
      <p class="paused"><span class="bars" aria-hidden="true"></span>Paused</p>
    {/if}
    {#if over && !paused}<p class={['over', called && 'called']}>{over}</p>{/if}
    {#if remark}<p class="remark" data-remark>{remark}</p>{/if}
    {#if shown.turn}
      <p class="turn" data-turn={shown.turn.n}>Child {shown.turn.n} of {shown.turn.of}</p>
    {/if}
    {#if shown.go}<Pips word="Group" {...shown.go} />{/if}
    {#if shown.set}<Pips word="Set" {...shown.set} />{/if}
    {#if shown.round && shown.left !== null}
      <p data-left={shown.left}>
        <b>{shown.roundWord} {shown.round.n}</b> ·
        {shown.left === 0 ? 'all have come' : `${shown.left} still to come`}
      </p>
    {:else if shown.round}
      <Pips word={shown.roundWord} {...shown.round} />
    {/if}
  </div>
  <div class="middle">
    {#if moment === 'say' || moment === 'ask' || moment === 'goodbye'}
      <SceneWords {moment} words={forChildren ? shown.main : shown.said} {forChildren} />
    {:else if moment === 'sum' && sum}
      <SceneSum sum={sum.asked} />
    {:else if moment === 'sum'}
      <SceneWords moment="ask" words={forChildren ? shown.main : shown.said} {forChildren} />
    {:else if moment === 'draw' && beat}
      {#key shown.cueId}
        <SceneDraw
          {beat}
          {things}
          {book}
          name={shown.main}
          under={sum ? sum.thrown : dose}
          falling={theatre}
        />
      {/key}
    {:else}
      <SceneDoing
        {shown}
        name={shown.main}
        {moves}
        {elapsed}
        {ontap}
        drawn={beat && { beat, things }}
        {book}
        sum={sum ? sum.done : ''}
        {forChildren}
      />
    {/if}
  </div>
  {#if under}<div class="under">{@render under()}</div>{/if}
</div>

<style>
  .scene {
    /* So long it takes to fall: nothing of what it means is told before. */
    --falls: 1.75s;
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: auto minmax(0, 1fr) auto;
    gap: 0.4rem;
    min-height: 0;
    height: 100%;
  }
  .row {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.2rem 1.5rem;
    min-height: clamp(2rem, 4.5vh, 3.25rem);
    font-size: clamp(1.5rem, 3.6vmin, 2.75rem);
    line-height: 1.1;
  }
  .middle {
    position: relative;
    z-index: 0;
    min-height: 0;
    container-type: size;
  }
  .scene :global(.main) {
    font-family: var(--font-heading);
    font-weight: 800;
    /* The narrow cut, so that a long line is still big. */
    font-stretch: 84%;
    line-height: 1.04;
    /* A word is never broken: the type is fitted to the longest. */
    overflow-wrap: normal;
    word-break: keep-all;
    hyphens: none;
    text-wrap: balance;
  }
  .over {
    font-weight: 650;
    color: var(--soft);
  }
  .called {
    color: var(--ink);
  }
  .remark {
    font-weight: 750;
    color: var(--pencil);
  }
  .turn {
    border: 3px solid var(--ink);
    border-radius: 999px;
    padding: 0 1.25rem;
    font-weight: 750;
  }
  .paused {
    display: inline-flex;
    align-items: center;
    gap: 0.4em;
    padding: 0 0.7em;
    border-radius: 0.3em;
    background: var(--ink);
    color: var(--page);
    font-family: var(--font-heading);
    font-size: clamp(1.75rem, 7vmin, 4.5rem);
    font-weight: 800;
  }
  .bars {
    width: 0.75em;
    height: 0.8em;
    border-inline: 0.26em solid currentColor;
  }
  [data-paused] .middle {
    border-block: clamp(8px, 1.6vh, 16px) solid transparent;
    border-image: repeating-linear-gradient(90deg, var(--ink) 0 2rem, var(--lamp) 2rem 4rem) 16;
  }
  .under {
    display: grid;
    gap: 0.3rem;
    font-size: clamp(1.5rem, 3.8vmin, 2.75rem);
    line-height: 1.15;
    min-height: 1.15em;
  }
  .children .row {
    justify-content: center;
  }
  .children :global(.doing .room) {
    text-align: center;
  }
</style>
