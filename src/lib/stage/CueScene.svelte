<!-- One thing at a time, huge. -->
<script lang="ts">
  import { callAt, isCountedWork, piecesAt, type Cue, type Move, type Tell } from '$core';
  import type { Snippet } from 'svelte';
  import { SIGNS } from '$lib/pictures/move-pictures';
  import PictureSvg from '$lib/pictures/PictureSvg.svelte';
  import { fitText } from '$lib/ui/fit-text';
  import CueFigures from './CueFigures.svelte';
  import CountRing from './CountRing.svelte';
  import type { CueFigure } from './cue-figure';
  import { callWords, cueWords, sideOf } from './cue-words';
  import Pips from './Pips.svelte';
  import SideSign from './SideSign.svelte';

  type Props = {
    cue: Cue;
    move: Move | null;
    /** Moves at the same time: beside it, each by itself. */
    others?: readonly Move[];
    /** How the move is shown. */
    figure: CueFigure;
    count: number | null;
    into: number;
    /** How full the ring round the count is, 0 to 1. */
    share: number;
    /** The leader counts by taps, here. */
    tapped: boolean;
    ontap?: () => void;
    mirror: boolean;
    waiting: boolean;
    /** A hold comes next: everybody gets into it now. */
    intoHold: boolean;
    /** The line that is said, where the cue is one. */
    tell?: Tell | null;
    /** What a round is called here. */
    roundWord: string;
    /** Which child of the circle draws. */
    turn?: Readonly<{ n: number; of: number }> | null;
    /** What a rule has made of a draw, in words. */
    remark?: string;
    /** What stands under the scene, instead of a line. */
    children?: Snippet;
  };
  const {
    cue,
    move,
    others = [],
    figure,
    count,
    into,
    share,
    tapped,
    ontap,
    mirror,
    waiting,
    intoHold,
    tell = null,
    roundWord,
    turn = null,
    remark = '',
    children,
  }: Props = $props();

  const words = $derived(cueWords(cue, move));
  const call = $derived(callAt(cue, into));
  /** Whom it is for, or that everybody acts it out. */
  const toldTo = $derived(
    tell?.to ? `To the ${tell.to}` : tell?.acted ? 'Say, and everybody acts it out' : '',
  );
  const over = $derived(
    !waiting
      ? call
        ? callWords(call)
        : toldTo || words.over
      : tapped
        ? words.over
        : intoHold
          ? 'Press when everybody is in'
          : 'Go on when you are ready',
  );
  const doing = $derived(cue.doing);
  const spoken = $derived(cue.kind === 'say' || cue.kind === 'ask');
  const of = $derived(isCountedWork(cue) ? (doing?.amount ?? null) : null);
  const side = $derived(sideOf(cue, mirror));
  /** What is said while they do it: it stands where a glance finds it, the next piece below. */
  const said = $derived(piecesAt(cue.meanwhile, into));
  const LONG = 20;
  const LONG_WORD = 8;
  const isLong = $derived(
    words.main.length > LONG || words.main.split(/\s/u).some(({ length }) => length >= LONG_WORD),
  );
  const shown = $derived(spoken || cue.kind === 'drink' || !doing ? null : move);
</script>

