<!-- From the ready page back to the script, and to the windows that go with the Stage. -->
<script lang="ts">
  import { resolve } from '$app/paths';
  import ArrowLeft from '@lucide/svelte/icons/arrow-left';

  const { id }: { id: string } = $props();
</script>

<a class="btn-quiet text-lg" href={resolve('/desk/[id]', { id })}>
  <ArrowLeft size={22} aria-hidden="true" />Desk
</a>
<span>
  <a class="btn-quiet text-lg" href={resolve('/stage/[id]/screen', { id })} target="_blank"
    >A screen for the children</a
  >
  <a class="btn-quiet text-lg" href={resolve('/stage/[id]/remote', { id })} target="_blank"
    >A remote</a
  >
  <a class="btn-quiet text-lg" href={resolve('/stage/[id]/film', { id })}>Film it</a>
</span>
