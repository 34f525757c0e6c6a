<!-- A whole first draft on request: a wish as a sentence, and below it what it comes to. -->
<script lang="ts">
  import {
    beatInWords,
    beatLabel,
    carryMoves,
    DEFAULT_SETTING,
    DRAFT_SHAPES,
    moveBookOf,
    moveIn,
    listed,
    partOfChapter,
    partsOfBeat,
    withWorld,
    type Adventure,
    type Draft,
    type Draw,
    type DraftPart,
    type DraftShape,
    type DraftWish,
    type MoveBook,
    type Setting,
    type World,
  } from '$core';
  import Dices from '@lucide/svelte/icons/dices';
  import RefreshCw from '@lucide/svelte/icons/refresh-cw';
  import MovePicture from '$lib/figures/MovePicture.svelte';
  import { lastLed } from '$lib/ideas/last-led';
  import { loadSoundBook } from '$lib/language/sound-book';
  import LengthOnShelf from '$lib/shelf/LengthOnShelf.svelte';
  import { newSeed } from '$lib/store/new-id';
  import { ownMoves } from '$lib/store/own-move-store.svelte';
  import { preferences } from '$lib/store/preference-store.svelte';
  import { worldsOnShelf } from '$lib/store/worlds';
  import InlineAges from '$lib/ui/InlineAges.svelte';
  import InlineChoice from '$lib/ui/InlineChoice.svelte';
  import InlineNumber from '$lib/ui/InlineNumber.svelte';
  import InlineText from '$lib/ui/InlineText.svelte';
  import { askToDraft } from './ask-to-draft';

  const { ontake }: { ontake: (adventure: Adventure) => void } = $props();

  /** Worlds on the shelf: the draft can play in one of them, with those who live there. */
  let worlds = $state.raw<readonly World[]>([]);
  let worldName = $state('');
  worldsOnShelf().then(
    (found) => (worlds = found),
    () => {},
  );
  const world = $derived(worlds.find(({ name }) => name === worldName));

  let want = $state('carry the lamp to the tower');
  let place = $state('the marsh');
  let hero = $state('Wick');
  let learning = $state('');
  let shape = $state<DraftShape>('journey');
  let setting = $state.raw<Setting>({ ...DEFAULT_SETTING, slotSeconds: 12 * 60 });
  let seed = $state(newSeed());
  /** With what the draft was made that stands below; a part of it is drawn again from there. */
  let drawnWith = $state.raw<Draft['made'] | null>(null);

  let made = $state.raw<Adventure | null>(null);
  let remarks = $state(0);
  /** What was to ride along, and whether the game has it. */
  let rides = $state.raw<Readonly<{ what: string; there: boolean }> | null>(null);
  let thinking = $state(false);
  let trouble = $state('');
  /** The wish that stands below: another one is asked for anew. */
  let drawn = $state('');
  const wish = $derived<DraftWish>({ want, place, hero, learning, shape, setting, seed });
  const asked = $derived(JSON.stringify({ ...wish, seed: 0 }));

  const SHAPES = DRAFT_SHAPES.map((one) => [one, one] as const);

  const change = (part: Partial<Setting>) => (setting = { ...setting, ...part });

  async function think(part: DraftPart | null) {
    thinking = true;
    trouble = '';
    const now = asked;
    try {
      const [lately, sounds] = await Promise.all([
        lastLed(''),
        shape === 'letters' ? loadSoundBook() : null,
        ownMoves.load(),
      ]);
      const redrawn = part && made && { ...drawnWith, redraw: { part, kept: made } };
      const moves = [...ownMoves.list];
      const { pace } = preferences;
      const request = { wish: { ...wish, ...redrawn }, pace, moves, lately: [...lately], sounds };
      const answer = await askToDraft(request).result;
      made = carryMoves(answer.adventure, moves);
      drawnWith = answer.made;
      remarks = answer.remarks;
      rides = answer.rides === null ? null : { what: learning.trim(), there: answer.rides };
      drawn = now;
    } catch {
      trouble = 'No draft came of this. Try other words, or another shape.';
    } finally {
      thinking = false;
    }
  }
  function all() {
    if (made) seed = newSeed();
    void think(null);
  }
  const book = $derived(made ? moveBookOf(made) : null);
  /** "1 and 9: squat, 2 and 8: clap": what can come, and the move that it is. */
  const entriesInWords = ({ entries }: Draw, moves: MoveBook) =>
    entries
      .map(({ label, action }) => {
        const { name } = moveIn(moves, action.move);
        const called = action.guise.name || label;
        return called && called !== name ? `${called}: ${name}` : name;
      })
      .join(', ');
  /** The first chapter of each part. */
  const first = $derived(
    made?.chapters.filter(
      (chapter, n, all) =>
        all.findIndex((other) => partOfChapter(other) === partOfChapter(chapter)) === n,
    ),
  );
</script>

<form
  class="max-w-3xl text-lg leading-9"
  onsubmit={(event) => {
    event.preventDefault();
    all();
  }}
