export interface NoticeAction {
    words: string;
    do: () => void;
}

export interface Notice {
    words: string;
    trouble: boolean;
    actions: NoticeAction[];
}

/** One line at the lower edge that says what happened; the newest replaces the one before. */
class Notices {
    current = $state.raw<Notice | null>(null);

    say(words: string, ...actions: NoticeAction[]): void {
        this.current = { words, trouble: false, actions };
    }

    warn(words: string, ...actions: NoticeAction[]): void {
        this.current = { words, trouble: true, actions };
    }

    trouble(error: unknown): void {
        const unreachable = 'The server cannot be reached. Nothing is lost; try again in a moment.';
        this.warn(error instanceof TypeError ? unreachable : error instanceof Error ? error.message : String(error));
    }

    clear(): void {
        this.current = null;
    }
}

export const notices = new Notices();
