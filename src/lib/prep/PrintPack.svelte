<!-- The print pack: what is to be in it, and its pages as they will come out of the printer. -->
<script lang="ts">
  import {
    CARD_PARTS,
    fileNameOf,
    deedOf,
    MEDIA_TYPES,
    PACK_GROUPS,
    packPartsFor,
    type Adventure,
    type PackGroup,
    type PackPartId,
    titleOf,
  } from '$core';
  import type { FileChoices } from '$core/files';
  import Download from '@lucide/svelte/icons/download';
  import Printer from '@lucide/svelte/icons/printer';
  import type { PDFDocumentProxy } from 'pdfjs-dist';
  import { askForFile } from '$lib/files/ask-for-file';
  import { preferences } from '$lib/store/preference-store.svelte';
  import { download } from '$lib/ui/download';
  import InlineChoice from '$lib/ui/InlineChoice.svelte';
  import { Cancelled } from '$lib/workers/ask-worker';
  import { openPdf } from './open-pdf';
  import { GROUP_WORDS, PART_WORDS } from './pack-words';
  import PdfPage from './PdfPage.svelte';

  type Props = { adventure: Adventure; choices: Omit<FileChoices, 'parts'> };
  const { adventure, choices }: Props = $props();

  const offered = $derived(packPartsFor(adventure));
  const left = $derived(preferences.current.notPrinted);
  const parts = $derived(offered.filter((id) => !left.includes(id)));
  const groups = $derived(
    (Object.keys(PACK_GROUPS) as PackGroup[])
      .map((group) => {
        const inGroup: readonly PackPartId[] = PACK_GROUPS[group];
        return [group, offered.filter((id) => inGroup.includes(id))] as const;
      })
      .filter(([, ids]) => ids.length > 0),
  );
  const hasCards = $derived(parts.some((id) => CARD_PARTS.includes(id)));
  /** What certificate and stickers say, where the presenter says it otherwise. */
  let ownDeed = $state<string | null>(null);
  const deed = $derived(ownDeed ?? deedOf(adventure));
  const saysDeed = $derived(parts.includes('certificate') || parts.includes('stickers'));

  /** Typing rests for this long before the pages are made again. */
  const REST_MS = 350;

  type Made = { bytes: Uint8Array; pdf: PDFDocumentProxy; missing: readonly string[] };
  let made = $state.raw<Made | null>(null);
  let share = $state<number | null>(null);
  let trouble = $state('');

  $effect(() => {
    const request = {
      format: 'pdf' as const,
      adventure,
      choices: { ...choices, parts, deed },
      now: new Date(),
    };
    if (parts.length === 0) return;
    let asked: ReturnType<typeof askForFile> | null = null;
    let gone = false;
    const wait = setTimeout(() => {
      share = 0;
      trouble = '';
      asked = askForFile(request, (done) => (share = done));
      asked.result
        .then(async ({ bytes, missing }) => {
          const pdf = await openPdf(bytes);
          if (gone) return void pdf.destroy();
          void made?.pdf.destroy();
          made = { bytes, pdf, missing };
          share = null;
        })
        .catch((reason: unknown) => {
          if (reason instanceof Cancelled || gone) return;
          share = null;
          trouble = `The pages couldn’t be made: ${reason instanceof Error ? reason.message : String(reason)}`;
        });
    }, REST_MS);
    return () => {
      gone = true;
      clearTimeout(wait);
      asked?.cancel();
    };
  });

  function choose(id: PackPartId, wanted: boolean) {
    const others = left.filter((one) => one !== id);
    void preferences.change({ notPrinted: wanted ? others : [...others, id] });
  }
  function openPages({ bytes }: Made) {
    const address = URL.createObjectURL(
      new Blob([new Uint8Array(bytes)], { type: MEDIA_TYPES.pdf }),
    );
    window.open(address, '_blank');
    // The new tab has read it by then.
    setTimeout(() => URL.revokeObjectURL(address), 60_000);
  }
</script>

