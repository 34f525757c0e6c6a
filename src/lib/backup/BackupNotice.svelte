<!-- On the Shelf: a store that went missing, or a backup that is due. -->
<script lang="ts">
  import { resolve } from '$app/paths';
  import { format } from 'date-fns';
  import { backups } from './backup-state.svelte';

  let later = $state(false);
</script>

{#if backups.isOther}
  <section class="mb-6 border-l-4 border-pencil py-1 pl-5" role="alert">
    <h2 class="text-xl">Something that was here is gone.</h2>
    <p class="mt-1 max-w-prose">
      This browser’s store was emptied, or an older one was put in its place: it holds less than
      you’ve saved here. {#if backups.changes.backup}Your last backup is <b
          >{backups.changes.backup}</b
        >
        of
        {format(backups.changes.backupAt, 'd MMMM yyyy')}.{:else}There’s no backup that Arrup knows
        of.{/if}
    </p>
    <p class="mt-2 -ml-3 flex flex-wrap gap-x-2">
      <a class="btn-quiet font-semibold" href="{resolve('/settings')}#backup">Read a backup</a>
      <button type="button" class="btn-quiet" onclick={() => backups.accept()}>
        Go on with what’s here
      </button>
    </p>
  </section>
{:else if !later}
  <p class="mb-6 flex flex-wrap items-center gap-x-4 gap-y-2 border-l-4 border-lamp py-1 pl-5">
    <span>
      {backups.changes.backup
        ? 'You’ve changed a good deal since your last backup.'
        : 'You’ve no backup yet.'}
      All this lives in this browser alone.
    </span>
    <button type="button" class="btn-quiet border border-line" onclick={() => backups.save()}>
      Save a backup
    </button>
    <button type="button" class="btn-quiet" onclick={() => (later = true)}>Not now</button>
  </p>
{/if}
