<script lang="ts">
    import { PictureChoice } from './pictures.svelte';
    import PictureField from './PictureField.svelte';
    import PictureRow from './PictureRow.svelte';

    interface Props {
        id: string;
        label: string;
        values: number[];
        most: number;
        may: boolean;
        change: (next: number[]) => void;
    }

    let { id, label, values, most, may, change }: Props = $props();
    const choice = new PictureChoice();
    const without = (one: number): number[] => values.filter((value) => value !== one);

    $effect(() => void choice.learn(values));

    function move(one: number, by: number): void {
        change(without(one).toSpliced(Math.max(0, values.indexOf(one) + by), 0, one));
    }
</script>

<div role="group" aria-label={label}>
    <PictureRow
        ids={values}
        known={choice.known}
        {may}
        none="No pictures yet."
        wide="w-20"
        {move}
        out={(one) => change(without(one))}
    />
    {#if may && values.length < most}
        <div class="mt-2">
            <PictureField
                {id}
                value={null}
                disabled={false}
                words="Add a picture…"
                change={(one) => change([...without(one), one])}
            />
        </div>
    {/if}
</div>