>
  <p>
    <InlineText
      value={hero}
      label="Who needs help"
      placeholder="Somebody"
      class="min-w-28"
      onchange={(text) => (hero = text)}
    />
    wants to
    <InlineText
      value={want}
      label="What they want"
      placeholder="carry the lamp to the tower"
      class="min-w-72"
      onchange={(text) => (want = text)}
    />
    in or at
    <InlineText
      value={place}
      label="Where it plays"
      placeholder="the marsh"
      class="min-w-40"
      onchange={(text) => (place = text)}
    />.
  </p>
  <p>
    A
    <InlineChoice value={shape} label="Shape" choices={SHAPES} onchange={(to) => (shape = to)} />
    for
    <InlineNumber
      value={setting.group}
      label="Children in the group"
      max={60}
      onchange={(group) => change({ group })}
    />
    children aged
    <InlineAges ages={setting.ages} onchange={(ages) => change({ ages })} />, in
    <InlineNumber
      value={Math.round(setting.slotSeconds / 60)}
      label="Minutes in the slot"
      min={5}
      max={30}
      onchange={(minutes) => change({ slotSeconds: minutes * 60 })}
    />
    minutes. They learn
    <InlineText
      value={learning}
      label="What rides along"
      placeholder="taking turns"
      class="min-w-44"
      onchange={(text) => (learning = text)}
    />.
    {#if worlds.length > 0}
      It plays in
      <InlineChoice
        value={worldName}
        label="World"
        choices={[
          ['', 'no world yet'],
          ...worlds.map(({ name }): [string, string] => [name, `the world of ${name}`]),
        ]}
        onchange={(to) => (worldName = to)}
      />{#if world && world.cast.length > 0}, where there are {listed(
          world.cast.slice(0, 5).map(({ name }) => name),
        )}{/if}.
    {/if}
  </p>
  <p class="mt-3 flex flex-wrap items-center gap-3 leading-normal">
    <button
      type="submit"
      class={made ? 'btn-quiet border border-line' : 'btn-lamp'}
      disabled={thinking}
    >
      <Dices size={20} aria-hidden="true" />{thinking
        ? 'Thinking …'
        : made
          ? asked === drawn
            ? 'Another one'
            : 'Draft it again'
          : 'Draft it'}
    </button>
    {#if made && !thinking}
      {@const taken = made}
      <button
        type="button"
        class="btn-lamp"
        onclick={() => ontake(world ? withWorld(taken, world) : taken)}>Take it to the Desk</button
      >
      <span class="text-base text-soft"
        >A new adventure of its own. Every line of it can be changed there.</span
      >
    {/if}
  </p>
</form>
{#if trouble}<p class="py-3 text-pencil" role="alert">{trouble}</p>{/if}

{#if made && book}
  <article class="draft" aria-label="The draft" aria-busy={thinking} data-draft>
    <header class="flex flex-wrap items-baseline justify-between gap-3 border-b-2 border-ink pb-2">
      <h3 class="min-w-0 text-2xl">{made.title}</h3>
      <p class="text-soft tabular">
        <LengthOnShelf adventure={made} pace={preferences.pace} />{#if remarks > 0}, {remarks}
          to think about{/if}
      </p>
    </header>
    {#if rides}
      <p class="pt-3 text-soft" data-rides={rides.there}>
        {rides.there
          ? `“${rides.what}” rides along in the game.`
          : `“${rides.what}” has no place in this shape or doesn’t fit this group: try a die for which, cards, a coin, calls or follow me, or two dice for a times table.`}
      </p>
    {/if}
    {#each made.chapters as chapter (chapter.id)}
      <section class="border-b border-line py-3">
        <div class="flex flex-wrap items-center justify-between gap-2">
          <h4 class="min-w-0 font-heading text-lg font-bold">{chapter.title}</h4>
          {#if first?.includes(chapter)}
            <button
              type="button"
              class="btn-quiet text-soft"
              disabled={thinking || asked !== drawn}
              onclick={() => think(partOfChapter(chapter))}
              ><RefreshCw size={16} aria-hidden="true" />{partOfChapter(chapter) === 'adventure'
                ? 'Another way'
                : `Another ${chapter.title.toLowerCase()}`}</button
            >
          {/if}
        </div>
        <ol class="mt-1">
          {#each chapter.beats as beat (beat.id)}
            {@const [part] = partsOfBeat(beat)}
            {@const move = part && book.get(part.move)}
            <li class="flex items-center gap-3 py-0.5">
              <span class="flex w-10 flex-none justify-center"
                >{#if move}<MovePicture {move} size={36} />{/if}</span
              >
              {#if beat.kind === 'tell'}
                <span class="min-w-0">{beat.text}</span>
              {:else}
                <span class="min-w-0"
                  ><span class="font-semibold">{beatLabel(beat, book)}</span>
                  <span class="text-soft"
                    >{beat.kind === 'draw' ? '' : (move?.name ?? '')} {beatInWords(beat)}</span
                  >
                  {#if beat.kind === 'move'}<span class="block text-soft italic"
                      >{beat.actions[0]?.guise.line}</span
                    >{:else if beat.kind === 'draw'}<span class="block text-soft italic"
                      >{entriesInWords(beat, book)}</span
                    >{/if}</span
                >
              {/if}
            </li>
          {/each}
        </ol>
      </section>
    {/each}
  </article>
{/if}

<style>
  .draft {
    margin-top: 1.5rem;
    max-width: 48rem;
    padding: 1rem 1.25rem;
    border: 1px solid var(--line);
    border-radius: 4px 20px 4px 4px;
    background: var(--raised);
    /* A word of the story may be longer than a phone is wide. */
    overflow-wrap: anywhere;
  }
  .draft[aria-busy='true'] {
    opacity: 0.55;
  }
</style>
