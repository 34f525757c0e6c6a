<!-- The running order on paper: to glance at from a knee, a shelf or the floor. -->
<script lang="ts">
  import {
    cautionsOf,
    clockOf,
    clockOrBlank,
    DEFERRING_LINE,
    kitInWords,
    kitListOf,
    lengthInWords,
    runSheetRows,
    type Adventure,
    type RunSheetRow,
    type Schedule,
  } from '$core';
  import Terrain from '$lib/terrain/Terrain.svelte';
  import type { Paper } from '$lib/store/preferences.svelte';

  type Props = { adventure: Adventure; schedule: Schedule; paper: Paper };
  const { adventure, schedule, paper }: Props = $props();

  const rows = $derived(runSheetRows(adventure, schedule));
  const byChapter = $derived(
    adventure.chapters
      .map((chapter) => {
        const ids = new Set(chapter.beats.map((beat) => beat.id));
        return { chapter, rows: rows.filter((row) => ids.has(row.beatId)) };
      })
      .filter((one) => one.rows.length > 0),
  );
  const setting = $derived(adventure.setting);
  const kit = $derived(kitListOf(adventure, adventure.setting).map(kitInWords));
  const cautions = $derived(cautionsOf(adventure));
  const facts = $derived([
    `ages ${setting.ages.from} to ${setting.ages.to}`,
    `${setting.group} children`,
    setting.place,
    `${lengthInWords(schedule.totalSeconds)} of ${lengthInWords(setting.slotSeconds)}`,
  ]);
  const isDone = (row: RunSheetRow) => row.name !== '';
</script>

<article class={['sheet', paper]} aria-label="Run sheet">
  <header>
    <h2>{adventure.title || 'Untitled adventure'}</h2>
    {#if adventure.world.want}<p class="want">{adventure.world.want}</p>{/if}
    <p class="facts">{facts.join(' · ')}</p>
    {#if kit.length > 0}<p class="facts"><b>At hand:</b> {kit.join(', ')}</p>{/if}
    {#if schedule.cues.length > 0}
      <div class="land">
        <Terrain
          cues={schedule.cues}
          chapters={adventure.chapters}
          slotSeconds={setting.slotSeconds}
          height={64}
        />
      </div>
    {/if}
  </header>
  {#if rows.length === 0}
    <p class="want">There is nothing to print yet. Write a line or a move on the Desk first.</p>
  {:else}
    <table>
      <thead>
        <tr
          ><th scope="col">Clock</th><th scope="col">Do and say</th><th scope="col" class="dose"
            >How much</th
          ></tr
        >
      </thead>
      {#each byChapter as { chapter, rows: lines } (chapter.id)}
        <tbody>
          <tr class="chapter">
            <th colspan="3" scope="rowgroup">
              {chapter.title}
              <span>{clockOf(schedule.totals.byChapter.get(chapter.id)?.seconds ?? 0)}</span>
            </th>
          </tr>
          {#each lines as row, index (index)}
            <tr>
              <td class="clock">{clockOrBlank(row.startSeconds)}</td>
              <td colspan={row.dose ? 1 : 2}>
                {#if isDone(row)}
                  <b class="name">{row.name}</b>
                  {#if row.move}<span class="move">{row.move}</span>{/if}
                {/if}
                {#if row.say}<span class={isDone(row) ? 'say block' : 'say'}>“{row.say}”</span>{/if}
                {#if row.formCues || row.forms}
                  <span class="cues">
                    {row.formCues}{row.formCues && row.forms ? ' · ' : ''}{row.forms}
                  </span>
                {/if}
              </td>
              {#if row.dose}<td class="dose">{row.dose}</td>{/if}
            </tr>
          {/each}
        </tbody>
      {/each}
    </table>
    <section class="cautions">
      <h3>Look out for</h3>
      <ul>
        {#each cautions as caution (caution.text)}
          <li>
            {caution.text}
            {#if caution.moves.length > 0}<span>{caution.moves.join(', ')}</span>{/if}
          </li>
        {/each}
      </ul>
      <p>{DEFERRING_LINE}</p>
    </section>
  {/if}
</article>

<style>
  @page a4 {
    size: 210mm 297mm;
    margin: 13mm 14mm;
  }
  @page letter {
    size: 8.5in 11in;
    margin: 0.5in 0.55in;
  }
  /* Paper is paper, by day and by night. */
  .sheet {
    --page: white;
    --raised: white;
    --ink: oklch(0.22 0.03 228);
    --soft: oklch(0.4 0.03 228);
    --line: oklch(0.8 0.02 88);
    --water: oklch(0.45 0.08 228);
    --pencil: oklch(0.46 0.1 38);
    background: white;
    color: var(--ink);
    max-width: 210mm;
    padding: 13mm 14mm;
    box-shadow: 0 1px 14px oklch(0.25 0.03 228 / 0.2);
    font-size: 10.5pt;
    line-height: 1.3;
  }
  .letter {
    max-width: 8.5in;
    padding: 0.5in 0.55in;
  }
  h2 {
    font-size: 24pt;
    font-weight: 800;
  }
  .want {
    font-size: 12.5pt;
    margin-top: 1mm;
  }
  .facts {
    color: var(--soft);
    margin-top: 1mm;
  }
  .land {
    margin: 3mm 0 1mm;
  }
  table {
    width: 100%;
    border-collapse: collapse;
  }
  thead th {
    text-align: left;
    font-weight: 500;
    color: var(--soft);
    border-bottom: 1.5pt solid var(--ink);
  }
  tbody tr {
    break-inside: avoid;
  }
  .chapter th {
    text-align: left;
    font-family: var(--font-heading);
    font-size: 13.5pt;
    padding-top: 2.5mm;
    break-after: avoid;
  }
  .chapter span {
    font:
      400 10.5pt 'Atkinson Hyperlegible Next Variable',
      sans-serif;
    color: var(--soft);
    margin-left: 2mm;
  }
  td {
    vertical-align: top;
    padding: 0.8mm 0;
    border-top: 0.5pt solid var(--line);
  }
  .clock {
    width: 13mm;
    font-variant-numeric: tabular-nums;
    color: var(--soft);
  }
  .dose {
    width: 44mm;
    padding-left: 4mm;
    font-weight: 600;
  }
  .name {
    display: inline-block;
    font-size: 12.5pt;
    margin-right: 1.5mm;
  }
  .name::first-letter {
    text-transform: uppercase;
  }
  .move,
  .cues {
    color: var(--soft);
  }
  .cues {
    display: block;
    font-size: 10pt;
  }
  .say.block {
    display: block;
  }
  .cautions {
    margin-top: 3mm;
    font-size: 9.5pt;
    border-top: 1.5pt solid var(--ink);
    padding-top: 2mm;
    break-inside: avoid;
  }
  h3 {
    font-size: 13.5pt;
  }
  .cautions ul {
    columns: 2;
    column-gap: 8mm;
    margin: 1mm 0 2mm;
  }
  .cautions li {
    break-inside: avoid;
    padding: 0.6mm 0;
  }
  .cautions li span {
    color: var(--soft);
    font-size: 9pt;
  }
  @media (max-width: 640px) {
    .sheet {
      padding: 5mm;
    }
    .dose {
      width: 28mm;
    }
    .cautions ul {
      columns: 1;
    }
  }
  @media print {
    .sheet {
      box-shadow: none;
      padding: 0;
      max-width: none;
    }
    .a4 {
      page: a4;
    }
    .letter {
      page: letter;
    }
  }
</style>
