<script lang="ts">
  import { resolve } from '$app/paths';
  import { page } from '$app/state';
  import Brand from '$lib/ui/Brand.svelte';
  import { notices } from '$lib/ui/notices.svelte';

  import SavingTrouble from '$lib/ui/SavingTrouble.svelte';
  import '../app.css';

  const { children } = $props();

  /** A quiet moment: the folder of backups is brought up to date, where there is one. */
  async function hidden() {
    if (document.visibilityState !== 'hidden') return;
    const { backups } = await import('$lib/backup/backup-state.svelte');
    if (!backups.folderName) await backups.load();
    await backups.toFolder();
  }

  // On a first visit there is nothing newer than the page.
  const mayBeNewer = Boolean(navigator.serviceWorker?.controller);

  const onStage = $derived(page.route.id?.startsWith('/stage') ?? false);
  const onDesk = $derived(page.route.id === '/desk/[id]');
  /** Each place, and what else begins the addresses that belong to it. */
  const places = [
    { path: '/' as const, name: 'Shelf', also: ['/desk', '/prep', '/rehearse', '/trash', '/take'] },
    { path: '/moves' as const, name: 'Moves', also: ['/moves'] },
    { path: '/series' as const, name: 'Series', also: ['/series'] },
    { path: '/logbook' as const, name: 'Logbook', also: ['/logbook', '/review'] },
    { path: '/settings' as const, name: 'Settings', also: [] },
  ];
</script>

<svelte:document onvisibilitychange={hidden} />
<a
  href="#main"
  class="sr-only focus:not-sr-only focus:fixed! focus:top-2! focus:left-2! focus:z-50! focus:rounded-lg focus:bg-ink focus:px-4 focus:py-2 focus:text-page"
  >Skip to the page</a
>
<SavingTrouble />
{#if mayBeNewer && !onStage}
  {#await import('$lib/ui/NewerBuild.svelte') then { default: NewerBuild }}<NewerBuild />{/await}
{/if}
{#if !onStage}
  <header
    class={[
      'mx-auto flex flex-wrap items-center justify-between gap-x-2 gap-y-1 px-4 sm:px-6 print:hidden',
      onDesk ? 'max-w-[84rem] pt-1' : 'max-w-6xl pt-3',
    ]}
  >
    <a
      href={resolve('/')}
      class="flex items-center gap-2 no-underline"
      aria-label="Arrup: the shelf"
    >
      <Brand />
      <span class="font-heading text-2xl font-extrabold tracking-tight">Arrup</span>
    </a>
    <nav aria-label="Places" class="flex">
      {#each places as { path, name, also } (path)}
        {@const at = page.route.id ?? ''}
        {@const here = at === path || also.some((start) => at.startsWith(start))}
        <a
          href={resolve(path)}
          class={[
            'btn-quiet px-1! max-[22rem]:text-sm min-[26rem]:px-2! sm:px-3!',
            here && 'font-bold underline decoration-2 underline-offset-4',
          ]}
          aria-current={page.route.id === path ? 'page' : undefined}
        >
          {name}
        </a>
      {/each}
    </nav>
  </header>
{/if}
<svelte:boundary>
  {@render children()}
  {#snippet failed(reason, reset)}
    {#await import('$lib/ui/Rescue.svelte') then { default: Rescue }}
      <Rescue
        title="Something went wrong on this page."
        reason={reason instanceof Error ? reason.message : String(reason)}
        again={reset}
      />
    {/await}
  {/snippet}
</svelte:boundary>
{#if notices.begun}
  {#await import('$lib/ui/NoticeBar.svelte') then { default: NoticeBar }}<NoticeBar />{/await}
{/if}
