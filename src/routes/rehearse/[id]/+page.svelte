<script lang="ts">
  import {
    answered,
    askedNow,
    capital,
    moveBookOf,
    promptsOf,
    startRehearsal,
    takenBack,
    titleOf,
    unroll,
    type Rehearsal,
  } from '$core';
  import { resolve } from '$app/paths';
  import ArrowLeft from '@lucide/svelte/icons/arrow-left';
  import Undo from '@lucide/svelte/icons/undo-2';
  import MovePicture from '$lib/figures/MovePicture.svelte';
  import { preferences } from '$lib/store/preference-store.svelte';
  import NotHere from '$lib/ui/NotHere.svelte';

  const { data } = $props();
  const { adventure } = $derived(data);

  function begin(): Rehearsal {
    if (!data.adventure) return startRehearsal([]);
    const { setting } = data.adventure;
    const { cues } = unroll(data.adventure, setting, preferences.pace);
    return startRehearsal(promptsOf(data.adventure, cues));
  }
  let rehearsal = $state.raw(begin());
  let shown = $state(false);

  const now = $derived(askedNow(rehearsal));
  const question = $derived(
    !now
      ? ''
      : !now.after
        ? 'How does it begin?'
        : now.name
          ? 'What comes next?'
          : 'What do you say next?',
  );

  const move = $derived(adventure && now ? (moveBookOf(adventure).get(now.moveId) ?? null) : null);

  function answer(knewIt: boolean) {
    rehearsal = answered(rehearsal, knewIt);
    shown = false;
  }
  function back() {
    rehearsal = takenBack(rehearsal);
    shown = false;
  }
  function again() {
    rehearsal = startRehearsal(rehearsal.prompts);
    shown = false;
  }
  function keydown(event: KeyboardEvent) {
    if (event.ctrlKey || event.metaKey || event.altKey || !now) return;
    const pressed = event.target instanceof HTMLElement && event.target.closest('a,button');
    if (event.key === ' ' && !pressed && !shown) shown = true;
    else if (event.key === 'ArrowRight' && shown) answer(true);
    else if (event.key === 'ArrowDown' && shown) answer(false);
    else if (event.key === 'ArrowLeft') back();
    else return;
    event.preventDefault();
  }
</script>

<svelte:window onkeydown={keydown} />
<svelte:head
  ><title>{adventure ? titleOf(adventure) : 'By heart'} · By heart · Arrup</title></svelte:head
>

{#if adventure}
  <main id="main" tabindex="-1" class="mx-auto max-w-3xl px-4 pb-24 sm:px-6">
    <a class="mt-3 -ml-3 btn-quiet" href={resolve('/prep/[id]', { id: adventure.id })}>
      <ArrowLeft size={18} aria-hidden="true" />Prep
    </a>
    <h1 class="mt-2 text-3xl break-words sm:text-4xl">{titleOf(adventure)}, by heart</h1>
    {#if now}
      <p class="mt-2 text-soft" role="status" data-progress>
        {rehearsal.at + 1} of {rehearsal.queue.length}{rehearsal.round > 1
          ? `, once more: round ${rehearsal.round}`
          : ''}
      </p>
      <section class="mt-6" aria-label="What to remember" data-asked={now.key}>
        <p class="text-lg text-soft">
          {now.chapter}{#if now.after}: after “{now.after}”{/if}
        </p>
        <h2 class="mt-2 text-4xl">{question}</h2>
        {#if shown}
          <div class="mt-6 flex flex-wrap items-start gap-6" data-answer>
            {#if move}<MovePicture {move} size={150} />{/if}
            <div class="min-w-0 flex-1 text-2xl">
              {#if now.name}
                <p class="font-heading text-3xl font-bold break-words">{capital(now.name)}</p>
                {#if now.move}<p class="text-xl text-soft">{now.move}</p>{/if}
                {#if now.dose}<p class="mt-1">{now.dose}</p>{/if}
              {/if}
              {#if now.say}<p class="mt-2 break-words">“{now.say}”</p>{/if}
            </div>
          </div>
          <p class="mt-8 flex flex-wrap gap-3">
            <button type="button" class="btn-lamp text-xl" onclick={() => answer(true)}
              >I knew it</button
            >
            <button
              type="button"
              class="btn-quiet border border-line px-5! text-xl"
              onclick={() => answer(false)}>I’d forgotten</button
            >
          </p>
        {:else}
          <p class="mt-8">
            <button type="button" class="btn-lamp text-xl" onclick={() => (shown = true)}
              >Show me</button
            >
          </p>
        {/if}
      </section>
      <p class="mt-10 flex flex-wrap items-center gap-4 text-soft">
        {#if rehearsal.at > 0}
          <button type="button" class="-ml-3 btn-quiet" onclick={back}
            ><Undo size={18} aria-hidden="true" />One back</button
          >
        {/if}
        <span class="pointer-coarse:hidden"
          >Space shows it, → you knew it, ↓ you’d forgotten, ← one back.</span
        >
      </p>
    {:else}
      <section class="mt-8" data-known>
        <h2 class="text-4xl">
          {rehearsal.prompts.length === 0 ? 'There’s nothing in it yet.' : 'You know it by heart.'}
        </h2>
        {#if rehearsal.ever.length > 0}
          <p class="mt-4 text-lg">These slipped your mind the first time:</p>
          <ul class="mt-2 ml-5 list-disc text-lg">
            {#each rehearsal.ever as prompt (prompt.key)}
              <li>
                {prompt.name ? capital(prompt.name) : `“${prompt.say}”`}{prompt.dose
                  ? `, ${prompt.dose}`
                  : ''}
              </li>
            {/each}
          </ul>
        {/if}
        <p class="mt-6 flex flex-wrap gap-3">
          {#if rehearsal.prompts.length > 0}
            <a class="btn-lamp text-xl" href={resolve('/stage/[id]', { id: adventure.id })}
              >Lead it</a
            >
            <button type="button" class="btn-quiet border border-line" onclick={again}
              >From the start again</button
            >
          {/if}
        </p>
      </section>
    {/if}
  </main>
{:else}
  <NotHere what="adventure" />
{/if}
