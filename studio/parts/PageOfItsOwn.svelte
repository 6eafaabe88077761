<script lang="ts">
    import { OwnPage } from './pageOfItsOwn.svelte';

    let { pageKind, subject, one }: { pageKind: string; subject: number; one: string } = $props();
    const own = new OwnPage();
</script>

<button
    class="word"
    disabled={own.busy}
    title="Begins as its page is today; nothing changes in the shop until you publish"
    onclick={() => void own.open(pageKind, subject)}>give this {one} a page of its own</button
>
