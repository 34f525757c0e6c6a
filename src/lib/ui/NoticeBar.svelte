<!-- The messages at the foot of the page; fetched with the first of them. The place that tells of them is the layout's. -->
<script lang="ts">
  import X from '@lucide/svelte/icons/x';
  import { notices, type Notice } from './notices.svelte';

  async function act(notice: Notice) {
    notices.close(notice.id);
    await notice.action?.run();
  }
</script>

{#each notices.list as notice (notice.id)}
  <div
    class="pointer-events-auto flex max-w-2xl items-center gap-4 rounded-2xl bg-ink py-2 pr-2 pl-5 text-page shadow-lg"
  >
    <p>{notice.text}</p>
    {#if notice.action}
      <button
        type="button"
        class="rounded-full bg-lamp px-4 py-1 font-semibold whitespace-nowrap text-on-lamp"
        onclick={() => act(notice)}
      >
        {notice.action.label}
      </button>
    {/if}
    <button
      type="button"
      class="rounded-full p-2"
      aria-label="Close this message"
      onclick={() => notices.close(notice.id)}
    >
      <X size={18} aria-hidden="true" />
    </button>
  </div>
{/each}
