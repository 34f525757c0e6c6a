<!-- The running order on paper, for whoever would rather hold it. On the screen it isn't there. -->
<script lang="ts">
  import {
    clockOrBlank,
    lengthTold,
    moveBookOf,
    rowsByChapter,
    titleOf,
    toldLength,
    type Adventure,
    type Schedule,
  } from '$core';
  import { pictureUrl, screenPicture } from '$lib/pictures/move-pictures';
  import { preferences } from '$lib/store/preference-store.svelte';

  type Props = { adventure: Adventure; schedule: Schedule; madeBy: string };
  const { adventure, schedule, madeBy }: Props = $props();

  const HIGH_PX = 56;
  const chapters = $derived(rowsByChapter(adventure, schedule));
  const book = $derived(moveBookOf(adventure));
  const told = $derived(toldLength(adventure, adventure.setting, preferences.pace));

  function pictureOf(id: string): string | null {
    const move = book.get(id);
    if (!move) return null;
    const { look } = preferences.current;
    return pictureUrl(screenPicture(move, { poses: 1, sizePx: HIGH_PX, look, mode: 'light' }));
  }
</script>

<article class="paper" data-paper>
  <h1>{titleOf(adventure)}</h1>
  <p>{lengthTold(told)}{madeBy ? ` · made by ${madeBy}` : ''}</p>
  {#each chapters as { chapter, length, rows } (chapter.id)}
    <h2>{chapter.title} · {length}</h2>
    <table>
      <tbody>
        {#each rows as row, n (n)}
          {@const picture = pictureOf(row.moveId)}
          <tr>
            <td class="tabular">{clockOrBlank(row.startSeconds)}</td>
            <td
              >{#if picture}<img src={picture} alt="" height={HIGH_PX} />{/if}</td
            >
            <td>
              {#if row.name}<b>{row.name}</b>{row.move ? ` (${row.move})` : ''}{/if}
              {row.dose}
              {#if row.say}<span class="say">{row.say}</span>{/if}
            </td>
          </tr>
        {/each}
      </tbody>
    </table>
  {/each}
</article>

<style>
  .paper {
    display: none;
  }
  @media print {
    .paper {
      display: block;
      color: #000;
      background: #fff;
      font-size: 11pt;
    }
  }
  h1 {
    font-size: 20pt;
  }
  h2 {
    margin-top: 10pt;
    font-size: 14pt;
    break-after: avoid;
  }
  table {
    width: 100%;
    border-collapse: collapse;
  }
  tr {
    break-inside: avoid;
  }
  td {
    padding: 3pt 6pt 3pt 0;
    border-bottom: 0.5pt solid #999;
    vertical-align: top;
  }
  td:nth-child(2) {
    width: 18mm;
  }
  img {
    max-width: 16mm;
    object-fit: contain;
  }
  .say {
    display: block;
    font-style: italic;
  }
</style>
