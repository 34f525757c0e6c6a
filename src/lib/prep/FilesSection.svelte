<!-- What the adventure becomes elsewhere: files for colleagues, editors, films and calendars. -->
<script lang="ts">
  import {
    MEDIA_TYPES,
    fileNameOf,
    hasBeats,
    MOST_MADE_BY,
    USUAL_PARTS,
    type Adventure,
    type FileFormatId,
  } from '$core';
  import type { FileChoices } from '$core/files';
  import CalendarPlus from '@lucide/svelte/icons/calendar-plus';
  import Clapperboard from '@lucide/svelte/icons/clapperboard';
  import Download from '@lucide/svelte/icons/download';
  import Link from '@lucide/svelte/icons/link';
  import { askForFile } from '$lib/files/ask-for-file';
  import { preferences } from '$lib/store/preference-store.svelte';
  import { download } from '$lib/ui/download';
  import InlineText from '$lib/ui/InlineText.svelte';
  import { notices } from '$lib/ui/notices.svelte';
  import { EXPORT_GROUPS } from './exports';

  type Props = {
    adventure: Adventure;
    choices: Omit<FileChoices, 'parts'>;
    onstart: (startsAt: string) => void;
  };
  const { adventure, choices, onstart }: Props = $props();

  let linking = $state(false);
  let filming = $state(false);
  let writing = $state<FileFormatId | null>(null);

  async function save(format: FileFormatId) {
    writing = format;
    try {
      const { result } = askForFile({
        format,
        adventure,
        choices: { ...choices, parts: USUAL_PARTS },
        now: new Date(),
      });
      let { bytes } = await result;
      if (format === 'pictures') bytes = await (await import('./title-pngs')).withPngs(bytes);
      download(fileNameOf(adventure, format), MEDIA_TYPES[format], bytes);
      if (format === 'script') {
        const { lossesInWords } = await import('./script-losses');
        const lost = await lossesInWords(adventure);
        if (lost) notices.say(lost, undefined, true);
      }
    } catch (reason) {
      notices.say(
        `The file couldn’t be written: ${reason instanceof Error ? reason.message : String(reason)}`,
        undefined,
        true,
      );
    } finally {
      writing = null;
    }
  }
</script>

<section aria-labelledby="files-title">
  <h2 id="files-title" class="text-2xl">To take elsewhere</h2>
  <div class="mt-2 grid gap-x-10 gap-y-5 sm:grid-cols-2 lg:grid-cols-4">
    {#each EXPORT_GROUPS as { title, files } (title)}
      <div>
        <h3 class="text-lg">{title}</h3>
        <ul class="flex flex-col items-start">
          {#each files as { id, label } (id)}
            <li>
              <button
                type="button"
                class="-ml-3 btn-quiet text-left"
                disabled={writing !== null}
                onclick={() => save(id)}
              >
                <Download size={18} class="shrink-0" aria-hidden="true" />{writing === id
                  ? 'Writing it…'
                  : label}
              </button>
            </li>
          {/each}
        </ul>
        {#if files.some(({ id }) => id === 'html')}
          <p class="mt-1 text-soft">
            The page is one file, for a colleague or for home. It says it was made by
            <InlineText
              value={preferences.current.madeBy}
              label="Who made it"
              placeholder="nobody"
              maxlength={MOST_MADE_BY}
              onchange={(madeBy) => void preferences.change({ madeBy })}
            />.
          </p>
          <button
            type="button"
            class="-ml-3 btn-quiet text-left"
            aria-expanded={linking}
            onclick={() => (linking = !linking)}
          >
            <Link size={18} class="shrink-0" aria-hidden="true" />A link with all of it, and a code
          </button>
        {/if}
        {#if files.some(({ id }) => id === 'wav') && hasBeats(adventure)}
          <button
            type="button"
            class="-ml-3 btn-quiet text-left"
            aria-expanded={filming}
            onclick={() => (filming = !filming)}
          >
            <Clapperboard size={18} class="shrink-0" aria-hidden="true" />A film to follow along
          </button>
        {/if}
      </div>
    {/each}
    <div>
      <h3 class="text-lg">For the calendar</h3>
      <label class="mt-1 block">
        It is on
        <input
          type="datetime-local"
          class="inline-word"
          aria-label="When the session is"
          value={choices.startsAt}
          onchange={(event) => {
            if (event.currentTarget.value) onstart(event.currentTarget.value);
            else event.currentTarget.value = choices.startsAt;
          }}
        />
      </label>
      <button
        type="button"
        class="-ml-3 btn-quiet text-left"
        disabled={writing !== null}
        onclick={() => save('ics')}
      >
        <CalendarPlus size={18} class="shrink-0" aria-hidden="true" />{writing === 'ics'
          ? 'Writing it…'
          : 'Put it in a calendar'}
      </button>
    </div>
  </div>
  {#if linking}
    {#await import('./LinkPanel.svelte') then { default: LinkPanel }}
      <LinkPanel {adventure} />
    {:catch}
      <p class="mt-4 text-pencil" role="alert">That didn’t load. Reload the page.</p>
    {/await}
  {/if}
  {#if filming && hasBeats(adventure)}
    {#await import('$lib/film/FilmPanel.svelte') then { default: FilmPanel }}
      <FilmPanel {adventure} pace={choices.pace} look={choices.look} />
    {:catch}
      <p class="mt-4 text-pencil" role="alert">That didn’t load. Reload the page.</p>
    {/await}
  {/if}
</section>
