<script lang="ts">
  import Pyramid from '$lib/ui/startline/Pyramid.svelte';

  let { data } = $props();
</script>

<svelte:head><title>Focus · {data.squad.name} · Jaleo</title></svelte:head>

<div class="page">
  <header>
    <h1>Who has what focus</h1>
    <a class="quiet" href="/start/{data.squad.id}/{data.today}">Back to the testing day</a>
  </header>
  <div class="columns">
    <section>
      <h2>By focus <span class="rule-id">START-1 · START-7</span></h2>
      {#each data.focuses as group (group.id)}
        <article>
          <h3>{group.name} <span class="note">{group.people.length}</span></h3>
          <ul>
            {#each group.people as one (one.id)}
              <li>
                <a href="/squad/{data.squad.id}/{one.id}/start"
                  ><Pyramid tiers={one.tiers} limiting={one.limiting} size={18} />
                  {one.name}</a
                >
                <span class="note">{one.isSet ? 'set' : one.unknown ? 'preliminary' : 'proposed'}</span>
              </li>
            {/each}
          </ul>
        </article>
      {/each}
    </section>
    <section>
      <h2>By rung of control <span class="rule-id">START-3</span></h2>
      {#each data.rungs as group (group.rung)}
        <article>
          <h3>
            {group.rung > 0 ? `${String(group.rung)}, ` : ''}{group.name}
            <span class="note">{group.people.length}</span>
          </h3>
          <p>
            {#each group.people as one, i (one.id)}{i > 0 ? ', ' : ''}<a href="/squad/{data.squad.id}/{one.id}/start"
                >{one.name}</a
              >{/each}
          </p>
        </article>
      {/each}
    </section>
  </div>
</div>

<style>
  .page {
    padding: 14px 16px 32px;
    display: grid;
    gap: 14px;
  }
  header {
    display: flex;
    gap: 16px;
    align-items: baseline;
    flex-wrap: wrap;
  }
  .columns {
    display: grid;
    grid-template-columns: minmax(0, 3fr) minmax(0, 2fr);
    gap: 32px;
  }
  section {
    display: grid;
    gap: 12px;
    align-content: start;
  }
  article {
    border-top: 2px solid var(--ink);
    padding-top: 6px;
  }
  ul {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(200px, 1fr));
    gap: 2px 16px;
  }
  li {
    display: flex;
    gap: 8px;
    justify-content: space-between;
    align-items: center;
    min-height: 26px;
  }
  a,
  a:visited {
    color: var(--ink);
  }
  li a {
    display: inline-flex;
    gap: 6px;
    align-items: center;
    font-weight: 560;
    text-decoration: none;
  }
  li a:hover {
    text-decoration: underline;
  }
  @media (max-width: 900px) {
    .columns {
      grid-template-columns: minmax(0, 1fr);
    }
  }
  @media (pointer: coarse) {
    li {
      min-height: 44px;
    }
  }
</style>
