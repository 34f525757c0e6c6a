<!-- The children's screen, kept in step with the Stage in another window. -->
<script lang="ts">
  import { page } from '$app/state';
  import ChildrenView from '$lib/stage/ChildrenView.svelte';
  import { Follower } from '$lib/stage/follower.svelte';
  import { stayAwake } from '$lib/stage/ticker';
  import NotHere from '$lib/ui/NotHere.svelte';

  const { data } = $props();
  const adventure = $derived(data.adventure);
  const follower = new Follower();
  const shown = $derived(follower.shown);
  const over = $derived(follower.over);

  $effect(() => {
    const { id } = page.params;
    if (!id) return;
    const deaf = follower.follow(id);
    const sleep = stayAwake();
    return () => {
      deaf();
      sleep();
    };
  });
</script>

<svelte:head><title>For the children: {adventure?.title || 'Stage'} · Arrup</title></svelte:head>

{#if !adventure}
  <NotHere what="adventure" />
{:else}
  <main
    id="main"
    tabindex="-1"
    class="screen"
    data-shown={over ? 'over' : follower.gone ? 'gone' : (shown?.kind ?? 'waiting')}
  >
    <ChildrenView
      {adventure}
      {shown}
      {over}
      gone={follower.gone}
      elapsed={() => follower.elapsed()}
    />
  </main>
{/if}

<style>
  .screen {
    display: flex;
    flex-direction: column;
    justify-content: center;
    gap: 1.5vh;
    height: 100dvh;
    padding: 2vh 3vw;
    overflow: hidden;
  }
</style>
