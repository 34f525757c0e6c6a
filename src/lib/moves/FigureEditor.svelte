<!-- How a move of one's own is drawn: like another one, in poses of its own, or with an icon. -->
<script lang="ts">
  import {
    addPose,
    BUILT_IN,
    builtInFigure,
    figureOfMove,
    HANDS,
    HEIGHT_METRES,
    keptInRange,
    MOST_POSES,
    FEWEST_POSES,
    takePose,
    VIEWS,
    withPose,
    type Figure,
    type Hand,
    type Move,
    type Pose,
    type View,
  } from '$core';
  import ChevronRight from '@lucide/svelte/icons/chevron-right';
  import Plus from '@lucide/svelte/icons/plus';
  import Trash from '@lucide/svelte/icons/trash-2';
  import MovePicker from '$lib/moves/MovePicker.svelte';
  import KeyPose from '$lib/figures/KeyPose.svelte';
  import LivingFigure from '$lib/figures/LivingFigure.svelte';
  import PoseDrawing from '$lib/figures/PoseDrawing.svelte';
  import { ICON_WORDS } from '$lib/pictures/move-pictures';
  import InlineChoice from '$lib/ui/InlineChoice.svelte';
  import InlineNumber from '$lib/ui/InlineNumber.svelte';
  import type { MoveDraft } from '$lib/store/open-draft';

  const { draft }: { draft: MoveDraft } = $props();

  const move = $derived(draft.document);
  const set = (change: Partial<Move>, key: string | null = null) =>
    draft.edit((now) => ({ ...now, ...change }), key);
  const kind = $derived(move.figure?.kind ?? 'like');
  const figure = $derived(figureOfMove(move));
  const like = $derived(move.figure?.kind === 'like' ? BUILT_IN.get(move.figure.move) : undefined);
  let chosen = $state(0);
  const index = $derived(Math.min(chosen, (figure?.keys.length ?? 1) - 1));
  const pose = $derived(figure?.keys[index]?.pose);

  const VIEW_WORDS: Readonly<Record<View, string>> = {
    front: 'from the front',
    side: 'from the side',
    corner: 'from a corner',
    behind: 'from behind',
    above: 'from above',
  };
  /** What is turned by a number: what it is called, and how far it goes, degrees. */
  const ANGLES = [
    ['tip', 'leans', '° forward', 180],
    ['bend', ', the back is bent', '° forward', 75],
    ['twist', ' and twisted', '° to its left', 50],
    ['turn', ', it is turned', '° to its left', 180],
  ] as const;
  const HEIGHT_CM = HEIGHT_METRES * 100;
  const HAND_WORDS: Readonly<Record<Hand, string>> = {
    easy: 'is easy',
    fist: 'is a fist',
    open: 'is open',
    points: 'points',
    snaps: 'snaps its fingers',
  };
  const HANDED = [
    ['handL', 'left', ', its '],
    ['handR', 'right', '.'],
  ] as const;

  const setFigure = (figure: Move['figure'], key: string | null = null) => set({ figure }, key);
  const draw = (next: Figure, key: string | null = null) =>
    setFigure({ kind: 'drawn', figure: next }, key);
  function setKind(next: 'like' | 'drawn' | 'icon') {
    if (next === kind) return;
    if (next === 'drawn') return draw(figure ?? builtInFigure('tall-reach')!);
    if (next === 'icon') return setFigure({ kind: 'icon', word: ICON_WORDS[0]! });
    setFigure(null);
  }
  function setPose(next: Pose, key: string) {
    if (figure) draw(withPose(figure, index, next), `pose.${index}.${key}`);
  }
  function change(part: Partial<Pose>, key: string) {
    if (!pose) return;
    const next = keptInRange(pose, { ...pose, ...part });
    if (next !== pose) setPose(next, key);
  }
</script>

