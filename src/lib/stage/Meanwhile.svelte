<!-- What is said while they move, a piece at a time with the next one ready; else one line to know. -->
<script lang="ts">
  import { piecesAt, type Cue } from '$core';

  type Props = { cue: Cue; into: number; otherwise: string };
  const { cue, into, otherwise }: Props = $props();
  const said = $derived(piecesAt(cue.meanwhile, into));
</script>

{#if said.now || said.next}
  <div class="said" data-meanwhile>
    <p data-said-now>{said.now}</p>
    <p class="then" data-said-next>{said.next}</p>
  </div>
{:else if otherwise}
  <p class="line">{otherwise}</p>
{/if}

<style>
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
  .line {
    display: -webkit-box;
    -webkit-box-orient: vertical;
    -webkit-line-clamp: 2;
    line-clamp: 2;
    overflow: hidden;
  }
</style>
