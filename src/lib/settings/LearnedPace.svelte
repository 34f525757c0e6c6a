<!-- What sessions and recordings told of the presenter's pace, each with how often it was seen. -->
<script lang="ts">
  import { counted, moveBookOf, REP, TIMINGS, type Pace, type Preferences } from '$core';
  import { ownMoves } from '$lib/store/own-move-store.svelte';
  import { preferences } from '$lib/store/preference-store.svelte';

  type Figure = Preferences['learned'][number];

  const book = $derived(moveBookOf({ moves: ownMoves.list }));
  const tenth = (value: number) => Math.round(value * 10) / 10;
  const whole = (seconds: number) => `${tenth(seconds)} s`;

  /** What is told of one figure: what it is, what was learned, what is usual. */
  function told({ key, times }: Figure): readonly [string, string, string] | null {
    const seconds = (what: string, usual: number): readonly [string, string, string] => [
      what,
      whole(usual * times),
      whole(usual),
    ];
    if (key === 'wordsPerMinute') {
      const { usual } = TIMINGS.wordsPerMinute;
      return ['While talking', `${Math.round(usual * times)} words a minute`, String(usual)];
    }
    if (key === 'changeSeconds') {
      return seconds('Silent change-over', TIMINGS.changeOver.usual);
    }
    if (key === 'allReps')
      return ['Moves that nobody counts', `${tenth(times)} times as long`, '1'];
    if (key === 'showTimes') {
      return seconds('Showing a new move, in your own words', TIMINGS.showUnwritten.usual);
    }
    if (key === 'throwSeconds') return seconds('A throw of yours', TIMINGS.presenterThrow.usual);
    if (key === 'childThrowSeconds') return seconds('A throw by a child', TIMINGS.childThrow.usual);
    const move = book.get(key.slice(REP.length));
    return move ? seconds(`One ${move.name}`, move.secondsPerRep['5']) : null;
  }
  function byHand(key: string, pace: Pace): boolean {
    if (key === 'allReps' || key === 'showTimes') return false;
    return key.startsWith(REP)
      ? pace.secondsPerRep[key.slice(REP.length)] !== undefined
      : pace[key as 'wordsPerMinute' | 'changeSeconds' | 'throwSeconds' | 'childThrowSeconds'] !==
          null;
  }
  const rows = $derived(
    preferences.current.learned.flatMap((figure) => {
      const words = told(figure);
      return words ? [{ figure, words }] : [];
    }),
  );
  function setAside(key: string, aside: boolean) {
    const others = preferences.current.paceAside.filter((one) => one !== key);
    void preferences.change({ paceAside: aside ? [...others, key] : others });
  }
</script>

{#if rows.length > 0}
  <section class="mt-5" aria-labelledby="learned-title" data-learned>
    <h3 id="learned-title" class="text-lg">What your sessions tell</h3>
    <p class="text-soft">
      Every clock uses these. The more often something was seen, the more it counts; until then it
      leans on what’s usual. What you set above goes first.
    </p>
    <ul class="mt-2">
      {#each rows as { figure, words: [what, now, usual] } (figure.key)}
        {@const aside = preferences.current.paceAside.includes(figure.key)}
        {@const own = byHand(figure.key, preferences.current.pace)}
        <li class="flex flex-wrap items-baseline gap-x-3 border-t border-line py-1.5">
          <span class={['flex-1', (aside || own) && 'text-soft line-through']}
            >{what}: <b class="tabular">{now}</b>
            <span class="text-soft">(usual: {usual})</span></span
          >
          <span class="text-soft"
            >seen in {counted(figure.sessions, 'session', 'sessions')}{own
              ? ', set by hand'
              : ''}</span
          >
          <button
            type="button"
            class="min-h-6 underline"
            aria-label="{aside ? 'Use' : 'Set aside'}: {what}"
            onclick={() => setAside(figure.key, !aside)}
            >{aside ? 'use it again' : 'set it aside'}</button
          >
        </li>
      {/each}
    </ul>
  </section>
{/if}