<h2 class="mt-6 text-xl">How it looks</h2>
<p class="leading-10">
  It is drawn
  <InlineChoice
    value={kind}
    label="How it is drawn"
    choices={[
      ['like', 'like another move'],
      ['drawn', 'in poses of its own'],
      ['icon', 'with an icon'],
    ] as const}
    onchange={setKind}
  />{#if kind === 'like'}:
    <MovePicker
      book={BUILT_IN}
      text={like?.name ?? 'as moves of its kind are'}
      label="Drawn like"
      onpick={({ id }) => setFigure({ kind: 'like', move: id })}
    />{:else if move.figure?.kind === 'icon'}:
    <InlineChoice
      value={move.figure.word}
      label="Icon"
      choices={ICON_WORDS.map((word) => [word, word] as const)}
      onchange={(word) => setFigure({ kind: 'icon', word })}
    />{:else if figure}, seen
    <InlineChoice
      value={figure.view}
      label="Seen from"
      choices={VIEWS.map((view) => [view, VIEW_WORDS[view]] as const)}
      onchange={(view) => draw({ ...figure, view })}
    />{/if}.
</p>
<div class="both">
  <div class="living"><LivingFigure {move} /></div>
  {#if kind === 'drawn' && figure && pose}
    <div class="min-w-0">
      <div class="flex flex-wrap items-center gap-1" role="group" aria-label="Key poses">
        {#each figure.keys.keys() as n (n)}
          {#if n > 0}<ChevronRight size={18} aria-hidden="true" />{/if}
          <button
            type="button"
            class={['pose', n === index && 'chosen']}
            aria-pressed={n === index}
            aria-label="Pose {n + 1} of {figure.keys.length}"
            onclick={() => (chosen = n)}
          >
            <KeyPose {figure} index={n} moveId={move.id} size={64} />
          </button>
        {/each}
        <button
          type="button"
          class="btn-quiet"
          disabled={figure.keys.length >= MOST_POSES}
          onclick={() => {
            draw(addPose(figure, index));
            chosen = index + 1;
          }}
        >
          <Plus size={18} aria-hidden="true" />A pose after it
        </button>
        <button
          type="button"
          class="btn-quiet"
          disabled={figure.keys.length <= FEWEST_POSES}
          onclick={() => {
            draw(takePose(figure, index));
            chosen = Math.max(0, index - 1);
          }}
        >
          <Trash size={18} aria-hidden="true" />Take it out
        </button>
      </div>
      <div class="mt-2 max-w-lg">
        <PoseDrawing
          {figure}
          {index}
          moveId={move.id}
          onpose={setPose}
          onleave={() => draft.closeStep()}
        />
      </div>
      <p class="mt-1 leading-9">
        The body
        {#each ANGLES as [name, words, after, most] (name)}
          {words}
          <InlineNumber
            value={Math.round(pose[name])}
            label="{words.replace(',', '').trim()}, degrees"
            min={-most}
            max={most}
            step={5}
            onchange={(degrees) => change({ [name]: degrees }, name)}
          />{after}{/each}, and is
        <InlineNumber
          value={Math.round(pose.air * HEIGHT_CM)}
          label="Centimetres off the ground"
          min={0}
          max={40}
          step={1}
          onchange={(cm) => change({ air: cm / HEIGHT_CM }, 'air')}
        /> cm off the ground. Its
        {#each HANDED as [name, side, then] (name)}
          {side} hand
          <InlineChoice
            value={pose[name]}
            label="The {side} hand"
            choices={HANDS.map((hand) => [hand, HAND_WORDS[hand]] as const)}
            onchange={(hand) => change({ [name]: hand }, name)}
          />{then}
        {/each}
      </p>
      <p class="text-soft">
        Take hold of the dots. A child’s joints go no further than they let you.
        {#if figure.best === index}
          This pose is shown where there is room for one.
        {:else}
          <button
            type="button"
            class="min-h-6 underline"
            onclick={() => draw({ ...figure, best: index })}
            >Show this pose where there is room for one</button
          >.
        {/if}
      </p>
    </div>
  {/if}
</div>

<style>
  .both {
    display: grid;
    gap: 1.5rem;
    align-items: start;
  }
  @media (min-width: 700px) {
    .both {
      grid-template-columns: 12rem minmax(0, 1fr);
    }
  }
  .living {
    width: 12rem;
    height: 12rem;
    border-radius: 1.25rem;
    background: var(--raised);
    padding: 0.5rem;
  }
  .pose {
    border: 2px solid transparent;
    border-radius: 0.75rem;
    padding: 0.2rem;
  }
  .pose:hover {
    background: var(--sunk);
  }
  .chosen {
    border-color: var(--water);
    background: var(--raised);
  }
</style>
