<!-- What the weeks cover: a line a skill, a column a session; a dot is as large as its minutes. -->
<script lang="ts">
  import { ASPECT_GROUPS, coveredInWords, dayInWords, TAUGHT_LISTS } from '$core';
  import { format } from 'date-fns';
  import CoverageRow from './CoverageRow.svelte';
  import type { SeriesWork } from './series-work.svelte';
  import Segments from '$lib/ui/parts/Segments.svelte';
  import { tip } from '$lib/ui/parts/tip';

  const { work, onpick }: { work: SeriesWork; onpick: (sessionId: string) => void } = $props();

  const VIEWS = [
    { id: 'skills', name: 'Skills', groups: ['travelling', 'balancing', 'handling'] },
    { id: 'body', name: 'Body, effort, sides', groups: ['body', 'effort', 'sides'] },
    { id: 'rides', name: 'What rides along', groups: [] },
  ] as const;
  let view = $state<(typeof VIEWS)[number]['id']>('skills');

  const coverage = $derived(work.coverage);
  const groups = $derived(
    ASPECT_GROUPS.filter((group) =>
      (VIEWS.find(({ id }) => id === view)!.groups as readonly string[]).includes(group),
    ),
  );
  /** Half a minute of a skill is worth seeing, four minutes are much; of effort there is more. */
  const MOST_SECONDS = { skills: 150, body: 420, rides: 1 } as const;
  /** Whole seconds; the least is one, so that nothing that was done is nothing. */
  const inText = (seconds: readonly number[]) => seconds.map(Math.ceil).join(' ');
  const GROUP_WORDS = { body: 'parts of the body', effort: 'effort', sides: 'sides' } as const;
  const LISTS = {
    letters: 'letters',
    numbers: 'numbers',
    shapes: 'shapes',
    words: 'words of the stories',
    devices: 'chance',
    kit: 'kit',
  } as const;
</script>

<Segments
  label="What to look at in the row"
  value={view}
  choices={VIEWS.map(({ id, name }) => [id, name] as const)}
  onchange={(chosen) => (view = chosen)}
/>
<!-- A row of weeks may be wider than the page: it's scrolled by touch and by keys. -->
<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
<div
  class="relative mt-3 overflow-x-auto"
  role="region"
  aria-label="What these weeks cover, by session"
  tabindex="0"
  data-coverage
>
  <table class="border-collapse">
    <thead>
      <tr>
        <td></td>
        {#each coverage.sessions as session, n (session.id)}
          <th scope="col" class="px-0.5 pb-1 align-bottom font-normal">
            <button
              type="button"
              class="min-h-8 min-w-9 rounded-lg text-sm tabular hover:bg-sunk"
              data-column={session.id}
              aria-label="{dayInWords(session.day)}: {session.title || 'still open'}"
              {@attach tip(`${dayInWords(session.day)}: ${session.title || 'still open'}`)}
              onclick={() => onpick(session.id)}
              ><span class="block">{format(session.day, 'd')}</span><span class="block text-soft"
                >{n === 0 || coverage.sessions[n - 1]!.day.slice(0, 7) !== session.day.slice(0, 7)
                  ? format(session.day, 'MMM')
                  : '\u00a0'}</span
              ></button
            >
          </th>
        {/each}
        <td></td>
      </tr>
    </thead>
    {#each groups as group (group)}
      <tbody>
        <tr>
          <th
            scope="rowgroup"
            colspan={coverage.sessions.length + 2}
            class="pt-3 text-left font-heading text-lg"
            >{group in GROUP_WORDS ? GROUP_WORDS[group as keyof typeof GROUP_WORDS] : group}</th
          >
        </tr>
        {#each coverage.aspects.filter((aspect) => aspect.group === group) as aspect (aspect.id)}
          <CoverageRow
            name={aspect.name}
            words={group === 'effort' || group === 'sides' ? '' : coveredInWords(aspect)}
            led={inText(aspect.led)}
            planned={inText(aspect.planned)}
            mostSeconds={MOST_SECONDS[view]}
          />
        {/each}
      </tbody>
    {/each}
    {#if view === 'rides'}
      {#each TAUGHT_LISTS as list (list)}
        <tbody>
          <tr>
            <th
              scope="rowgroup"
              colspan={coverage.sessions.length + 2}
              class="pt-3 text-left font-heading text-lg">{LISTS[list]}</th
            >
          </tr>
          {#each coverage.taught[list] as { item, sessions } (item)}
            <tr class="border-t border-line">
              <th scope="row" class="py-1 pr-4 text-left font-normal">{item}</th>
              {#each coverage.sessions as session, n (session.id)}
                <td class="size-9 p-0 text-center align-middle">
                  {#if sessions.includes(n)}
                    <span
                      class={[
                        'inline-block size-3 rounded-full border-2 border-water align-middle',
                        session.led && 'bg-water',
                      ]}
                    ></span><span class="sr-only">yes</span>
                  {:else}<span class="text-line" aria-hidden="true">·</span>{/if}
                </td>
              {/each}
              <td></td>
            </tr>
          {:else}
            <tr
              ><td class="text-soft" colspan={coverage.sessions.length + 2}>none in these weeks</td
              ></tr
            >
          {/each}
        </tbody>
      {/each}
    {/if}
  </table>
</div>
<p class="mt-2 text-soft">
  A full dot was led, an open one is planned; the larger, the longer. Ages at which children do
  these things differ a lot: this is no test of anybody.
</p>
