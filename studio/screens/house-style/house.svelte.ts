import { freshId } from '../../lib/ids';
import { inWindow } from '../../lib/storage';
import { get, patch, post, Refused, remove, upload } from '../../lib/http';
import { notices } from '../../lib/notices.svelte';
import { saveSeen } from '../../lib/sameTime';
import type { HouseFont, HouseState, HouseStyleData, HouseToken, Impact, ReleaseRow } from '../../lib/types';

type Values = Record<string, string | null>;

interface Step {
    words: string;
    before: Values;
}

const STEPS = 'vestibra-house-steps';

/** The steps of this window that led to what stands now. */
function keptSteps(state: HouseState): Step[] {
    try {
        const kept = JSON.parse(inWindow.get(STEPS) ?? 'null') as { seen: string; steps: Step[] } | null;
        return kept?.seen === state.seen && Array.isArray(kept.steps) ? kept.steps : [];
    } catch {
        return [];
    }
}

/** A house style while it is decided: what was decided goes to the server, and what it answers is painted at once. */
export class House {
    state = $state.raw<HouseState>({} as HouseState);
    /** What is on its way, so that a field shows what was chosen. */
    asked = $state.raw<Values>({});
    impact = $state.raw<(Impact & { seen: string }) | null>(null);
    busy = $state(false);
    fonts = $state.raw<HouseFont[]>([]);
    steps = $state.raw<Step[]>([]);
    readonly frames: HTMLIFrameElement[] = [];
    private sending = false;
    /** The step that is being taken back, until the server has it. */
    private undoing: Step | null = null;
    private waiting: Values = {};

    constructor(
        private readonly data: HouseStyleData,
        readonly mayEdit: boolean,
    ) {
        this.state = data.state;
        this.fonts = data.fonts;
        this.steps = keptSteps(data.state);
    }

    /** Takes over what somebody else has decided meanwhile, unless something is on its way from here. */
    async news(): Promise<void> {
        if (this.sending || this.busy || document.hidden) return;
        const { seen } = this.state;
        const { state } = await get<{ state: HouseState | null }>(
            `/studio/house-style/${this.id}/news?seen=${seen}`,
        ).catch(() => ({ state: null }));
        if (!state || this.sending || this.busy || this.state.seen !== seen) return;
        const theirs = this.tokens.filter((one) => decided(state, one.name) !== decided(this.state, one.name));
        // What they have decided since is not taken back with one's own steps.
        this.steps = this.steps.filter((step) => !theirs.some((one) => one.name in step.before));
        this.take(state);
        if (theirs.length > 0) {
            const names = theirs.slice(0, 3).map((one) => `${one.groupWords.toLowerCase()}: ${one.label}`);
            notices.say(
                `Somebody else has decided ${names.join('; ')}${theirs.length > 3 ? ` and ${theirs.length - 3} more` : ''}. It is shown here now.`,
            );
        }
    }

    get id(): number {
        return this.state.style.id;
    }

    get tokens(): HouseToken[] {
        return this.data.tokens;
    }

    token(name: string): HouseToken | undefined {
        return this.data.tokens.find((one) => one.name === name);
    }

    value(name: string): string {
        const asked = this.asked[name];
        return asked ?? this.state.values[name] ?? '';
    }

    own(name: string): boolean {
        return this.state.own.includes(name);
    }

    /** Decides something; null for as usual. A run of the same decision is one step. */
    set(values: Values, words: string): void {
        if (!this.mayEdit) return;
        const last = this.steps.at(-1);
        const names = Object.keys(values);
        const same = last?.words === words && names.every((name) => name in last.before);
        if (!same || Object.keys(this.asked).length === 0) {
            const before = Object.fromEntries(names.map((name) => [name, decided(this.state, name)]));
            this.steps = [...this.steps.slice(-99), { words, before }];
        }
        this.ask(values);
    }

    undo(): void {
        const last = this.steps.at(-1);
        if (!last) return;
        this.steps = this.steps.slice(0, -1);
        this.undoing = last;
        this.ask(last.before);
    }

    private ask(values: Values): void {
        this.asked = { ...this.asked, ...values };
        this.waiting = { ...this.waiting, ...values };
        this.atOnce(values);
        if (!this.sending) void this.send();
    }