<section aria-labelledby="print-title">
  <h2 id="print-title" class="text-2xl">To print</h2>
  {#if offered.length === 0}
    <p class="mt-1 text-soft">
      There’s nothing to print yet. Write a line or a move on the Desk first.
    </p>
  {:else}
    <div class="groups mt-2">
      {#each groups as [group, ids] (group)}
        <fieldset>
          <legend class="font-heading text-lg font-bold">{GROUP_WORDS[group]}</legend>
          {#each ids as id (id)}
            <label class="flex min-h-9 items-center gap-2 leading-5">
              <input
                type="checkbox"
                class="checkbox size-5 shrink-0"
                checked={parts.includes(id)}
                onchange={(event) => choose(id, event.currentTarget.checked)}
              />
              {PART_WORDS[id]}
            </label>
          {/each}
        </fieldset>
      {/each}
    </div>
    {#if saysDeed}
      <label class="mt-2 flex flex-wrap items-baseline gap-x-2">
        On certificate and stickers:
        <input
          class="inline-word field-sizing-content max-w-full min-w-64"
          maxlength="120"
          value={deed}
          oninput={(event) => (ownDeed = event.currentTarget.value)}
        />
      </label>
    {/if}
    <div class="mt-2 flex flex-wrap items-center gap-x-6 gap-y-2">
      <p>
        On
        <InlineChoice
          value={choices.paper}
          label="Paper"
          choices={[
            ['a4', 'A4 paper'],
            ['letter', 'Letter paper'],
          ] as const}
          onchange={(paper) => void preferences.change({ paper })}
        />,
        <InlineChoice
          value={choices.ink}
          label="Ink"
          choices={[
            ['colour', 'in colour'],
            ['saving', 'saving ink'],
          ] as const}
          onchange={(ink) => void preferences.change({ ink })}
        />{#if hasCards}, cards
          <InlineChoice
            value={choices.backs}
            label="Backs of cards"
            choices={[
              [false, 'without backs'],
              [true, 'with backs, to print on both sides'],
            ] as const}
            onchange={(backs) => void preferences.change({ backs })}
          />{/if}.
      </p>
      {#if made && parts.length > 0}
        {@const ready = made}
        <button
          type="button"
          class="btn-lamp"
          disabled={share !== null}
          onclick={() => openPages(ready)}
        >
          <Printer size={20} aria-hidden="true" />Print it
        </button>
        <button
          type="button"
          class="btn-quiet"
          disabled={share !== null}
          onclick={() => download(fileNameOf(adventure, 'pdf'), MEDIA_TYPES.pdf, ready.bytes)}
        >
          <Download size={18} aria-hidden="true" />Save the PDF
        </button>
      {/if}
      <p
        role="status"
        class="text-soft"
        data-pages={share === null ? (made?.pdf.numPages ?? 0) : 'making'}
      >
        {#if parts.length === 0}
          Choose what is to be printed.
        {:else if share !== null}
          Making the pages, {Math.round(share * 100)} %…
        {:else if made}
          {made.pdf.numPages}
          {made.pdf.numPages === 1 ? 'page' : 'pages'}, true to size: print at 100 %. Nothing runs
          over the edge, so any printer will do.
        {/if}
      </p>
    </div>
    {#if trouble}<p class="mt-2 font-semibold text-pencil" role="alert">{trouble}</p>{/if}
    {#if made && made.missing.length > 0}
      <p class="mt-2 text-pencil">
        Our print fonts don’t have {made.missing.slice(0, 12).join(' ')}: you’ll see an empty box
        instead.
      </p>
    {/if}
    {#if made && parts.length > 0}
      {@const { pdf } = made}
      <div class={['pages mt-5', share !== null && 'opacity-60']}>
        {#each Array.from({ length: pdf.numPages }, (_, n) => n + 1) as n (n)}
          <PdfPage {pdf} {n} title={titleOf(adventure)} />
        {/each}
      </div>
    {/if}
  {/if}
</section>

<style>
  .groups {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(min(100%, 15rem), 1fr));
    gap: 0.75rem 1.5rem;
    align-items: start;
  }
  .pages {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(min(100%, 19rem), 1fr));
    gap: 1.25rem;
    align-items: start;
  }
</style>
