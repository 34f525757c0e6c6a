<!-- What a series becomes elsewhere: the plan on paper, dates in a calendar, all packs. -->
<script lang="ts">
  import { SERIES_FORMATS, seriesFileName, USUAL_PARTS, type SeriesFormatId } from '$core';
  import Download from '@lucide/svelte/icons/download';
  import { preferences } from '$lib/store/preference-store.svelte';
  import { download } from '$lib/ui/download';
  import { notices } from '$lib/ui/notices.svelte';
  import { askSeries } from './ask-series';
  import type { SeriesWork } from './series-work.svelte';

  const { work }: { work: SeriesWork } = $props();

  const FILES: readonly (readonly [SeriesFormatId, string])[] = [
    ['pdf', 'Term plan, one page to print'],
    ['note', 'Note home for these weeks'],
    ['ics', 'All dates for your calendar'],
    ['svg', 'Picture of what these weeks cover'],
    ['docx', 'Term plan for a word processor'],
    ['csv', 'Term plan for a spreadsheet'],
    ['md', 'Term plan as plain text'],
    ['json', 'The series with its adventures, for a colleague’s Arrup'],
    ['zip', 'Everything, with each adventure’s print pack, in one ZIP'],
  ];
  let writing = $state<SeriesFormatId | null>(null);
  let share = $state(0);

  async function save(format: SeriesFormatId) {
    writing = format;
    share = 0;
    const { paper, ink, unit, look, backs } = preferences.current;
    const { series, adventures, coverage } = work;
    try {
      const { result } = askSeries(
        {
          as: 'file',
          format,
          now: new Date(),
          job: {
            series,
            adventures: [...adventures.values()],
            coverage,
            choices: {
              pace: preferences.pace,
              paper,
              ink,
              unit,
              look,
              backs,
              parts: USUAL_PARTS,
            },
          },
        },
        (done) => (share = done),
      );
      const { bytes } = await result;
      download(seriesFileName(series, format), SERIES_FORMATS[format].mediaType, bytes);
    } catch (reason) {
      const why = reason instanceof Error ? reason.message : String(reason);
      notices.say(`The file couldn’t be written: ${why}`, undefined, true);
    } finally {
      writing = null;
    }
  }
</script>

<ul class="mt-1 grid gap-x-8 sm:grid-cols-2">
  {#each FILES as [id, label] (id)}
    <li>
      <button
        type="button"
        class="-ml-3 btn-quiet text-left"
        disabled={writing !== null}
        onclick={() => void save(id)}
      >
        <Download size={18} class="shrink-0" aria-hidden="true" />{writing !== id
          ? label
          : share > 0
            ? `Writing it: ${Math.round(share * 100)} %`
            : 'Writing it…'}
      </button>
    </li>
  {/each}
</ul>
