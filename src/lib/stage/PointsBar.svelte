<!-- Points, called out by a button or a key: for all together, for two teams; each child's own are counted by themselves. -->
<script lang="ts">
  import type { Points } from '$core';
  import type { TeamPoints } from './stage.svelte';
  import KeyHint from './KeyHint.svelte';

  type Props = {
    points: Points;
    together: number;
    teams: TeamPoints;
    /** Keys of the row of digits are free: nothing is typed with them here. */
    withKeys: boolean;
    onpoints: (points: number, team: 0 | 1 | null) => void;
  };
  const { points, together, teams, withKeys, onpoints }: Props = $props();

  const sides = $derived<readonly (0 | 1 | null)[]>(points.who === 'teams' ? [0, 1] : [null]);
  const TEAM_NAMES = ['Team one', 'Team two'] as const;
  const said = (n: number) => `${n} ${n === 1 ? 'point' : 'points'}`;
</script>

{#if points.who === 'yourself'}
  <p data-points="own">
    Count your own: {points.worth.map((one) => `${one.points} for ${one.what}`).join(', ')}.
  </p>
{:else}
  <div class="bar" data-points={together}>
    {#each sides as team, at (team)}
      <p>
        <b class="tabular"
          >{team === null
            ? `${said(together)}, all of you together`
            : `${TEAM_NAMES[team]}: ${said(teams[team])}`}</b
        >
        {#each points.worth as one, n (n)}
          <button type="button" onclick={() => onpoints(one.points, team)}
            >+{one.points}
            {one.what}{#if withKeys}<KeyHint key={at * points.worth.length + n + 1} />{/if}</button
          >
        {/each}
        <button
          type="button"
          aria-label="Take the last kind of point back"
          onclick={() => onpoints(-points.worth.at(-1)!.points, team)}
          >−{points.worth.at(-1)!.points}</button
        >
      </p>
    {/each}
  </div>
{/if}

<style>
  .bar {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem 2rem;
    font-size: max(1.5rem, 0.6em);
  }
  p {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.5rem;
  }
  button {
    display: inline-flex;
    align-items: center;
    gap: 0.6rem;
    min-height: 3rem;
    padding: 0 0.9rem;
    border: 2px solid var(--ink);
    border-radius: 0.9rem;
    background: var(--raised);
    font-weight: 700;
  }
  @media (max-width: 640px) {
    .bar {
      font-size: 1.5rem;
      line-height: 1.1;
      gap: 0.25rem;
    }
    button {
      min-height: 2.5rem;
    }
  }
</style>
