<script lang="ts">
    import { counted, number, when } from '../../lib/words';
    import DeedMenu from '../../parts/DeedMenu.svelte';
    import Inline from '../../parts/Inline.svelte';
    import Thumbnail from '../../parts/Thumbnail.svelte';
    import type { Ordering } from './ordering.svelte';
    import type { Templates } from './templates.svelte';
    import type { TemplateRow } from './types';

    interface Props {
        template: TemplateRow;
        may: { edit: boolean; publish: boolean };
        ordering: Ordering;
        before: TemplateRow | null;
        afterNext: TemplateRow | null;
        isLast: boolean;
        templates: Templates;
        copy: () => void;
    }

    let { template, templates, may, ordering, before, afterNext, isLast, copy }: Props = $props();
    let renaming = $state(false);
    let noting = $state(false);

    function rename(name: string): void {
        renaming = false;
        void templates.rename(template, name);
    }

    function note(words: string): void {
        noting = false;
        void templates.note(template, words);
    }

    function stateOf(): string {
        if (!template.live) return 'draft, not in the shop yet';
        return (template.unpublished ?? 0) > 0
            ? `live · ${counted(template.unpublished ?? 0, 'change')} not published`
            : 'live';
    }

    const address = $derived(`/studio/templates/${template.id}`);
    const at = $derived(String(template.id));
    const deeds = $derived(
        [
            { words: 'Rename', can: may.edit, do: () => (renaming = true) },
            {
                words: template.note === '' ? 'Write a note' : 'Change the note',
                can: may.edit,
                do: () => (noting = true),
            },
            { words: 'Copy…', can: may.edit, do: copy },
            {
                words: 'Up in the list…',
                can: may.publish && before !== null,
                do: () => ordering.ask(template.id, before?.id ?? null),
            },
            {
                words: 'Down in the list…',
                can: may.publish && !isLast,
                do: () => ordering.ask(template.id, afterNext?.id ?? null),
            },
            {
                words: 'Make it the fallback…',
                can: may.publish && template.live && !template.fallback,
                do: () =>
                    void templates.deeds.ask({
                        words: `“${template.name}” takes what no rule takes`,
                        address: `${address}/fallback`,
                        body: { letGo: true },
                        at,
                    }),
            },
            {
                words: 'Take it off…',
                can: may.publish && template.live && !template.fallback,
                do: () =>
                    void templates.deeds.ask({
                        words: `“${template.name}” taken off`,
                        address: `${address}/take-off`,
                        body: {},
                        at,
                    }),
            },
            { words: 'Delete', can: may.publish && !template.live, do: () => void templates.drop(template) },
        ].filter((deed) => deed.can),
    );
</script>

<tr
    class="border-b align-baseline {ordering.moving !== null && ordering.before === template.id
        ? 'border-t-2 border-t-ink'
        : ''} border-hair {ordering.moving === template.id ? 'opacity-50' : ''}"
    data-template={template.id}
>
    <td class="w-28 py-3 pr-4 align-top"
        ><Thumbnail address="{address}/look" words="{template.name} as it looks" height={66} /></td
    >
    <td class="py-3 pr-4">
        {#if renaming}
            <Inline label="New name" value={template.name} max={80} done={rename} leave={() => (renaming = false)} />
        {:else}
            <span class="flex items-baseline gap-2">
                {#if may.publish}
                    <span
                        class="cursor-grab touch-none text-quiet"
                        aria-hidden="true"
                        title="Drag it up or down; the menu does the same"
                        onpointerdown={(event) => ordering.press(event, template.id)}
                        onpointermove={(event) => ordering.move(event)}
                        onpointerup={() => ordering.drop()}>⠿</span
                    >
                {/if}
                <a class="font-name text-lg hover:underline" href={address}>{template.name}</a>
            </span>
        {/if}
        {#if noting}
            <Inline
                label="Note about {template.name}"
                value={template.note}
                max={300}
                placeholder="What is it for? Who asked for it?"
                done={note}
                leave={() => (noting = false)}
            />
        {:else if template.note !== ''}<p class="text-sm text-quiet">{template.note}</p>{/if}
        {#if template.fallback}<p class="text-sm text-quiet">the fallback: takes what no rule takes</p>{/if}
        {#if template.goesFirst}<p class="text-sm text-quiet">goes first</p>{/if}
    </td>
    <td class="py-3 pr-4">
        <span
            class="mr-1 inline-block size-2 rounded-full border {template.live
                ? 'border-live bg-live'
                : 'border-quiet'}"
            aria-hidden="true"
        ></span>
        {stateOf()}
        {#if template.season}<p class="text-sm text-quiet">{template.season}</p>{/if}
    </td>
    <td class="figures py-3 pr-4 text-right" data-head="covers"
        >{template.counts ? number(template.counts.covers) : '–'}</td
    >
    <td class="figures py-3 pr-4 text-right" data-head="shown on">
        {#if template.counts?.when === 'ahead'}<span class="text-sm text-quiet">will be on</span>{/if}
        {template.counts ? number(template.counts.shownOn) : '–'}
        {#if template.counts && template.counts.when === 'now' && template.counts.covers > 0 && template.counts.shownOn === 0}
            <a class="word block font-sans text-sm whitespace-nowrap" href="{address}?view=reach"
                >what stands in the way<span class="unseen"> of {template.name}</span>?</a
            >
        {/if}
    </td>
    <td class="py-3 pr-4 text-quiet"
        >{when(template.changedAt)}{#if template.changedBy}, {template.changedBy}{/if}</td
    >
    <td class="py-3 text-right whitespace-nowrap">
        {#if deeds.length > 0}
            <DeedMenu name={template.name} {deeds} />
        {/if}
    </td>
</tr>
