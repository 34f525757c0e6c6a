<script lang="ts">
  import {
    ANY_MOVE,
    CATALOGUE,
    FAMILIES,
    filterMoves,
    firstSound,
    moveBookOf,
    newOwnMove,
    POSTURES,
    REGIONS,
    SOUND_WORDS,
    type Effort,
    type MoveQuery,
    type SoundBook,
  } from '$core';
  import { goto } from '$app/navigation';
  import { resolve } from '$app/paths';
  import Images from '@lucide/svelte/icons/images';
  import Plus from '@lucide/svelte/icons/plus';
  import { loadSoundBook } from '$lib/language/sound-book';
  import EffortMarks from '$lib/moves/EffortMarks.svelte';
  import { FAMILY_WORDS, SPACE_WORDS } from '$lib/moves/words';
  import MovePicture from '$lib/figures/MovePicture.svelte';
  import { newId } from '$lib/store/new-id';
  import { ownMoves } from '$lib/store/own-move-store.svelte';
  import InlineChoice from '$lib/ui/InlineChoice.svelte';
  import { gradually } from '$lib/ui/gradually.svelte';
  import KeptAside from '$lib/ui/KeptAside.svelte';

  const book = $derived(moveBookOf({ moves: ownMoves.list }));
  let sounds = $state.raw<SoundBook>({});
  const soundChoices = $derived(
    [...new Set([...book.values()].map(({ name }) => firstSound(name, sounds)))]
      .flatMap((sound) => {
        const words = sound ? SOUND_WORDS[sound] : undefined;
        return words
          ? [[`${sound}`, `beginning with the sound ${words[0]}, as in ${words[1]}`]]
          : [];
      })
      .sort((a, b) => a[1]!.localeCompare(b[1]!, 'en')) as unknown as readonly [string, string][],
  );

  $effect(() => {
    void loadSoundBook().then((loaded) => (sounds = loaded));
    return ownMoves.follow();
  });

  async function makeOwn() {
    const move = newOwnMove(newId);
    await ownMoves.save(move);
    await goto(resolve('/moves/[id]/change', { id: move.id }));
  }
  const isOwn = (id: string) => ownMoves.list.some((move) => move.id === id);

  let query = $state.raw<MoveQuery>(ANY_MOVE);

  const found = $derived(filterMoves(book, query, sounds));
  const shown = gradually(() => found.length, { first: 18 });
  const asked = $derived(query !== ANY_MOVE);
  const set = (change: Partial<MoveQuery>) => (query = { ...query, ...change });

  /** A choice of '' stands for "does not matter". */
  const orNull = <T extends string>(value: T | '') => (value === '' ? null : value);
  const EFFORTS: Readonly<Record<string, readonly [Effort, Effort]>> = {
    calm: [1, 2],
    easy: [3, 3],
    hard: [4, 5],
  };
  let effort = $state('');
  const KIT = [...new Set(CATALOGUE.flatMap((move) => move.kit))].sort();
  const LETTERS = [...'ABCDEFGHIJKLMNOPQRSTUVWXYZ'];

  function reset() {
    query = ANY_MOVE;
    effort = '';
  }
</script>

<svelte:head><title>Moves · Arrup</title></svelte:head>

