<script lang="ts">
  import BenchView from '$lib/ui/bench/BenchView.svelte';

  let { data } = $props();
</script>

<svelte:head><title>Bench · {data.squad.name} · Jaleo</title></svelte:head>
{#key `${data.squad.id} ${data.day} ${data.forAthlete ?? ''} ${data.session?.stored.id ?? ''} ${data.place.id}`}
  <BenchView {data} editable={data.may.plan} />
{/key}
