<script lang="ts">
    import { post } from '../../lib/http';
    import { notices } from '../../lib/notices.svelte';

    let { templates }: { templates: { id: number; name: string; changed: boolean }[] } = $props();
    let drafts = $state<number[]>([]);
    let day = $state('');
    let time = $state('12:00');
    const changed = $derived(templates.filter((template) => template.changed));

    async function begin(event: SubmitEvent): Promise<void> {
        event.preventDefault();
        try {
            await post('/studio/walk', { drafts, at: day ? `${day} ${time}` : null });
            location.assign('/');
        } catch (error) {
            notices.trouble(error);
        }
    }
</script>

<section aria-labelledby="walk">
    <h2 id="walk" class="text-lg">Walk the shop</h2>
    <form onsubmit={begin}>
        <p class="text-quiet">See every page as it will be. Customers see nothing of it.</p>
        <div class="mt-2 flex flex-wrap items-center gap-2">
            <label>As on <input class="field ml-1" type="date" bind:value={day} /></label>
            <label>at <input class="field ml-1" type="time" bind:value={time} disabled={day === ''} /></label>
        </div>
        {#if changed.length > 0}
            <fieldset class="mt-2">
                <legend class="text-quiet">with the drafts of</legend>
                {#each changed as template (template.id)}
                    <label class="flex gap-2 py-0.5"><input type="checkbox" value={template.id} bind:group={drafts} /> {template.name}</label>
                {/each}
            </fieldset>
        {/if}
        <button class="button mt-3" disabled={day === '' && drafts.length === 0}>Walk the shop like that</button>
    </form>
</section>