<main id="main" tabindex="-1" class="mx-auto max-w-6xl px-4 pb-24 sm:px-6">
  <div class="flex flex-wrap items-end justify-between gap-x-6 gap-y-2 pt-8">
    <h1 class="text-4xl">Moves</h1>
    <p class="flex flex-wrap gap-2">
      <a class="btn-quiet" href={resolve('/moves/pictures')}>
        <Images size={18} aria-hidden="true" />All in pictures
      </a>
      <button type="button" class="btn-quiet border border-line" onclick={makeOwn}>
        <Plus size={18} aria-hidden="true" />A move of your own
      </button>
    </p>
  </div>
  <KeptAside stores={['moves']} />
  <div class="sticky top-0 z-10 -mx-4 bg-page px-4 pt-3 pb-3 sm:-mx-6 sm:px-6">
    <input
      class="input max-w-md text-lg"
      type="search"
      aria-label="Find a move"
      placeholder="frog, hop, stretch, on one leg…"
      value={query.text}
      oninput={(event) => set({ text: event.currentTarget.value })}
    />
    <p class="mt-2 leading-9">
      Show
      <InlineChoice
        value={query.family ?? ''}
        label="Family"
        choices={[
          ['', 'moves of every kind'],
          ...FAMILIES.map((one) => [one, FAMILY_WORDS[one]] as const),
        ]}
        onchange={(value) => set({ family: orNull(value) })}
      />
      for
      <InlineChoice
        value={query.age ?? 0}
        label="Age"
        choices={[[0, 'any age'], ...[3, 4, 5, 6, 7].map((age) => [age, `age ${age}`] as const)]}
        onchange={(age) => set({ age: age === 0 ? null : age })}
      />,
      <InlineChoice
        value={effort}
        label="Effort"
        choices={[
          ['', 'of any effort'],
          ['calm', 'calm'],
          ['easy', 'slow and easy'],
          ['hard', 'lively or hard'],
        ]}
        onchange={(value) => {
          effort = value;
          set({ effort: EFFORTS[value] ?? null });
        }}
      />, for
      <InlineChoice
        value={query.region ?? ''}
        label="Part of the body"
        choices={[
          ['', 'any part of the body'],
          ...REGIONS.map((one) => [one, `the ${one}`] as const),
        ]}
        onchange={(value) => set({ region: orNull(value) })}
      />,
      <InlineChoice
        value={query.posture ?? ''}
        label="Posture"
        choices={[
          ['', 'in any posture'],
          ...POSTURES.map((one) => [one, one === 'all fours' ? 'on all fours' : one] as const),
        ]}
        onchange={(value) => set({ posture: orNull(value) })}
      />,
      <InlineChoice
        value={query.space ?? ''}
        label="Room"
        choices={[
          ['', 'in any room'],
          ...(['spot', 'lane', 'room'] as const).map((one) => [one, SPACE_WORDS[one]] as const),
        ]}
        onchange={(value) => set({ space: orNull(value) })}
      />,
      <InlineChoice
        value={query.kit ?? ''}
        label="Kit"
        choices={[
          ['', 'with or without kit'],
          ['none', 'with no kit'],
          ...KIT.map((one) => [one, `with a ${one}`] as const),
        ]}
        onchange={(value) => set({ kit: orNull(value) })}
      />,
      <InlineChoice
        value={query.quiet === null ? '' : query.quiet ? 'quiet' : 'noisy'}
        label="Quiet or noisy"
        choices={[
          ['', 'quiet or noisy'],
          ['quiet', 'quiet'],
          ['noisy', 'noisy'],
        ] as const}
        onchange={(value) => set({ quiet: value === '' ? null : value === 'quiet' })}
      />,
      <InlineChoice
        value={query.sound ?? query.letter?.toLowerCase() ?? ''}
        label="First letter or sound"
        choices={[
          ['', 'beginning with any letter or sound'],
          ...LETTERS.map((one) => [one.toLowerCase(), `beginning with the letter ${one}`] as const),
          ...soundChoices,
        ]}
        onchange={(value) => {
          const letter = LETTERS.find((one) => one.toLowerCase() === value) ?? null;
          set({ letter, sound: letter ? null : orNull(value) });
        }}
      />.
    </p>
    <p class="text-soft" role="status">
      {found.length}
      {found.length === 1 ? 'move' : 'moves'}
      {#if asked}<button type="button" class="ml-2 min-h-6 underline" onclick={reset}
          >show all</button
        >{/if}
    </p>
  </div>
  <ul class="grid gap-x-8 sm:grid-cols-2 lg:grid-cols-3">
    {#each found.slice(0, shown.count) as move (move.id)}
      <li class="border-t border-line">
        <a
          class="flex items-center gap-4 rounded-lg px-1 py-2.5 no-underline hover:bg-sunk"
          href={resolve('/moves/[id]', { id: move.id })}
        >
          <span aria-hidden="true"><MovePicture {move} size={64} /></span>
          <span class="min-w-0 flex-1">
            <span class="block font-heading text-lg leading-tight font-bold first-letter:uppercase"
              >{move.name}{#if isOwn(move.id)}<span class="ml-2 text-base font-normal text-soft"
                  >yours</span
                >{/if}</span
            >
            <span class="block text-soft">
              {move.regions.join(', ')}{move.fromAge > 3 ? `, from ${move.fromAge}` : ''}{move.kit
                .length > 0
                ? `, ${move.kit.join(', ')}`
                : ''}
            </span>
          </span>
          <EffortMarks effort={move.effort} />
        </a>
      </li>
    {/each}
  </ul>
  {#if found.length === 0}
    <p class="border-t border-line py-10 text-lg">
      No move is all of that. Ask for less, or show all.
    </p>
  {/if}
</main>
