<!-- The messages at the foot of the page; fetched with the first of them. -->
<script lang="ts">
  import { createToaster, Toast } from '@skeletonlabs/skeleton-svelte';
  import X from '@lucide/svelte/icons/x';
  import { notices, type Notice } from './notices.svelte';

  /** Long enough to reach for "Undo" with the keyboard. */
  const SHOWN_MS = 12_000;
  const toaster = createToaster({ placement: 'bottom', max: 3, gap: 8 });

  // What is created before the group listens is lost; and a screen reader only tells of what comes
  // into a region that was there before.
  let listens = $state(false);
  $effect(() => {
    const soon = setTimeout(() => (listens = true), 50);
    return () => clearTimeout(soon);
  });

  let shown: readonly string[] = [];
  function tell(list: readonly Notice[]) {
    const told = shown;
    shown = list.map(({ id }) => String(id));
    for (const id of told) if (!shown.includes(id)) toaster.dismiss(id);
    for (const { id, text, action, stays } of list) {
      if (told.includes(String(id))) continue;
      toaster.create({
        id: String(id),
        title: text,
        duration: stays ? Infinity : SHOWN_MS,
        ...(action && { action: { label: action.label, onClick: () => void action.run() } }),
        onStatusChange: ({ status }) => {
          if (status === 'dismissing') notices.close(id);
        },
      });
    }
  }
  $effect(() => {
    const { list } = notices;
    // Not within the effect: the group draws itself at once, in the midst of what is being drawn.
    if (listens) queueMicrotask(() => tell(list));
  });
</script>

<Toast.Group {toaster} class="z-40! print:hidden" aria-label="Messages">
  {#snippet children(toast)}
    <!-- The keyboard stays where the work is: else the group takes it back there later, from whatever came since. -->
    <Toast
      {toast}
      onmousedown={(event) => event.preventDefault()}
      class="flex w-max max-w-[min(42rem,calc(100vw-2rem))] items-center gap-4 rounded-2xl bg-ink py-2 pr-2 pl-5 text-lg text-page shadow-lg"
    >
      <Toast.Title class="min-w-0">{toast.title}</Toast.Title>
      {#if toast.action}
        <Toast.ActionTrigger
          class="rounded-full bg-lamp px-4 py-1 font-semibold whitespace-nowrap text-on-lamp"
          >{toast.action.label}</Toast.ActionTrigger
        >
      {/if}
      <Toast.CloseTrigger class="rounded-full p-2" aria-label="Close this message">
        <X size={18} aria-hidden="true" />
      </Toast.CloseTrigger>
    </Toast>
  {/snippet}
</Toast.Group>
