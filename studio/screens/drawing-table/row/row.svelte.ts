import { inBrowser } from '../../../lib/storage';

const KEPT = 'vestibra-row';
export type RowName = 'samples' | 'shelf';

/**
 * The bottom row: which of the two it shows, and whether it is open. It gives its room to the settings while something
 * is selected; what the owner chose for either case is remembered.
 */
export class Row {
    which = $state<RowName>('samples');
    private resting = $state(true);
    private styling = $state(false);
    /** Asked for by its name, until one turns to the settings. */
    private wanted = $state(false);

    constructor(private readonly on: { readonly selection: { readonly id: string | null } }) {
        const [resting = 'open', styling = 'folded'] = (inBrowser.get(KEPT) ?? '').split(' ').filter(Boolean);
        this.resting = resting === 'open';
        this.styling = styling === 'open';
    }

    get isOpen(): boolean {
        return this.wanted || (this.on.selection.id === null ? this.resting : this.styling);
    }

    show(which: RowName): void {
        this.which = which;
        this.wanted = true;
    }

    /** What is selected is being set now: samples make room. Whoever lays out and styles in turn keeps the shelf. */
    giveWay(): void {
        if (this.which === 'samples') this.wanted = false;
    }

    toggle(): void {
        const open = !this.isOpen;
        this.wanted = false;
        if (this.on.selection.id === null) this.resting = open;
        else this.styling = open;
        const word = (isOpen: boolean): string => (isOpen ? 'open' : 'folded');
        inBrowser.set(KEPT, `${word(this.resting)} ${word(this.styling)}`);
    }
}
