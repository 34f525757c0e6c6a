<script lang="ts">
  import {
    clockOf,
    drawOf,
    moveOf,
    pointsOf,
    leadsIntoHold,
    moveBookOf,
    outcomeLabel,
    roundWordOf,
    turnAt,
    type AdaptationKind,
    type Cue,
    type TypedOutcome,
    titleOf,
  } from '$core';
  import ArrowLeft from '@lucide/svelte/icons/arrow-left';
  import ArrowRight from '@lucide/svelte/icons/arrow-right';
  import Pause from '@lucide/svelte/icons/pause';
  import Play from '@lucide/svelte/icons/play';
  import Volume from '@lucide/svelte/icons/volume-2';
  import Mute from '@lucide/svelte/icons/volume-x';
  import { preferences } from '$lib/store/preference-store.svelte';
  import Terrain from '$lib/terrain/Terrain.svelte';
  import SlidersHorizontal from '@lucide/svelte/icons/sliders-horizontal';
  import { untrack } from 'svelte';
  import { CHANGE_WORDS } from './adapt-words';
  import ChangePanel from './ChangePanel.svelte';
  import { figureOfCue } from './cue-figure';
  import CueScene from './CueScene.svelte';
  import CheckBar from './CheckBar.svelte';
  import DrawTyping from './DrawTyping.svelte';
  import { nextWords } from './cue-words';
  import PointsBar from './PointsBar.svelte';
  import type { StageSession } from './stage.svelte';

  type Props = {
    session: StageSession;
    muted: boolean;
    rehearsal: number | null;
    /** What became of the last outcome that was typed. */
    typed: 'taken' | 'again' | null;
    /** What was changed a moment ago, in words; empty a little later. */
    told: string;
    changing: boolean;
    onchanging: (open: boolean) => void;
    onadapt: (what: AdaptationKind) => void;
    onskip: () => void;
    ontype: (typed: TypedOutcome) => void;
    onpoints: (points: number, team: 0 | 1 | null) => void;
    onmute: () => void;
    onleave: () => void;
  };
  const {
    session,
    muted,
    rehearsal,
    typed,
    told,
    changing,
    onchanging,
    onadapt,
    onskip,
    ontype,
    onpoints,
    onmute,
    onleave,
  }: Props = $props();

  /** Less than this over the slot is no reason to press anybody. */
  const SMALL_SECONDS = 15;
  const isOver = $derived(session.spare < -SMALL_SECONDS);
  /** What shortening would save: worked out anew at each cue, not at each frame. */
  const saves = $derived.by(() => {
    void session.cue?.id;
    return isOver ? untrack(() => session.savedByShortening()) : 0;
  });

  const book = $derived(moveBookOf(session.adventure));
  const cue = $derived(session.cue);
  const move = $derived(cue?.doing && book.has(cue.doing.move) ? moveOf(book, cue.doing) : null);
  /** What is done at the same time. */
  const others = $derived(cue?.doing?.also.flatMap((id) => book.get(id) ?? []) ?? []);
  const beat = $derived(session.beat);
  /** A list in order, and what was drawn for the film, may be known beforehand. */
  const isSecret = (coming: Cue) => {
    const beat = drawOf(session.adventure, coming)?.beat;
    return beat !== undefined && beat.drawn === 'live' && beat.rules.returns !== 'in order';
  };
  /** The rule's effect on this draw, as it is called out. */
  const remark = $derived.by(() => {
    if (cue?.kind === 'show' && beat && 'show' in beat && beat.show === 'in full') {
      return 'My go, then yours';
    }
    const [at, drawn] = [session.drawing, session.drawn];
    if (!at || !drawn?.standIn) return '';
    return `That is ${outcomeLabel(at.beat, drawn)} again: the stand-in!`;
  });
  /** For all together, for teams, or each for themselves: never one child against another. */
  const points = $derived(beat ? pointsOf(beat) : null);
  const isCheck = $derived(beat?.kind === 'tell' && beat.check === true);
  const running = $derived(session.status === 'running');
  const intoHold = $derived(leadsIntoHold(session.schedule.cues, session.index));
  const slot = $derived.by(() => {
    const spare = Math.round(session.spare);
    if (spare < 0) return `${clockOf(-spare)} over the slot`;
    return spare === 0 ? 'just on time' : `${clockOf(spare)} to spare`;
  });
  const BUTTON =
    'flex min-h-20 min-w-0 flex-1 items-center justify-center gap-3 rounded-2xl text-2xl font-bold border-2 border-ink max-sm:gap-1 max-sm:text-xl';
</script>

