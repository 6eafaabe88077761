<script lang="ts">
    import type { TodayData } from '../../lib/types';
    import type { Today } from './today.svelte';

    let { today, templates }: { today: Today; templates: TodayData['templates'] } = $props();
    const changed = $derived(templates.filter((template) => template.changed));

    function begin(event: SubmitEvent): void {
        event.preventDefault();
        void today.walk();
    }
</script>

<section aria-labelledby="walk">
    <h2 id="walk" class="text-lg">Walk the shop</h2>
    <form onsubmit={begin}>
        <p class="text-quiet">See every page as it will be. Customers see nothing of it.</p>
        <div class="mt-2 flex flex-wrap items-center gap-2">
            <label>As on <input class="field ml-1" type="date" bind:value={today.day} /></label>
            <label
                >at <input class="field ml-1" type="time" bind:value={today.time} disabled={today.day === ''} /></label
            >
        </div>
        {#if changed.length > 0}
            <fieldset class="mt-2">
                <legend class="text-quiet">with the drafts of</legend>
                {#each changed as template (template.id)}
                    <label class="flex gap-2 py-0.5"
                        ><input type="checkbox" value={template.id} bind:group={today.drafts} /> {template.name}</label
                    >
                {/each}
            </fieldset>
        {/if}
        <button class="button mt-3" disabled={today.day === '' && today.drafts.length === 0}
            >Walk the shop like that</button
        >
    </form>
</section>
