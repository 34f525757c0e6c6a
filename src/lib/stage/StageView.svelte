<script lang="ts">
  import {
    callAt,
    drawsOf,
    moveBookOf,
    outcomeLabel,
    pointsOf,
    leadsIntoHold,
    titleOf,
    type AdaptationKind,
    type TypedOutcome,
  } from '$core';
  import Terrain from '$lib/terrain/Terrain.svelte';
  import ChangePanel from './ChangePanel.svelte';
  import CheckBar from './CheckBar.svelte';
  import type { Shown } from './companions';
  import { callWords, cueWords } from './cue-words';
  import DrawTyping from './DrawTyping.svelte';
  import Meanwhile from './Meanwhile.svelte';
  import PointsBar from './PointsBar.svelte';
  import Scene from './scene/Scene.svelte';
  import type { StageSession } from './stage.svelte';
  import StageButtons from './StageButtons.svelte';
  import StageHeader from './StageHeader.svelte';
  import { hasTheatre } from './theatre';

  type Props = {
    session: StageSession;
    shown: Shown;
    muted: boolean;
    rehearsal: number | null;
    /** The screen may go dark: the browser lets it not be kept on. */
    dims: boolean;
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
    shown,
    muted,
    rehearsal,
    dims,
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

  const book = $derived(moveBookOf(session.adventure));
  const draws = $derived(new Map(drawsOf(session.adventure).map((beat) => [beat.id, beat])));
  const cue = $derived(session.cue);
  const words = $derived(cue && cueWords(cue, book.get(cue.doing?.move ?? '') ?? null));
  const beat = $derived(session.beat);
  const tell = $derived(beat?.kind === 'tell' ? beat : null);
  const intoHold = $derived(leadsIntoHold(session.schedule.cues, session.index));
  const theatre = $derived(hasTheatre());
  const call = $derived(cue && callAt(cue, session.into));
  const over = $derived.by(() => {
    if (session.status !== 'waiting') {
      if (call) return callWords(call);
      if (shown.moment === 'draw' && theatre) return '';
      // Whom it is for, or that everybody acts it out.
      if (tell?.to) return `To the ${tell.to}`;
      return tell?.acted ? 'Say, and everybody acts it out' : (words?.over ?? '');
    }
    if (session.tapped) return words?.over ?? '';
    return intoHold ? 'Press when everybody is in' : 'Go on when you’re ready';
  });
  /** The rule's effect on this draw, as it is called out; what is to be known of a side. */
  const remark = $derived.by(() => {
    if (cue?.kind === 'show' && beat && 'show' in beat && beat.show === 'in full') {
      return 'My go, then yours';
    }
    const [at, drawn] = [session.drawing, session.drawn];
    if (at && drawn?.standIn) return `That’s ${outcomeLabel(at.beat, drawn)} again: the stand-in!`;
    // They look at you as into a mirror: the screen points where they move.
    const mirrored = session.adventure.setting.mirror ?? true;
    return shown.side && mirrored ? 'Facing them: your other side' : '';
  });
  /** For all together, for teams, or each for themselves: never one child against another. */
  const points = $derived(beat ? pointsOf(beat) : null);
  const isCheck = $derived(beat?.kind === 'tell' && beat.check === true);
</script>

<main id="main" tabindex="-1" class="stage" data-into={intoHold ? 'hold' : null}>
  <h1 class="sr-only">{titleOf(session.adventure)}, on the Stage</h1>
  <StageHeader {session} {muted} {rehearsal} {dims} {onadapt} {onmute} {onleave} />

  {#if cue && words}
    <Scene
      {shown}
      {book}
      {draws}
      elapsed={() => shown.elapsed}
      {theatre}
      {over}
      called={call !== null}
      {remark}
      dose={words.under}
      ontap={session.tapped ? () => session.tapOrNext() : undefined}
    >
      {#snippet under()}
        <Meanwhile
          {cue}
          into={session.into}
          otherwise={shown.moment === 'draw' ? '' : words.under}
        />
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
          <DrawTyping
            drawing={session.drawing}
            drawn={session.drawn}
            {typed}
            falling={theatre && typed === null}
            {ontype}
          />
        {/if}
      {/snippet}
    </Scene>
  {/if}

  <footer class={[changing && 'changing']}>
    <p class="next" data-next>
      {#if told}
        <b role="status" data-told>{told}</b>
      {:else}
        <span class="text-soft">Next</span>
        {shown.next}
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
        changes={session.changes}
        onchange={onadapt}
        {onskip}
        onclose={() => onchanging(false)}
      />
    {/if}
    <StageButtons {session} {intoHold} {changing} {onchanging} />
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
    font-size: clamp(1.5rem, 3.4vh, 2.25rem);
    font-weight: 600;
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
  }
  /* With the changes open the count keeps its room. */
  .stage:has(.changing) :global(.scene > .under) {
    display: none;
  }
  /* What comes next stands beside the land where there is room for both. */
  @media (min-width: 60rem) {
    footer {
      display: grid;
      grid-template-columns: minmax(0, 5fr) minmax(0, 6fr);
      gap: 0.4rem 2rem;
      align-items: center;
    }
    footer > :global(.panel),
    footer > :global(.buttons),
    .changing .next {
      grid-column: 1 / -1;
    }
    .next {
      display: -webkit-box;
      -webkit-box-orient: vertical;
      -webkit-line-clamp: 2;
      line-clamp: 2;
      line-height: 1.15;
      white-space: normal;
    }
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
  }
  /* Lying down the keys stand at the side, and the scene has the whole height. */
  @media (max-height: 30rem) and (min-height: 20.01rem) and (min-width: 40rem) {
    .stage {
      grid-template-columns: minmax(0, 1fr) 9rem;
      column-gap: 1rem;
    }
    .stage > :global(header) {
      grid-column: 1 / -1;
    }
    footer {
      display: contents;
    }
    footer > :global(.buttons) {
      grid-row: 2 / 4;
      grid-column: 2;
      flex-direction: column;
    }
    footer > :global(.panel) {
      grid-column: 1;
    }
    .stage :global(.wide) {
      display: none;
    }
  }
  /* A draw needs the room of the land, and of what is said later. */
  @media (max-width: 48rem), (max-height: 50rem) {
    .stage:has(:global([data-moment='draw'])) .land,
    .stage:has(:global([data-moment='draw'])) :global(.then) {
      display: none;
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
    .stage > :global(header) {
      flex-wrap: wrap;
      gap: 0;
    }
    .next {
      white-space: normal;
    }
    .stage :global(.scene) {
      grid-template-rows: auto 10rem auto;
      height: auto;
    }
  }
</style>