    /** What was decided is seen at once, until the server's answer stands in its place. */
    private atOnce(values: Values): void {
        for (const [name, value] of Object.entries(values)) {
            const css = value === null ? null : cssOf(this.token(name)?.kind, value);
            for (const frame of css === null ? [] : this.frames)
                frame.contentDocument?.querySelector('html')?.style.setProperty(`--${name}`, css);
        }
    }

    private async send(): Promise<void> {
        this.sending = true;
        while (Object.keys(this.waiting).length > 0) {
            const tokens = this.waiting;
            this.waiting = {};
            try {
                const seen = Object.fromEntries(Object.keys(tokens).map((name) => [name, this.state.values[name]]));
                this.take(await patch<HouseState>(`/studio/house-style/${this.id}`, { tokens, seen }));
                this.undoing = null;
            } catch (error) {
                this.refused(tokens, error);
            }
        }
        this.asked = {};
        this.sending = false;
        this.keepSteps();
    }

    /** What can be taken back survives a reload, as long as nobody else decides meanwhile. */
    private keepSteps(): void {
        inWindow.set(STEPS, JSON.stringify({ seen: this.state.seen, steps: this.steps }));
    }

    private refused(tokens: Values, error: unknown): void {
        // What was shown at once is not what is kept.
        this.paint();
        const crossed =
            error instanceof Refused
                ? (error.body.crossed as Record<string, { theirs: string }> | undefined)
                : undefined;
        if (!crossed) {
            this.steps = this.undoing ? [...this.steps, this.undoing] : this.steps.slice(0, -1);
            this.undoing = null;
            notices.trouble(error);
            return;
        }
        const names = Object.keys(crossed);
        const theirs = names
            .map(
                (name) =>
                    `${this.token(name)?.label ?? name}: theirs is ${crossed[name]?.theirs ?? ''}, yours ${tokens[name] ?? 'as usual'}`,
            )
            .join('; ');
        notices.ask(
            `Somebody has decided this meanwhile. ${theirs}.`,
            { words: 'Use mine', do: () => void this.knowingly(tokens) },
            { words: 'Keep theirs', do: () => void this.open(this.id) },
        );
    }

    private async knowingly(tokens: Values): Promise<void> {
        try {
            this.take(await patch<HouseState>(`/studio/house-style/${this.id}`, { tokens, knowingly: true }));
        } catch (error) {
            notices.trouble(error);
        }
    }

    private take(state: HouseState): void {
        this.state = state;
        this.impact = null;
        this.keepSteps();
        this.paint();
    }

    /** Every specimen stands in the style as it is now. */
    paint(): void {
        for (const frame of this.frames) {
            const style = frame.contentDocument?.getElementById('house');
            if (style && style.textContent !== this.state.css) style.textContent = this.state.css;
            if (Object.keys(this.waiting).length === 0)
                frame.contentDocument?.querySelector('html')?.removeAttribute('style');
        }
    }

    open(id: number): Promise<void> {
        window.location.assign(`/studio/house-style?style=${id}`);
        return Promise.resolve();
    }

    async keep(name: string): Promise<void> {
        await this.done(async () => {
            const made = await post<HouseState>('/studio/house-style', { from: this.id, name });
            await this.open(made.style.id);
        });
    }

    async rename(name: string): Promise<void> {
        await this.done(() =>
            saveSeen<HouseState>({
                address: `/studio/house-style/${this.id}/name`,
                values: { name },
                seen: { name: this.state.style.name },
                saved: (state) => this.take(state),
                theirs: (theirs) =>
                    this.take({ ...this.state, style: { ...this.state.style, name: String(theirs.name) } }),
            }),
        );
    }

    async throwAway(): Promise<void> {
        const before = Object.fromEntries(this.state.changed.map((name) => [name, decided(this.state, name)]));
        await this.done(async () => {
            this.take(await post<HouseState>(`/studio/house-style/${this.id}/throw-away`, { seen: this.state.seen }));
            this.steps = [...this.steps, { words: 'thrown away', before }];
            this.keepSteps();
            notices.say('The draft is as it was published.', { words: 'Take this back', do: () => this.undo() });
        });
    }

    async letGo(): Promise<void> {
        const { name } = this.state.style;
        const tokens = Object.fromEntries(this.state.own.map((one) => [one, this.state.values[one] ?? null]));
        await this.done(async () => {
            await remove(`/studio/house-style/${this.id}`);
            inWindow.set('vestibra-house-gone', JSON.stringify({ name, tokens }));
            window.location.assign('/studio/house-style');
        });
    }