<main id="main" tabindex="-1" class="stage">
  <h1 class="sr-only">{titleOf(session.adventure)}, on the Stage</h1>
  <header class="flex items-center justify-between gap-6 text-xl">
    <p class="tabular">
      <span class="font-heading text-3xl font-extrabold" data-remaining>
        {clockOf(session.remaining)}
      </span>
      to go, {slot}
      {#if saves >= 1}
        <button type="button" class="ml-4 btn-lamp min-h-12!" onclick={() => onadapt('shorten')}>
          {CHANGE_WORDS.shorten.label} by {clockOf(saves)}
        </button>
      {/if}
      {#if rehearsal}<b class="ml-4 text-pencil">Rehearsal ×{rehearsal}</b>{/if}
    </p>
    <p class="flex">
      <button type="button" class="btn-quiet min-h-12!" aria-pressed={muted} onclick={onmute}>
        {#if muted}<Mute size={24} aria-hidden="true" />{:else}<Volume
            size={24}
            aria-hidden="true"
          />{/if}
        {muted ? 'Silent' : 'Sound'}
      </button>
      <button type="button" class="btn-quiet min-h-12!" onclick={onleave}>End here</button>
    </p>
  </header>

  {#if cue}
    <CueScene
      {cue}
      {move}
      {others}
      figure={figureOfCue(cue, move, session.adventure.setting, preferences.pace)}
      count={session.count}
      into={session.into}
      share={session.share}
      tapped={session.tapped}
      ontap={() => session.tapOrNext()}
      mirror={session.adventure.setting.mirror ?? true}
      waiting={session.status === 'waiting'}
      {intoHold}
      tell={beat?.kind === 'tell' ? beat : null}
      turn={turnAt(session.adventure, session.schedule.cues, session.index)}
      {remark}
      roundWord={beat ? roundWordOf(beat) : 'Round'}
    >
      {#if points && cue.doing}
        <PointsBar
          {points}
          together={session.points}
          teams={session.teamPoints}
          withKeys={!session.drawing}
          {onpoints}
        />
      {/if}
      {#if isCheck && cue.kind === 'ask'}<CheckBar {onadapt} />{/if}
      {#if session.drawing}
        <DrawTyping drawing={session.drawing} drawn={session.drawn} {typed} {ontype} />
      {/if}
    </CueScene>
  {/if}

  <footer>
    <p class="next" data-next>
      {#if told}
        <b role="status" data-told>{told}</b>
      {:else}
        <span class="text-soft">Next</span>
        {nextWords(session.schedule.cues, session.index, isSecret)}
      {/if}
    </p>
    {#if !changing}
      <div class="land">
        <Terrain
          cues={session.schedule.cues}
          chapters={session.adventure.chapters}
          slotSeconds={session.adventure.setting.slotSeconds}
          height={64}
          hereSeconds={session.position}
        />
      </div>
    {/if}
    {#if changing}
      <ChangePanel
        changes={session.adaptations}
        onchange={onadapt}
        {onskip}
        onclose={() => onchanging(false)}
      />
    {/if}
    <div class="buttons flex gap-3">
      <button type="button" class={BUTTON} onclick={() => session.back()}>
        <ArrowLeft size={32} aria-hidden="true" />Back
      </button>
      <button
        type="button"
        class={[BUTTON, !running && 'bg-lamp text-on-lamp']}
        onclick={() => session.goOrPause()}
      >
        {#if running}
          <Pause size={32} aria-hidden="true" />Pause
        {:else}
          <Play size={32} aria-hidden="true" />{session.status !== 'waiting' || session.tapped
            ? 'Go'
            : intoHold
              ? 'All in'
              : 'Go on'}
        {/if}
      </button>
      <button
        type="button"
        class={[BUTTON, running && 'bg-lamp text-on-lamp']}
        onclick={() => session.tapOrNext()}
      >
        {session.tapped ? 'Count' : 'Next'}<ArrowRight size={32} aria-hidden="true" />
      </button>
      <button
        type="button"
        class={[BUTTON, 'max-w-48 max-sm:max-w-16']}
        aria-expanded={changing}
        aria-label="Change it"
        onclick={() => onchanging(!changing)}
      >
        <SlidersHorizontal size={30} aria-hidden="true" /><span class="max-sm:hidden">Change</span>
      </button>
    </div>
  </footer>
</main>

<style>
  .stage {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: auto minmax(0, 1fr) auto;
    gap: 0.5rem;
    height: 100dvh;
    padding: 0.75rem clamp(0.75rem, 3vw, 2.5rem);
    overflow: hidden;
  }
  .next {
    font-size: clamp(1.25rem, 3.4vh, 2.25rem);
    font-weight: 600;
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
  }
  /* A phone lying down, or a page made twice as large: words and buttons come before the land. */
  @media (max-height: 30rem) {
    .stage {
      gap: 0.2rem;
      padding-block: 0.3rem;
    }
    .land {
      display: none;
    }
    .stage :global(:is(.over, .turn, .remark, .under)) {
      font-size: 1.25rem;
      line-height: 1.15;
    }
    .stage :global(.then) {
      font-size: 1rem;
    }
    .stage :global(.middle) {
      gap: 0.75rem;
    }
    .buttons :global(button) {
      min-height: 3rem;
      font-size: 1.125rem;
    }
  }
  /* Made four times as large: it may be scrolled, and nothing lies over anything else. */
  @media (max-height: 20rem) {
    .stage {
      grid-template-rows: auto auto auto;
      height: auto;
      min-height: 100dvh;
      overflow: visible;
    }
    .stage > header {
      flex-wrap: wrap;
      gap: 0;
    }
    .next {
      white-space: normal;
    }
    .stage :global(.scene) {
      height: auto;
    }
    .stage :global(.middle) {
      grid-auto-rows: 9rem;
      grid-template-rows: 9rem;
    }
  }
</style>