<div class="scene" data-cue={cue.kind} data-into={intoHold ? 'hold' : null}>
  <div class="flex min-h-14 items-center gap-6 max-sm:gap-2">
    {#if over}<p class={['over', call && 'called']}>{over}</p>{/if}
    {#if remark}<p class="remark" data-remark>{remark}</p>{/if}
    {#if turn}<p class="turn" data-turn={turn.n}>Child {turn.n} of {turn.of}</p>{/if}
    {#if doing && doing.set.of > 1}<Pips word="Set" n={doing.set.n} of={doing.set.of} />{/if}
    {#if doing && doing.round.of > 1}<Pips
        word={roundWord}
        n={doing.round.n}
        of={doing.round.of}
      />{/if}
  </div>
  <div class={['middle', count !== null && 'with-count', shown && 'with-figure', isLong && 'long']}>
    {#if shown}
      <CueFigures move={shown} {others} {figure} {into} />
    {/if}
    <div class="flex min-h-0 min-w-0 flex-col">
      {#if cue.kind === 'drink'}
        <div class="sign" aria-hidden="true">
          <PictureSvg picture={SIGNS.drink} size="100%" strokeWidth={1.6} />
        </div>
      {/if}
      <div class="min-h-0 flex-1 overflow-hidden">
        {#key cue.kind === 'draw' ? cue.id : ''}
          <p
            class={['main', cue.kind === 'draw' && 'rolled']}
            {@attach fitText(36, spoken ? 108 : 150)}
          >
            {words.main}
          </p>
        {/key}
      </div>
      {#if side}<SideSign {...side} />{/if}
    </div>
    {#if count !== null}
      <div class="flex min-h-0 items-center justify-center">
        {#if !tapped}
          <CountRing {count} {of} {share} />
        {:else}
          <button type="button" class="h-full" aria-label="Count one" onclick={ontap}>
            <CountRing {count} {of} {share} />
          </button>
        {/if}
      </div>
    {/if}
  </div>
  <div class="under">
    {#if said.now || said.next}
      <div class="said" data-meanwhile>
        <p data-said-now>{said.now}</p>
        <p class="then" data-said-next>{said.next}</p>
      </div>
    {:else}
      <p>{words.under}</p>
    {/if}
    {@render children?.()}
  </div>
</div>

<style>
  .scene {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: auto minmax(0, 1fr) auto;
    min-height: 0;
    height: 100%;
  }
  .over {
    font-size: clamp(1.75rem, 4vh, 3rem);
    font-weight: 650;
    color: var(--soft);
  }
  .called {
    color: var(--ink);
  }
  .turn {
    border: 3px solid var(--ink);
    border-radius: 999px;
    padding: 0 1.25rem;
    font-size: clamp(1.75rem, 4vh, 3rem);
    font-weight: 750;
  }
  .middle {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: minmax(0, 1fr);
    gap: 2rem;
    min-height: 0;
  }
  .with-count {
    grid-template-columns: minmax(0, 1fr) auto;
  }
  /* What is to be read goes first: the longer it is, the smaller the figure beside it. */
  .with-figure {
    grid-template-columns: min(34vw, 50vh) minmax(0, 1fr);
  }
  .with-figure.with-count {
    grid-template-columns: min(30vw, 48vh) minmax(0, 1fr) auto;
  }
  .with-figure.long,
  .with-figure.with-count.long {
    grid-template-columns: min(16vw, 24vh) minmax(0, 1fr) auto;
  }
  .main {
    font-family: var(--font-heading);
    font-weight: 800;
    /* The narrow cut, so that a long line is still big. */
    font-stretch: 84%;
    line-height: 1.04;
    /* A word is never broken: the type is fitted to the longest. */
    overflow-wrap: normal;
    text-wrap: balance;
  }
  .main::first-letter {
    text-transform: uppercase;
  }
  .remark {
    font-size: clamp(1.5rem, 3.4vh, 2.5rem);
    font-weight: 750;
    color: var(--pencil);
  }
  /* A little theatre for what falls: over before anybody waits for it. */
  .rolled {
    transform-origin: 20% 60%;
    animation: fall 380ms cubic-bezier(0.2, 0.9, 0.3, 1);
  }
  /* Never larger than it ends: the type is fitted to its room. */
  @keyframes fall {
    from {
      opacity: 0;
      transform: scale(0.55);
      filter: blur(6px);
    }
    55% {
      opacity: 1;
      transform: scale(0.94);
      filter: none;
    }
  }
  @media (prefers-reduced-motion: reduce) {
    .rolled {
      animation: none;
    }
  }
  .sign {
    height: min(16vh, 10rem);
    aspect-ratio: 1;
    align-self: flex-start;
    margin-bottom: 0.5rem;
    color: var(--water);
  }
  .under {
    font-size: clamp(1.5rem, 4.4vh, 3rem);
    line-height: 1.2;
    min-height: 1.3em;
  }
  .said {
    border-left: 0.3rem solid var(--water);
    padding-left: 1rem;
    text-wrap: balance;
  }
  .said p {
    min-height: 1.2em;
  }
  .then {
    font-size: max(1.5rem, 0.62em);
    color: var(--soft);
  }
  @media (max-width: 640px) and (min-height: 30.01rem) {
    .then {
      font-size: 1rem;
    }
    .over,
    .turn,
    .remark {
      font-size: 1.2rem;
      line-height: 1.15;
    }
    .turn {
      padding: 0 0.6rem;
    }
    .with-count {
      grid-template-columns: minmax(0, 1fr);
      grid-template-rows: minmax(0, 3fr) minmax(0, 2fr);
      gap: 0.5rem;
    }
    .with-figure,
    .with-figure.with-count {
      grid-template-columns: minmax(0, 1fr);
      grid-template-rows: minmax(0, 2fr) minmax(0, 2fr) minmax(0, 2fr);
      gap: 0.5rem;
    }
    .with-figure:not(.with-count) {
      grid-template-rows: minmax(0, 1fr) minmax(0, 1fr);
    }
    .with-figure.long,
    .with-figure.with-count.long {
      grid-template-columns: minmax(0, 1fr);
      grid-template-rows: minmax(0, 2fr) minmax(0, 5fr) minmax(0, 3fr);
    }
    .sign {
      height: 3.25rem;
    }
    .under {
      font-size: 1.25rem;
    }
  }
</style>