    /** After a style was let go of, it can be taken back. */
    sayGone(): void {
        const kept = inWindow.get('vestibra-house-gone');
        inWindow.remove('vestibra-house-gone');
        if (kept === null) return;
        const gone = JSON.parse(kept) as { name: string; tokens: Values };
        notices.say(`“${gone.name}” is let go of.`, { words: 'Take this back', do: () => void this.again(gone) });
    }

    private async again(gone: { name: string; tokens: Values }): Promise<void> {
        await this.done(async () => {
            const made = await post<HouseState>('/studio/house-style', { name: gone.name });
            if (Object.keys(gone.tokens).length > 0)
                await patch(`/studio/house-style/${made.style.id}`, { tokens: gone.tokens });
            await this.open(made.style.id);
        });
    }

    async read(file: File): Promise<void> {
        if (file.size > 1_000_000) {
            notices.warn('The file is larger than 1,000 kB. Nothing was kept; take out what is no style.');
            return;
        }
        await this.done(async () => {
            const name = file.name.replace(/(\.tokens)?\.json$/i, '').slice(0, 50);
            const made = await post<HouseState & { passedOver: string[] }>('/studio/house-style/import', {
                file: await file.text(),
                name,
            });
            inWindow.set(
                'vestibra-house-read',
                made.passedOver.length === 0 ? 'The file was read whole.' : made.passedOver.join(' '),
            );
            await this.open(made.style.id);
        });
    }

    sayRead(): void {
        const words = inWindow.get('vestibra-house-read');
        inWindow.remove('vestibra-house-read');
        if (words !== null) notices.say(`“${this.state.style.name}” is kept, and not in use. ${words}`);
    }

    /** Letters of the owner's own. */
    async bringLetters(file: File, kind: string): Promise<void> {
        await this.done(async () => {
            const name = file.name.replace(/\.woff2$/i, '').slice(0, 60);
            this.fonts = (
                await upload<{ fonts: HouseFont[] }>('/studio/house-style/fonts', 'file', file, { name, kind })
            ).fonts;
            notices.say(`“${name}” is among the letters now.`);
        });
    }

    async letGoOfLetters(font: HouseFont): Promise<void> {
        await this.done(async () => {
            this.fonts = (await remove<{ fonts: HouseFont[] }>(`/studio/house-style/fonts/${font.key.slice(4)}`)).fonts;
            notices.say(`“${font.name}” is let go of.`);
        });
    }

    async askImpact(): Promise<void> {
        await this.done(async () => {
            this.impact = await get<Impact & { seen: string }>(`/studio/house-style/${this.id}/impact`);
        });
    }

    async publish(note: string): Promise<void> {
        const seen = this.impact?.seen ?? '';
        await this.done(async () => {
            const { release, state } = await post<{ release: ReleaseRow; state: HouseState }>(
                `/studio/house-style/${this.id}/publish`,
                { seen, note },
            );
            this.take(state);
            notices.say(
                `The shop stands in “${state.style.name}” now. It is release ${release.id}, and can be brought back under Releases.`,
                {
                    words: 'Bring back what was',
                    do: () => void this.bringBack(release.id),
                },
            );
        });
    }

    private async bringBack(release: number): Promise<void> {
        await this.done(async () => {
            await post(`/studio/releases/${release}/bring-back`, { key: freshId() });
            await this.open(this.id);
        });
    }

    private async done(what: () => Promise<void>): Promise<void> {
        this.busy = true;
        try {
            await what();
        } catch (error) {
            notices.trouble(error);
        }
        this.busy = false;
    }
}

/** What a style says itself; null for what follows something else, or is as usual. */
function decided(state: HouseState, name: string): string | null {
    return state.own.includes(name) ? (state.values[name] ?? null) : null;
}

/** The value of a decision as CSS, where it is one as it stands. */
function cssOf(kind: HouseToken['kind'] | undefined, value: string): string | null {
    if (kind === 'paint' || kind === 'number') return value;
    if (kind === 'pixels') return `${value}px`;
    return kind === 'role' && /^[a-z-]+$/.test(value)
        ? value === 'none'
            ? 'transparent'
            : `var(--colour-${value})`
        : null;
}
